package org.mildlantern.app.diagnose;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;

/** The page of measured spots. */
@Controller
class SpotController {
  private static final double RULER_ERROR = 0.5;

  private final SpotService spots;
  private final PlantService plants;

  SpotController(SpotService spots, PlantService plants) {
    this.spots = spots;
    this.plants = plants;
  }

  @GetMapping("/plants/{id}/spots")
  String show(@PathVariable Long id, Model model) {
    model.addAttribute("spotForm", new SpotForm("", null, RULER_ERROR, null));
    return page(plant(id), model);
  }

  @PostMapping("/plants/{id}/spots")
  String add(
      @PathVariable Long id,
      @Valid @ModelAttribute("spotForm") SpotForm form,
      BindingResult errors,
      HttpServletResponse response,
      Model model) {
    PlantView plant = plant(id);
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(plant, model);
    }
    spots.add(id, form);
    return "redirect:/plants/" + id + "/spots";
  }

  private String page(PlantView plant, Model model) {
    model.addAttribute("plant", plant);
    model.addAttribute("spots", spots.of(plant.id()));
    return "diagnose/spots";
  }

  private PlantView plant(Long id) {
    return plants.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
  }
}
