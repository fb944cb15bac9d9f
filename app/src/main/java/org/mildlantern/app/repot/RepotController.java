package org.mildlantern.app.repot;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.journal.Repotted;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.knowledge.Retention;
import org.mildlantern.core.repot.Blend;
import org.mildlantern.core.repot.PotSize;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The pages of repotting. */
@Controller
class RepotController {
  private static final Words WORDS = Words.of(RepotController.class);

  private final RepotService repotting;
  private final PlantService plants;
  private final WeekendService weekends;
  private final RepotWords words;
  private final PlantNotes notes;
  private final Answered answered;
  private final Knowledge knowledge;
  private final Media media;
  private final Repots repots;

  RepotController(
      RepotService repotting,
      PlantService plants,
      WeekendService weekends,
      RepotWords words,
      PlantNotes notes,
      Answered answered,
      Knowledge knowledge,
      Media media,
      Repots repots) {
    this.repotting = repotting;
    this.plants = plants;
    this.weekends = weekends;
    this.words = words;
    this.notes = notes;
    this.answered = answered;
    this.knowledge = knowledge;
    this.media = media;
    this.repots = repots;
  }

  @ModelAttribute("media")
  List<Medium> allMedia() {
    return knowledge.media().stream().toList();
  }

  @ModelAttribute("components")
  List<Retention> components() {
    return media.components().stream().toList();
  }

  @ModelAttribute("shapes")
  PotShape.Kind[] shapes() {
    return PotShape.Kind.values();
  }

  @Kept
  @GetMapping("/repotting")
  String all(Model model) {
    Map<String, List<RepotView>> groups = new LinkedHashMap<>();
    for (String group : List.of("now", "later", "wait", "not")) {
      groups.put(group, new ArrayList<>());
    }
    repotting.all().values().stream()
        .sorted(
            Comparator.comparing(
                    (Decided decided) -> decided.on() == null ? LocalDate.MAX : decided.on())
                .thenComparing(decided -> -decided.decision().odds())
                .thenComparing(decided -> decided.plant().name()))
        .forEach(decided -> groups.get(group(decided)).add(words.view(decided)));
    model.addAttribute("groups", groups);
    model.addAttribute("day", weekends.today());
    model.addAttribute("mixForm", new MixForm("", null, null, null, null));
    return "repot/page";
  }

  private static String group(Decided decided) {
    return decided.isDue()
        ? "now"
        : switch (decided.decision().answer()) {
          case NOW, AT_ONCE, LATER -> "later";
          case WAIT_AND_SHELTER -> "wait";
          case NOT_THIS_YEAR, NEVER -> "not";
        };
  }

  @GetMapping("/repotting/weekend")
  String weekend(
      @RequestParam(defaultValue = "") Set<Long> plants,
      @RequestParam(required = false) LocalDate day,
      Model model) {
    LocalDate on = day == null || day.isBefore(weekends.today()) ? weekends.today() : day;
    Set<Long> chosen =
        plants.isEmpty()
            ? weekends.due(on).map(decided -> decided.plant().id()).collect(Collectors.toSet())
            : plants;
    model.addAttribute("day", Days.spoken(on));
    model.addAttribute("weekend", weekends.plan(chosen, on));
    return "repot/weekend";
  }

  @GetMapping("/repotting/mix")
  String mix(
      @Valid @ModelAttribute("mixForm") MixForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response) {
    if (!errors.hasErrors()) {
      Medium medium = knowledge.media().find(form.medium()).orElse(null);
      Map<Retention, Double> parts = medium == null ? null : media.mixOf(medium.id()).orElse(null);
      if (parts == null) {
        errors.rejectValue("medium", "fits", WORDS.say("no-such-medium"));
      } else {
        PotShape pot = PotShape.of(form.shape(), form.width(), null);
        model.addAttribute(
            "mix", weekends.mix(medium.label(), parts, pot.litres() * form.pots(), pot));
        model.addAttribute("stand", standIns(parts, form));
      }
    }
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    }
    return "repot/mix";
  }

  private List<String> standIns(Map<Retention, Double> parts, MixForm form) {
    if (form.has().isEmpty()) {
      return List.of();
    }
    return Blend.standIns(repots.of(parts).keySet(), Set.copyOf(form.has())).entrySet().stream()
        .map(
            stand ->
                stand.getValue().isEmpty()
                    ? WORDS.say("nothing-instead", label(stand.getKey()))
                    : WORDS.say("instead", label(stand.getKey()), label(stand.getValue())))
        .toList();
  }

  private String label(String component) {
    return media.components().find(component).orElseThrow().label();
  }

  @GetMapping("/plants/{id}/repotting")
  String one(@PathVariable Long id, Model model) {
    model.addAttribute("potForm", new PotForm(null, null));
    model.addAttribute("repotForm", new RepotForm(null, ""));
    return one(id, model, null);
  }

  private String one(Long id, Model model, PotForm pot) {
    PlantView plant = plants.find(id).orElseThrow(Web::missing);
    Decided decided = repotting.of(plant).orElseThrow(Web::missing);
    model.addAttribute("view", words.view(decided));
    if (pot != null) {
      PotSize size =
          PotSize.of(plant.kind().way(), pot.roots(), pot.year() == null ? 0 : pot.year());
      model.addAttribute("size", size);
      model.addAttribute("mix", mixFor(plant, size));
    }
    return "repot/plant";
  }

  private Weekend.Mix mixFor(PlantView plant, PotSize size) {
    if (plant.medium() == null) {
      return null;
    }
    PotShape shape = PotShape.of(plant.pot().shape(), size.cm(), null);
    return media
        .mixOf(plant.medium().id())
        .map(parts -> weekends.mix(plant.medium().label(), parts, shape.litres(), shape))
        .orElse(null);
  }

  @GetMapping("/plants/{id}/repotting/size")
  String size(
      @PathVariable Long id,
      @Valid @ModelAttribute("potForm") PotForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response) {
    model.addAttribute("repotForm", new RepotForm(null, ""));
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return one(id, model, null);
    }
    return one(id, model, form);
  }

  @PostMapping("/plants/{id}/repotting/put-off")
  String putOff(
      @PathVariable Long id,
      @Valid @ModelAttribute("repotForm") RepotForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (form.until() != null && !form.until().isAfter(weekends.today())) {
      errors.rejectValue("until", "fits", WORDS.say("day-over"));
    }
    if (errors.hasErrors()) {
      model.addAttribute("potForm", new PotForm(null, null));
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return one(id, model, null);
    }
    repotting.putOff(id, form.until(), form.reason()).orElseThrow(Web::missing);
    flash.addFlashAttribute("said", WORDS.say("said-put-off", Days.near(form.until())));
    return "redirect:/plants/" + id + "/repotting";
  }

  @PostMapping("/plants/{id}/repotting/take-back")
  String takeBack(@PathVariable Long id, RedirectAttributes flash) {
    repotting.takeBack(id).orElseThrow(Web::missing);
    flash.addFlashAttribute("said", WORDS.say("said-back"));
    return "redirect:/plants/" + id + "/repotting";
  }

  @PostMapping("/repotting/done")
  String done(
      @RequestParam(defaultValue = "") List<Long> plants,
      @RequestParam(defaultValue = "false") boolean page,
      RedirectAttributes flash) {
    List<Entry> noted = notes.writeAll(plants, new Repotted(null, null));
    answered.sayAll(noted, WORDS.say("repotted-noted", noted.size()), flash);
    return page ? "redirect:/repotting" : "redirect:/today";
  }
}
