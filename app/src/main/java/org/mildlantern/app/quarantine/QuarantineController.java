package org.mildlantern.app.quarantine;

import java.util.List;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.reading.Typed;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Sets plants apart, lets them out, and takes looks for a pest. */
@Controller
class QuarantineController {
  private static final Words WORDS = Words.of(QuarantineController.class);

  private final QuarantineService quarantines;
  private final PlantService plants;
  private final PlaceService places;
  private final Answered answered;

  QuarantineController(
      QuarantineService quarantines, PlantService plants, PlaceService places, Answered answered) {
    this.quarantines = quarantines;
    this.places = places;
    this.plants = plants;
    this.answered = answered;
  }

  @PostMapping("/plants/{id}/quarantine")
  String begin(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String why,
      @RequestParam(required = false) Long place,
      RedirectAttributes flash) {
    PlantView plant = plant(id);
    try {
      answered.say(quarantines.begin(plant.id(), why, place).orElseThrow(Web::missing), flash);
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
      answered.say(quarantines.leave(plant.id(), why).orElseThrow(Web::missing), flash);
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
      answered.say(
          quarantines.looked(plant.id(), cause, number(counted)).orElseThrow(Web::missing), flash);
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("quarantineProblem", e.getMessage());
      return from == null ? "redirect:/plants/" + id + "#quarantine" : back;
    }
    return back;
  }

  /** Plants of a place that were looked over in one go: nothing was there but on some of them. */
  @PostMapping("/places/{id}/pest-looks")
  String lookedOver(
      @PathVariable Long id,
      @RequestParam String cause,
      @RequestParam(name = "plants", defaultValue = "") List<Long> over,
      @RequestParam(defaultValue = "") List<Long> but,
      RedirectAttributes flash) {
    places.find(id).orElseThrow(Web::missing);
    List<PlantView> here =
        plants.kept().stream()
            .filter(plant -> plant.place().id().equals(id) && over.contains(plant.id()))
            .toList();
    try {
      List<Entry> looks =
          here.stream()
              .map(
                  plant ->
                      quarantines
                          .looked(plant.id(), cause, but.contains(plant.id()) ? 1 : 0)
                          .orElseThrow(Web::missing))
              .toList();
      long found = here.stream().filter(plant -> but.contains(plant.id())).count();
      answered.sayAll(looks, WORDS.say("looked-over", looks.size(), found), flash);
    } catch (IllegalArgumentException e) {
      throw Web.badRequest(e.getMessage());
    }
    return "redirect:/today";
  }

  private static String back(Long plant, String from, Long kase) {
    if ("course".equals(from) && kase != null) {
      return "redirect:/cases/" + kase + "/treatment#counts";
    }
    return "plant".equals(from) ? "redirect:/plants/" + plant + "#quarantine" : "redirect:/today";
  }

  private static int number(String counted) {
    return Typed.whole(counted)
        .orElseThrow(
            () ->
                new IllegalArgumentException("A whole number, please; 0 when you found nothing."));
  }

  private PlantView plant(Long id) {
    return plants.find(id).orElseThrow(Web::missing);
  }
}
