package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of the year of all plants. */
@Controller
class YearController {
  private final SeasonService seasons;
  private final OpenAir air;
  private final Blooms blooms;
  private final PlantSeasons standing;
  private final PlantService plants;
  private final YearSheets sheets;

  YearController(
      SeasonService seasons,
      OpenAir air,
      Blooms blooms,
      PlantSeasons standing,
      PlantService plants,
      YearSheets sheets) {
    this.sheets = sheets;
    this.seasons = seasons;
    this.air = air;
    this.blooms = blooms;
    this.standing = standing;
    this.plants = plants;
  }

  @Kept
  @GetMapping("/seasons")
  String year(@RequestParam(required = false) Long place, Model model) {
    model.addAttribute("year", seasons.year(place));
    model.addAttribute("months", seasons.months());
    model.addAttribute("today", seasons.today());
    return "seasons/page";
  }

  @Kept
  @GetMapping("/seasons/air")
  String outAndIn(Model model) {
    model.addAttribute("open", air.open().orElse(null));
    model.addAttribute("rows", air.rows(plants.byName()));
    return "seasons/air";
  }

  @GetMapping("/plants/{id}/year")
  String sheet(@PathVariable Long id, Model model) {
    PlantView plant = plants.find(id).orElseThrow(Web::missing);
    model.addAttribute("plant", plant);
    model.addAttribute("sheet", sheets.of(plant));
    model.addAttribute("year", seasons.of(plant));
    return "seasons/sheet";
  }

  @GetMapping("/plants/{id}/bloom")
  String bloom(@PathVariable Long id, @RequestParam(defaultValue = "") String day, Model model) {
    PlantView plant = plants.find(id).orElseThrow(Web::missing);
    LocalDate wished = null;
    try {
      wished = day.isBlank() ? null : LocalDate.parse(day.strip());
    } catch (DateTimeParseException e) {
      model.addAttribute("problem", "A day, please.");
    }
    model.addAttribute("plant", plant);
    model.addAttribute("day", day);
    model.addAttribute("wished", wished);
    model.addAttribute("places", blooms.places(plant, standing.course(plant), wished));
    return "seasons/bloom";
  }
}
