package org.mildlantern.app.treatment;

import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Sets plants apart, lets them out, and takes looks for a pest. */
@Controller
class QuarantineController {
  private final QuarantineService quarantines;
  private final PlantService plants;

  QuarantineController(QuarantineService quarantines, PlantService plants) {
    this.quarantines = quarantines;
    this.plants = plants;
  }

  @PostMapping("/plants/{id}/quarantine")
  String begin(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String why,
      @RequestParam(required = false) Long place,
      RedirectAttributes flash) {
    PlantView plant = plant(id);
    try {
      say(quarantines.begin(plant.id(), why, place), flash);
    } catch (IllegalStateException | IllegalArgumentException e) {
      flash.addFlashAttribute("quarantineProblem", e.getMessage());
    }
    return "redirect:/plants/" + id + "#quarantine";
  }

  @PostMapping("/plants/{id}/quarantine/leave")
  String leave(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String why,
      RedirectAttributes flash) {
    PlantView plant = plant(id);
    try {
      say(quarantines.leave(plant.id(), why), flash);
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("quarantineProblem", e.getMessage());
      flash.addFlashAttribute("quarantineWhy", why);
    }
    return "redirect:/plants/" + id + "#quarantine";
  }

  @PostMapping("/plants/{id}/pest-looks")
  String looked(
      @PathVariable Long id,
      @RequestParam(required = false) String cause,
      @RequestParam(defaultValue = "") String counted,
      @RequestParam(required = false) String from,
      @RequestParam(required = false) Long kase,
      RedirectAttributes flash) {
    PlantView plant = plant(id);
    String back = back(id, from, kase);
    try {
      say(quarantines.looked(plant.id(), cause, number(counted)), flash);
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("quarantineProblem", e.getMessage());
      return from == null ? "redirect:/plants/" + id + "#quarantine" : back;
    }
    return back;
  }

  private static String back(Long plant, String from, Long kase) {
    if ("course".equals(from) && kase != null) {
      return "redirect:/cases/" + kase + "/treatment#counts";
    }
    return "plant".equals(from) ? "redirect:/plants/" + plant + "#quarantine" : "redirect:/today";
  }

  private static int number(String counted) {
    try {
      return Integer.parseInt(counted.strip());
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("A whole number, please; 0 when you found nothing.");
    }
  }

  private void say(Optional<Entry> entry, RedirectAttributes flash) {
    Entry said = entry.orElseThrow(QuarantineController::missing);
    flash.addFlashAttribute("just", said.text());
    flash.addFlashAttribute("justId", said.id());
    flash.addFlashAttribute("justPlant", plant(said.plantId()).name());
  }

  private PlantView plant(Long id) {
    return plants.find(id).orElseThrow(QuarantineController::missing);
  }

  private static ResponseStatusException missing() {
    return new ResponseStatusException(HttpStatus.NOT_FOUND);
  }
}
