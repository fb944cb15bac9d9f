package org.mildlantern.app.treatment;

import java.util.List;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.web.Web;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Leads from plants that were chosen to the case from which they are treated together. */
@Controller
class TreatManyController {
  private final Together together;
  private final PlantService plants;

  TreatManyController(Together together, PlantService plants) {
    this.together = together;
    this.plants = plants;
  }

  @GetMapping("/treatments/for")
  String treat(@RequestParam(defaultValue = "") List<Long> plant, Model model) {
    List<Together.Trouble> troubles = together.troubles(plant).orElseThrow(Web::missing);
    if (troubles.size() == 1) {
      return "redirect:" + troubles.get(0).href();
    }
    model.addAttribute("troubles", troubles);
    model.addAttribute("plants", plants.find(plant).values());
    return "treatment/for";
  }
}
