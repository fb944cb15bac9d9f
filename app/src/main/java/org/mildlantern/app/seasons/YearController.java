package org.mildlantern.app.seasons;

import org.mildlantern.app.web.Kept;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of the year of all plants. */
@Controller
class YearController {
  private final SeasonService seasons;

  YearController(SeasonService seasons) {
    this.seasons = seasons;
  }

  @Kept
  @GetMapping("/seasons")
  String year(@RequestParam(required = false) Long place, Model model) {
    model.addAttribute("year", seasons.year(place));
    model.addAttribute("months", seasons.months());
    model.addAttribute("today", seasons.today());
    return "seasons/page";
  }
}
