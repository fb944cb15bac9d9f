package org.mildlantern.app.plantlist;

import java.util.List;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.web.Web;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** A sheet of labels for plants. */
@Controller
class PlantLabelController {
  private final PlantService plants;

  PlantLabelController(PlantService plants) {
    this.plants = plants;
  }

  @GetMapping("/plants/labels")
  String labels(@RequestParam(defaultValue = "") List<Long> plant, Model model) {
    String home = ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
    model.addAttribute(
        "labels",
        plant.stream()
            .distinct()
            .limit(PlantListController.MOST)
            .map(id -> plants.find(id).orElseThrow(Web::missing))
            .map(one -> Label.of(one, home + "/plants/" + one.id()))
            .toList());
    return "plantlist/labels";
  }
}
