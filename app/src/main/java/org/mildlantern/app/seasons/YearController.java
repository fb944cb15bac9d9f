package org.mildlantern.app.seasons;

import org.mildlantern.app.web.Kept;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The page of the year of all plants. */
@Controller
class YearController {
  private final SeasonService seasons;

  YearController(SeasonService seasons) {
    this.seasons = seasons;
  }

  @Kept
  @GetMapping("/seasons")
  String year(Model model) {
    model.addAttribute("years", seasons.all());
    model.addAttribute("months", seasons.months());
    model.addAttribute("today", seasons.today());
    return "seasons/page";
  }
}
