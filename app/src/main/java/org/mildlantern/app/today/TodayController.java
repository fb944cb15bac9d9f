package org.mildlantern.app.today;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.Towns;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.round.RoundChoices;
import org.mildlantern.app.web.Htmx;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Paged;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.round.DayTimes;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Shows the round; features take the answers of their own rows. */
@Controller
class TodayController {
  /** Plants on a page of those that ask. */
  private static final int ASKING = 100;

  private final RoundService rounds;
  private final JournalService journal;
  private final RoundChoices choices;
  private final WorkCounts work;
  private final Weeks weeks;
  private final PlantService plants;
  private final KeeperService keepers;
  private final Scope scope;

  TodayController(
      RoundService rounds,
      JournalService journal,
      RoundChoices choices,
      WorkCounts work,
      Weeks weeks,
      PlantService plants,
      KeeperService keepers,
      Scope scope) {
    this.work = work;
    this.weeks = weeks;
    this.plants = plants;
    this.keepers = keepers;
    this.rounds = rounds;
    this.journal = journal;
    this.choices = choices;
    this.scope = scope;
  }

  @GetMapping("/")
  String home() {
    return "redirect:/today";
  }

  @Kept
  @GetMapping("/today")
  String today(
      @RequestParam(required = false) LocalDate day,
      @RequestParam(required = false) Long place,
      @RequestParam(required = false) Integer page,
      Htmx htmx,
      Model model) {
    // An answer comes back to the place and the page in which it was given.
    boolean back = place == null && day == null;
    if (back && !htmx.on() && rounds.board().plants().isEmpty() && plants.archived().isEmpty()) {
      return doors(model);
    }
    Long at = back ? htmx.shown("place").orElse(null) : place;
    Integer of = back ? htmx.shown("page").map(Long::intValue).orElse(null) : page;
    model.addAttribute("round", rounds.round(day == null ? scope.today() : day, at, of));
    model.addAttribute("unseen", choices.unseenPercent());
    model.addAttribute("odds", RoundChoices.ODDS);
    model.addAttribute("weekdays", DayOfWeek.values());
    if (!model.containsAttribute("weekdayTyped")) {
      model.addAttribute("weekdayTyped", choices.weekdays());
    }
    return htmx.page("today/page", "round");
  }

  /** The ways in, while nothing is kept yet. */
  private String doors(Model model) {
    model.addAttribute("located", keepers.located());
    model.addAttribute(
        "near", Towns.ofZone(scope.zone().getId()).map(Towns.Town::name).orElse(null));
    return "today/doors";
  }

  /** The work of a month, by day and by place. */
  @Kept
  @GetMapping("/today/month")
  String month(@RequestParam(required = false) String month, Model model) {
    model.addAttribute("month", work.month(rounds.board(), Month.wished(month, scope.today())));
    return "today/month";
  }

  /** The days ahead with the time that each has, and what cannot wait for a day that has some. */
  @Kept
  @GetMapping("/today/week")
  String week(Model model) {
    model.addAttribute("week", weeks.of(rounds.board()));
    return "today/week";
  }

  /** All plants that ask for their keeper. */
  @Kept
  @GetMapping("/today/asking")
  String asking(@RequestParam(required = false) Integer page, Model model) {
    Board board = rounds.board();
    model.addAttribute("board", board);
    model.addAttribute("asking", Paged.of(rounds.asking(board).plants(), page, ASKING));
    return "today/asking";
  }

  /** How long a day may be, and from which odds a pot is watered without a look. */
  @PostMapping("/today/choices")
  String choose(
      @RequestParam(defaultValue = "") String minutes,
      @RequestParam(defaultValue = "") List<String> weekday,
      @RequestParam(defaultValue = "") String unseen,
      RedirectAttributes flash) {
    Double most = minutes.isBlank() ? null : RoundChoices.minutes(minutes);
    if (!minutes.isBlank() && most == null) {
      flash.addFlashAttribute("minutesFault", "Between 5 and 600 minutes, or nothing for any.");
      flash.addFlashAttribute("minutesTyped", minutes);
      flash.addFlashAttribute("weekdayTyped", sevenOf(weekday));
      return "redirect:/today#choices";
    }
    Map<DayOfWeek, Double> named = new EnumMap<>(DayOfWeek.class);
    try {
      for (DayOfWeek day : DayOfWeek.values()) {
        String typed = day.ordinal() < weekday.size() ? weekday.get(day.ordinal()).strip() : "";
        if (!typed.isEmpty()) {
          named.put(day, RoundChoices.dayMinutes(typed));
        }
      }
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("weekdayFault", "Between 0 and 600 minutes each, or nothing.");
      flash.addFlashAttribute("minutesTyped", minutes);
      flash.addFlashAttribute("weekdayTyped", sevenOf(weekday));
      return "redirect:/today#choices";
    }
    choices.choose(new DayTimes(most, named), RoundChoices.percent(unseen));
    flash.addFlashAttribute("said", "Saved.");
    return "redirect:/today#choices";
  }

  private static List<String> sevenOf(List<String> typed) {
    return IntStream.range(0, DayOfWeek.values().length)
        .mapToObj(i -> i < typed.size() ? typed.get(i) : "")
        .toList();
  }

  /** Takes an entry back, from wherever it was offered. */
  @PostMapping("/entries/{id}/undo")
  String undo(@PathVariable Long id, @RequestParam(required = false) String from) {
    Entry entry = journal.retract(id).orElseThrow(Web::missing);
    return switch (from == null ? "" : from) {
      case "plant" -> "redirect:/plants/" + entry.plantId();
      case "photos" -> "redirect:/plants/" + entry.plantId() + "/photos";
      default -> "redirect:/today";
    };
  }

  /** Takes back what was answered as one, the last first. */
  @PostMapping("/entries/undo")
  String undo(@RequestParam List<Long> entry) {
    if (journal.retractAll(entry) == 0) {
      throw Web.missing();
    }
    return "redirect:/today";
  }

  /** Says who is signed in and with which token answers that waited may be sent. */
  @GetMapping("/today/line")
  @ResponseBody
  Line line(CsrfToken token) {
    return new Line(scope.keeper().keeperId(), token.getHeaderName(), token.getToken());
  }

  record Line(Long keeper, String header, String token) {}
}
