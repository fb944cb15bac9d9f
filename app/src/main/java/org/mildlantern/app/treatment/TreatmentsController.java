package org.mildlantern.app.treatment;

import java.util.Map;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.traps.TrapService;
import org.mildlantern.app.web.Kept;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.treatment.Quarantine;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** All treatment under way, the traps, and the schools that the collection follows. */
@Controller
class TreatmentsController {
  private final TreatmentsOverview overview;
  private final TrapService traps;
  private final ChoiceService choices;
  private final CaseService cases;
  private final PlantService plants;
  private final Remedies remedies;
  private final CollectionMemo memo;

  TreatmentsController(
      TreatmentsOverview overview,
      TrapService traps,
      ChoiceService choices,
      CaseService cases,
      PlantService plants,
      Remedies remedies,
      CollectionMemo memo) {
    this.memo = memo;
    this.overview = overview;
    this.traps = traps;
    this.choices = choices;
    this.cases = cases;
    this.plants = plants;
    this.remedies = remedies;
  }

  @Kept
  @GetMapping("/treatments")
  String all(TreatmentsOverview.Pages pages, Model model) {
    model.addAttribute(
        "view",
        memo.lately(
            pages.toString(), () -> overview.of(cases.open().values(), plants.kept(), pages)));
    model.addAttribute(
        "traps",
        memo.lately(
            "traps " + pages.traps() + " " + pages.place(),
            () -> traps.page(pages.traps(), pages.place())));
    model.addAttribute("pestSchools", remedies.schools("pests"));
    model.addAttribute("diseaseSchools", remedies.schools("diseases"));
    model.addAttribute("quarantineSchools", Quarantine.Rule.values());
    model.addAttribute("chosen", chosen());
    return "treatment/overview";
  }

  private Map<String, String> chosen() {
    Map<String, String> chosen = new java.util.HashMap<>();
    chosen.put("pests", remedies.defaultSchool("pests").id());
    chosen.put("diseases", remedies.defaultSchool("diseases").id());
    chosen.put("quarantine", Quarantine.Rule.LONGER.name());
    chosen.putAll(choices.all());
    return chosen;
  }

  @PostMapping("/treatments/schools")
  String schools(
      @RequestParam String pests,
      @RequestParam String diseases,
      @RequestParam Quarantine.Rule quarantine,
      @RequestParam(defaultValue = "") String pets,
      @RequestParam(defaultValue = "") String fish,
      RedirectAttributes flash) {
    if (!offered("pests", pests) || !offered("diseases", diseases)) {
      flash.addFlashAttribute("said", "Pick a school from the list.");
      return "redirect:/treatments#schools";
    }
    choices.choose("pests", pests);
    choices.choose("diseases", diseases);
    choices.choose("quarantine", quarantine.name());
    choices.choose(VisitGround.PETS, pets.isEmpty() ? "no" : VisitGround.YES);
    choices.choose(VisitGround.FISH, fish.isEmpty() ? "no" : VisitGround.YES);
    flash.addFlashAttribute("said", "Saved. Cases may still depart from it.");
    return "redirect:/treatments#schools";
  }

  private boolean offered(String topic, String school) {
    return remedies.schools(topic).stream()
        .anyMatch(s -> s.id().equals(school) && s.declined() == null);
  }
}
