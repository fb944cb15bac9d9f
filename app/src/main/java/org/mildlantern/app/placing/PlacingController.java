package org.mildlantern.app.placing;

import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page that says who should stand where. */
@Controller
class PlacingController {
  private static final Words WORDS = Words.of(PlacingController.class);

  /** Months of a season. */
  private static final int SEASON = 3;

  private final PlacingService placing;

  PlacingController(PlacingService placing) {
    this.placing = placing;
  }

  @Kept
  @GetMapping("/places/standing")
  String show(@RequestParam(defaultValue = "1") int ahead, Model model) {
    model.addAttribute("view", placing.best(ahead == SEASON ? SEASON : 1));
    return "placing/page";
  }

  @PostMapping("/places/standing")
  String move(
      @RequestParam Long plant,
      @RequestParam Long place,
      @RequestParam(required = false) Long spot,
      @RequestParam(defaultValue = "1") int ahead,
      RedirectAttributes flash) {
    if (!placing.move(plant, place, spot)) {
      throw Web.missing();
    }
    flash.addFlashAttribute("said", WORDS.say("moved"));
    return "redirect:/places/standing?ahead=" + ahead;
  }
}
