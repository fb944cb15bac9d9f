package org.mildlantern.app.rot;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.knowledge.Rot;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Shows a rot, and takes what is seen of it. */
@Controller
class RotController {
  private final RotService rots;
  private final CaseService cases;
  private final PlantService plants;
  private final Answered answered;
  private final Scope scope;

  RotController(
      RotService rots, CaseService cases, PlantService plants, Answered answered, Scope scope) {
    this.rots = rots;
    this.cases = cases;
    this.plants = plants;
    this.answered = answered;
    this.scope = scope;
  }

  @Kept
  @GetMapping("/cases/{id}/rot")
  String show(@PathVariable Long id, Model model) {
    CaseView kase = cases.find(id).orElseThrow(Web::missing);
    Optional<Rot> rot = rots.rot(kase);
    if (rot.isEmpty()) {
      return "redirect:/cases/" + id + "/treatment";
    }
    PlantView plant = plants.find(kase.plantId()).orElseThrow(Web::missing);
    List<Entry> looks = rots.looks(List.of(kase)).getOrDefault(plant.id(), List.of());
    Optional<LocalDate> next = kase.open() ? rots.next(kase, looks) : Optional.empty();
    model.addAttribute(
        "view", RotView.of(kase, plant, rot.get(), looks, next.orElse(null), scope.today()));
    model.addAttribute("edges", Edge.values());
    return "rot/page";
  }

  @PostMapping("/today/rots/{id}")
  String look(
      @PathVariable Long id,
      @RequestParam Edge edge,
      @RequestParam(required = false) String from,
      RedirectAttributes flash) {
    cases.find(id).orElseThrow(Web::missing);
    Optional<Entry> entry = rots.look(id, edge);
    if ("rot".equals(from)) {
      entry.ifPresent(said -> answered.say(said, flash));
      return "redirect:/cases/" + id + "/rot";
    }
    return answered.toRound(entry, flash);
  }
}
