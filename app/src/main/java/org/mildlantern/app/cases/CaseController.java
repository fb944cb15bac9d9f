package org.mildlantern.app.cases;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Paged;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.diagnosis.Response;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Remedies;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The pages of a case. */
@Controller
class CaseController {
  private static final int PAGE = 25;

  private final CaseService cases;
  private final PlantService plants;
  private final Knowledge knowledge;
  private final Remedies remedies;
  private final Scope scope;

  CaseController(
      CaseService cases, PlantService plants, Knowledge knowledge, Remedies remedies, Scope scope) {
    this.cases = cases;
    this.plants = plants;
    this.knowledge = knowledge;
    this.remedies = remedies;
    this.scope = scope;
  }

  @Kept
  @GetMapping("/cases")
  String all(
      @RequestParam(required = false) Integer page,
      @RequestParam(required = false) Integer closed,
      Model model) {
    List<CaseView> all = cases.all();
    Paged<CaseView> open = Paged.of(all.stream().filter(CaseView::open).toList(), page, PAGE);
    Paged<CaseView> shut = Paged.of(all.stream().filter(c -> !c.open()).toList(), closed, PAGE);
    model.addAttribute("open", open);
    model.addAttribute("closed", shut);
    model.addAttribute(
        "names",
        plants.names(
            Stream.concat(open.rows().stream(), shut.rows().stream())
                .map(CaseView::plantId)
                .collect(Collectors.toSet())));
    return "cases/list";
  }

  /** What a case on this cause would be, before it is opened. */
  @GetMapping("/plants/{plantId}/cases/new")
  String plan(@PathVariable Long plantId, @RequestParam String cause, Model model) {
    model.addAttribute("plan", cases.plan(plantId, cause).orElseThrow(Web::missing));
    PlantView plant = plants.find(plantId).orElseThrow(Web::missing);
    show(plant, model);
    model.addAttribute("openCase", cases.openOf(plantId).orElse(null));
    return "cases/plan";
  }

  @PostMapping("/plants/{plantId}/cases/new")
  String open(@PathVariable Long plantId, @RequestParam String cause, RedirectAttributes flash) {
    try {
      CaseView opened = cases.open(plantId, cause).orElseThrow(Web::missing);
      return "redirect:/cases/" + opened.id();
    } catch (IllegalStateException e) {
      flash.addFlashAttribute("problem", e.getMessage());
      return "redirect:/plants/" + plantId + "/cases/new?cause=" + cause;
    }
  }

  @GetMapping("/cases/{id}")
  String show(@PathVariable Long id, Model model) {
    CaseView found = cases.find(id).orElseThrow(Web::missing);
    model.addAttribute("kase", found);
    PlantView plant = plants.find(found.plantId()).orElseThrow();
    show(plant, model);
    model.addAttribute("opening", Decibans.percent(found.probability()));
    model.addAttribute(
        "after",
        found.changes().stream()
            .filter(s -> s.answer().probabilityAfter() != null)
            .collect(
                Collectors.toMap(
                    CaseView.Step::id, s -> Decibans.percent(s.answer().probabilityAfter()))));
    model.addAttribute("otherChanges", otherChanges(found, plant));
    model.addAttribute("treatable", remedies.pests().find(found.cause().id()).isPresent());
    model.addAttribute("rot", remedies.rots().find(found.cause().id()).isPresent());
    model.addAttribute("noCourse", remedies.without(found.cause().id()).orElse(null));
    model.addAttribute("outcomes", Outcome.values());
    return "cases/page";
  }

  /** The plant, how it lives, and what it does to those who bite or cut it. */
  private void show(PlantView plant, Model model) {
    model.addAttribute("plant", plant);
    model.addAttribute(
        "living", plant.now(knowledge).lore(scope.today(), scope.latitude()).living());
    model.addAttribute("toxic", plant.kind().taxon().map(knowledge::toxicity).orElse(null));
  }

  /** The changes that treat the cause come first, then what else is fit for the plant. */
  private List<Change> otherChanges(CaseView found, PlantView plant) {
    Lore lore = plant.now(knowledge).lore(scope.today(), scope.latitude());
    CaseView.Step current = found.current();
    String now = current == null ? "" : current.change().id();
    return knowledge.changes().stream()
        .filter(c -> !c.id().equals(now) && !lore.unfit(c))
        .sorted(
            java.util.Comparator.comparing((Change c) -> !found.cause().treatedBy(c.id()))
                .thenComparing(Change::label))
        .toList();
  }

  @PostMapping("/cases/{id}/response")
  String respond(
      @PathVariable Long id, @RequestParam Response.Outcome outcome, RedirectAttributes flash) {
    cases
        .respond(id, outcome)
        .ifPresentOrElse(
            entry -> {
              flash.addFlashAttribute("said", entry.text() + ".");
              flash.addFlashAttribute("undo", entry.id());
            },
            () -> {
              cases.find(id).orElseThrow(Web::missing);
              flash.addFlashAttribute("said", "That look was answered already.");
            });
    return "redirect:/cases/" + id;
  }

  @PostMapping("/cases/{id}/keep")
  String keep(@PathVariable Long id) {
    return toCase(cases.keep(id));
  }

  @PostMapping("/cases/{id}/undo-change")
  String undoChange(@PathVariable Long id) {
    return toCase(cases.undoChange(id));
  }

  @PostMapping("/cases/{id}/next")
  String next(
      @PathVariable Long id,
      @RequestParam String change,
      @RequestParam(defaultValue = "") String reason,
      RedirectAttributes flash) {
    try {
      return toCase(cases.next(id, change, reason));
    } catch (CaseService.WindowOpen e) {
      flash.addFlashAttribute("windowOpen", e.getMessage());
      flash.addFlashAttribute("wanted", change);
      return "redirect:/cases/" + id + "#next";
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("reasonProblem", e.getMessage());
      flash.addFlashAttribute("wanted", change);
      flash.addFlashAttribute("reason", reason);
      return "redirect:/cases/" + id + "#next";
    }
  }

  @PostMapping("/cases/{id}/close")
  String close(
      @PathVariable Long id,
      @RequestParam Outcome outcome,
      @RequestParam(defaultValue = "") String learned,
      RedirectAttributes flash) {
    try {
      return toCase(cases.close(id, outcome, learned));
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("learnedProblem", e.getMessage());
      flash.addFlashAttribute("learned", learned);
      flash.addFlashAttribute("outcome", outcome);
      return "redirect:/cases/" + id + "#close";
    }
  }

  private static String toCase(Optional<CaseView> found) {
    return "redirect:/cases/" + found.orElseThrow(Web::missing).id();
  }
}
