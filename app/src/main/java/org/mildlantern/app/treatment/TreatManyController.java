package org.mildlantern.app.treatment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Remedies;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Finds the case from which plants that were chosen together are treated. */
@Controller
class TreatManyController {
  private final CaseService cases;
  private final PlantService plants;
  private final Remedies remedies;

  TreatManyController(CaseService cases, PlantService plants, Remedies remedies) {
    this.cases = cases;
    this.plants = plants;
    this.remedies = remedies;
  }

  /** A trouble that some of them have, with where it is treated and the plants that have it. */
  record Trouble(String href, Cause cause, List<PlantView> plants) {}

  @GetMapping("/treatments/for")
  String treat(@RequestParam(defaultValue = "") List<Long> plant, Model model) {
    Map<Long, PlantView> found = plants.find(plant);
    if (plant.isEmpty() || !found.keySet().containsAll(plant)) {
      throw Web.missing();
    }
    Map<Long, CaseView> open = cases.open();
    Map<Cause, List<PlantView>> having = new LinkedHashMap<>();
    for (Long id : plant.stream().distinct().toList()) {
      CaseView its = open.get(id);
      if (its != null && remedies.pests().find(its.cause().id()).isPresent()) {
        having.computeIfAbsent(its.cause(), cause -> new ArrayList<>()).add(found.get(id));
      }
    }
    List<Trouble> troubles =
        having.entrySet().stream()
            .map(e -> new Trouble(href(e.getValue(), plant, open), e.getKey(), e.getValue()))
            .toList();
    if (troubles.size() == 1) {
      return "redirect:" + troubles.get(0).href();
    }
    model.addAttribute("troubles", troubles);
    model.addAttribute("plants", plant.stream().distinct().map(found::get).toList());
    return "treatment/for";
  }

  /** The treatment of the first that has it, with all the others but those that have another. */
  private static String href(List<PlantView> having, List<Long> all, Map<Long, CaseView> open) {
    CaseView first = open.get(having.get(0).id());
    String others =
        all.stream()
            .distinct()
            .filter(id -> !id.equals(first.plantId()))
            .filter(id -> open.get(id) == null || open.get(id).cause().equals(first.cause()))
            .map(String::valueOf)
            .collect(Collectors.joining(","));
    return "/cases/" + first.id() + "/treatment" + (others.isEmpty() ? "" : "?with=" + others);
  }
}
