package org.mildlantern.app.traps;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.reading.Typed;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Takes counts of traps and strikes them out. */
@Controller
class TrapController {
  private final TrapService traps;
  private final PlaceService places;

  TrapController(TrapService traps, PlaceService places) {
    this.places = places;
    this.traps = traps;
  }

  @PostMapping("/places/{id}/traps")
  String count(
      @PathVariable Long id,
      @RequestParam(required = false) LocalDate day,
      @RequestParam(defaultValue = "") String traps,
      @RequestParam(defaultValue = "") String counted,
      RedirectAttributes flash) {
    try {
      if (day == null) {
        throw new IllegalArgumentException("A day, please.");
      }
      this.traps.count(id, day, whole(traps), whole(counted)).orElseThrow(Web::missing);
    } catch (IllegalArgumentException e) {
      if (places.find(id).isEmpty()) {
        throw Web.missing();
      }
      flash.addFlashAttribute("trapProblem", e.getMessage());
      flash.addFlashAttribute("trapPlace", id);
      flash.addFlashAttribute("typed", List.of(traps, counted));
    }
    return "redirect:/treatments?place=" + id + "#traps-" + id;
  }

  private static int whole(String text) {
    return Typed.whole(text)
        .orElseThrow(() -> new IllegalArgumentException("Whole numbers, please."));
  }

  @PostMapping("/traps/{id}/remove")
  String remove(@PathVariable Long id) {
    if (!traps.remove(id)) {
      throw Web.missing();
    }
    return "redirect:/treatments";
  }
}
