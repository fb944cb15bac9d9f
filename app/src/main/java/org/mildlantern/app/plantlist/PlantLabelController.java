package org.mildlantern.app.plantlist;

import java.util.List;
import org.mildlantern.app.web.Square;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** A sheet of labels for plants. */
@Controller
class PlantLabelController {
  private final ManyPlants many;

  PlantLabelController(ManyPlants many) {
    this.many = many;
  }

  @GetMapping("/plants/labels")
  String labels(@RequestParam(defaultValue = "") List<Long> plant, Model model) {
    String home = ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
    model.addAttribute(
        "labels",
        many.find(plant.stream().limit(ManyPlants.MOST).toList()).stream()
            .map(one -> new Label(one, Square.of(home + "/plants/" + one.id())))
            .toList());
    return "plantlist/labels";
  }
}
