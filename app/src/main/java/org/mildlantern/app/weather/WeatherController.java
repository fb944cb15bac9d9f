package org.mildlantern.app.weather;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.TextFile;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page of the days ahead, and the answers to what they ask for. */
@Controller
class WeatherController {
  private static final Words WORDS = Words.of(WeatherController.class);
  private static final long LARGEST = 6_000_000;

  private final ForecastService forecasts;
  private final ClimateService climate;
  private final PlantService plants;
  private final PlaceService places;
  private final Scope scope;

  WeatherController(
      ForecastService forecasts,
      ClimateService climate,
      PlantService plants,
      PlaceService places,
      Scope scope) {
    this.forecasts = forecasts;
    this.climate = climate;
    this.plants = plants;
    this.places = places;
    this.scope = scope;
  }

  @Kept
  @GetMapping("/weather")
  String show(Model model) {
    model.addAttribute(
        "view",
        forecasts
            .latest()
            .map(
                fetched -> WeatherView.of(fetched, forecasts.dangers(), scope.now(), scope.today()))
            .orElse(null));
    model.addAttribute("answered", forecasts.answered());
    model.addAttribute("climate", climate.name().orElse(null));
    return "weather/page";
  }

  @PostMapping("/plants/{id}/safe")
  String one(@PathVariable Long id, @RequestParam LocalDate day, RedirectAttributes flash) {
    plants.find(id).orElseThrow(Web::missing);
    return said(forecasts.safe(List.of(id), day), day, flash);
  }

  @PostMapping("/places/{id}/safe")
  String many(
      @PathVariable Long id,
      @RequestParam LocalDate day,
      @RequestParam(defaultValue = "") List<Long> plants,
      @RequestParam(defaultValue = "") List<Long> but,
      RedirectAttributes flash) {
    places.find(id).orElseThrow(Web::missing);
    List<Long> safe = new ArrayList<>(plants);
    safe.removeAll(but);
    return said(forecasts.safe(safe, day), day, flash);
  }

  private static String said(int count, LocalDate day, RedirectAttributes flash) {
    flash.addFlashAttribute("said", WORDS.say("kept-safe", count, Days.near(day)));
    return "redirect:/today";
  }

  @PostMapping("/weather/undo")
  String takeBack(RedirectAttributes flash) {
    flash.addFlashAttribute("said", WORDS.say("taken-back", forecasts.takeBack(scope.today())));
    return "redirect:/weather";
  }

  @PostMapping("/weather/climate")
  String climate(@RequestParam(required = false) MultipartFile file, RedirectAttributes flash)
      throws IOException {
    try {
      if (file == null || file.isEmpty() || file.getSize() > LARGEST) {
        throw new IllegalArgumentException(WORDS.say("no-file"));
      }
      flash.addFlashAttribute(
          "said", WORDS.say("climate", climate.keep(TextFile.text(file.getBytes()))));
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("problem", e.getMessage());
    }
    return "redirect:/weather";
  }

  @PostMapping("/weather/climate/remove")
  String takeClimateOut(RedirectAttributes flash) {
    climate.takeOut();
    flash.addFlashAttribute("said", WORDS.say("climate-out"));
    return "redirect:/weather";
  }
}
