package org.mildlantern.app.today;

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
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The round, answered in place. */
@Controller
class TodayController {
  private final RoundService rounds;
  private final PlantService plants;
  private final CaseService cases;
  private final WaitingTestService tests;
  private final WateringAnswers watering;
  private final JournalService journal;
  private final Scope scope;

  TodayController(
      RoundService rounds,
      PlantService plants,
      CaseService cases,
      WaitingTestService tests,
      WateringAnswers watering,
      JournalService journal,
      Scope scope) {
    this.rounds = rounds;
    this.plants = plants;
    this.cases = cases;
    this.tests = tests;
    this.watering = watering;
    this.journal = journal;
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

  @PostMapping("/today/plants/{id}/water")
  String water(
      @PathVariable Long id,
      @RequestParam String answer,
      @RequestHeader(name = "HX-Request", required = false) String htmx,
      Model model) {
    String line = answer.equals("watered") ? "watered" : "felt " + answer;
    if (answer.equals("skip")) {
      Entry skipped = watering.skip(id).orElseThrow(TodayController::missing);
      return answered(skipped, htmx, model);
    }
    try {
      Entry entry = plants.quick(id, line).orElseThrow(TodayController::missing);
      return answered(entry, htmx, model);
    } catch (IllegalArgumentException e) {
      throw new ResponseStatusException(HttpStatus.BAD_REQUEST, e.getMessage());
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

  private String answered(Entry entry, String htmx, Model model) {
    if (htmx == null) {
      return "redirect:/today";
    }
    return show(scope.today(), entry, model) + " :: round";
  }

  private String show(LocalDate day, Entry just, Model model) {
    model.addAttribute("round", rounds.round(day));
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
