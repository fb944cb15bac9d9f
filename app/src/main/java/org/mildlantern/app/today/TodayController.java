package org.mildlantern.app.today;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.diagnose.WaitingTestService;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.watering.WateringAnswers;
import org.mildlantern.core.diagnosis.Response;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The round, answered in place. */
@Controller
class TodayController {
  private final RoundService rounds;
  private final PlantService plants;
  private final CaseService cases;
  private final WaitingTestService tests;
  private final WateringAnswers watering;
  private final JournalService journal;
  private final RoundChoices choices;
  private final Scope scope;

  TodayController(
      RoundService rounds,
      PlantService plants,
      CaseService cases,
      WaitingTestService tests,
      WateringAnswers watering,
      JournalService journal,
      RoundChoices choices,
      Scope scope) {
    this.rounds = rounds;
    this.plants = plants;
    this.cases = cases;
    this.tests = tests;
    this.watering = watering;
    this.journal = journal;
    this.choices = choices;
    this.scope = scope;
  }

  @GetMapping("/")
  String home() {
    return "redirect:/today";
  }

  @GetMapping("/today")
  String today(
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day,
      @RequestHeader(name = "HX-Request", required = false) String htmx,
      Model model) {
    return show(day == null ? scope.today() : day, null, model) + (htmx == null ? "" : " :: round");
  }

  /** Answers about a pot: what was felt, a drink, a level, a skip, or a weight. */
  @PostMapping("/today/plants/{id}/water")
  String water(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String answer,
      @RequestParam(required = false) String grams,
      @RequestHeader(name = "HX-Request", required = false) String htmx,
      @RequestHeader(name = AnswerGuard.WAITED, required = false) String waited,
      HttpServletResponse response,
      Model model) {
    Optional<String> skipped = WaterItems.skipped(answer);
    if (skipped.isPresent()) {
      return answered(
          watering.skip(id, skipped.get()).orElseThrow(TodayController::missing), htmx, model);
    }
    String line =
        grams != null
            ? "weighed " + grams.strip() + " g"
            : WaterItems.line(answer)
                .orElseThrow(
                    () ->
                        new ResponseStatusException(
                            HttpStatus.BAD_REQUEST, "no such answer: " + answer));
    try {
      if (grams != null && !grams.strip().matches("\\d+([.,]\\d+)?")) {
        throw new IllegalArgumentException("A weight in grams, please, such as 412.");
      }
      return answered(plants.quick(id, line).orElseThrow(TodayController::missing), htmx, model);
    } catch (IllegalArgumentException e) {
      if (waited != null || htmx == null) {
        throw new ResponseStatusException(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage());
      }
      model.addAttribute("faultOn", "water-" + id);
      model.addAttribute("fault", e.getMessage());
      model.addAttribute("typed", grams);
      response.setHeader(AnswerGuard.REFUSED, "1");
      return answered(null, htmx, model);
    }
  }

  /** Every kept plant of a place had a drink; each can be undone by itself. */
  @PostMapping("/today/places/{id}/watered")
  String placeWatered(
      @PathVariable Long id,
      @RequestHeader(name = "HX-Request", required = false) String htmx,
      Model model) {
    List<Entry> watered = watering.placeWatered(id).orElseThrow(TodayController::missing);
    return answered(watered.isEmpty() ? null : watered.get(watered.size() - 1), htmx, model);
  }

  @PostMapping("/today/cases/{id}")
  String look(
      @PathVariable Long id,
      @RequestParam Response.Outcome outcome,
      @RequestHeader(name = "HX-Request", required = false) String htmx,
      Model model) {
    Optional<Entry> entry = cases.respond(id, outcome);
    if (entry.isEmpty()) {
      cases.find(id).orElseThrow(TodayController::missing);
    }
    return answered(entry.orElse(null), htmx, model);
  }

  @PostMapping("/today/tests/{id}")
  String test(
      @PathVariable Long id,
      @RequestParam boolean there,
      @RequestHeader(name = "HX-Request", required = false) String htmx,
      Model model) {
    return answered(tests.answer(id, there).orElseThrow(TodayController::missing), htmx, model);
  }

  /** How long a day may be, and from which odds a pot is watered without a look. */
  @PostMapping("/today/choices")
  String choose(
      @RequestParam(defaultValue = "") String minutes,
      @RequestParam(defaultValue = "") String unseen,
      RedirectAttributes flash) {
    Double most = minutes.isBlank() ? null : RoundChoices.minutes(minutes);
    if (!minutes.isBlank() && most == null) {
      flash.addFlashAttribute("minutesFault", "Between 5 and 600 minutes, or nothing for any.");
      flash.addFlashAttribute("minutesTyped", minutes);
      return "redirect:/today#choices";
    }
    choices.choose(most, RoundChoices.percent(unseen));
    flash.addFlashAttribute("said", "Saved.");
    return "redirect:/today#choices";
  }

  /** Takes an entry back, from wherever it was offered. */
  @PostMapping("/entries/{id}/undo")
  String undo(
      @PathVariable Long id,
      @RequestParam(required = false) String from,
      @RequestHeader(name = "HX-Request", required = false) String htmx,
      Model model) {
    Entry entry = journal.retract(id).orElseThrow(TodayController::missing);
    if (htmx != null && from == null) {
      return show(scope.today(), null, model) + " :: round";
    }
    return "redirect:" + back(from, entry.plantId());
  }

  private static String back(String from, Long plantId) {
    return switch (from == null ? "" : from) {
      case "plant" -> "/plants/" + plantId;
      case "photos" -> "/plants/" + plantId + "/photos";
      default -> "/today";
    };
  }

  /** Says who is signed in and with which token answers that waited may be sent. */
  @GetMapping("/today/line")
  @ResponseBody
  Line line(CsrfToken token) {
    return new Line(scope.keeper().keeperId(), token.getHeaderName(), token.getToken());
  }

  record Line(Long keeper, String header, String token) {}

  private String answered(Entry entry, String htmx, Model model) {
    if (htmx == null) {
      return "redirect:/today";
    }
    return show(scope.today(), entry, model) + " :: round";
  }

  private String show(LocalDate day, Entry just, Model model) {
    model.addAttribute("round", rounds.round(day));
    model.addAttribute("unseen", choices.unseenPercent());
    model.addAttribute("odds", RoundChoices.ODDS);
    if (just != null) {
      model.addAttribute("just", just.text());
      model.addAttribute("justId", just.id());
      model.addAttribute("justPlant", plants.find(just.plantId()).map(p -> p.name()).orElse(""));
    }
    return "today/page";
  }

  private static ResponseStatusException missing() {
    return new ResponseStatusException(HttpStatus.NOT_FOUND);
  }
}
