package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Takes that plants were seen to before the sun comes to them. */
@Controller
@Transactional
class SunController {
  private static final Words WORDS = Words.of(SunController.class);

  private final SunAnswerRepository answers;
  private final PlantService plants;
  private final PlaceService places;

  SunController(SunAnswerRepository answers, PlantService plants, PlaceService places) {
    this.answers = answers;
    this.plants = plants;
    this.places = places;
  }

  @PostMapping("/plants/{id}/seen-to-sun")
  public String one(@PathVariable Long id, @RequestParam LocalDate day, RedirectAttributes flash) {
    plants.find(id).orElseThrow(Web::missing);
    return keep(List.of(id), day, flash);
  }

  @PostMapping("/places/{id}/seen-to-sun")
  public String many(
      @PathVariable Long id,
      @RequestParam LocalDate day,
      @RequestParam(name = "plants", defaultValue = "") List<Long> all,
      @RequestParam(defaultValue = "") List<Long> but,
      RedirectAttributes flash) {
    places.find(id).orElseThrow(Web::missing);
    List<Long> seen = new ArrayList<>(all);
    seen.removeAll(but);
    return keep(seen, day, flash);
  }

  private String keep(List<Long> ids, LocalDate day, RedirectAttributes flash) {
    List<Long> known =
        answers.since(day).stream()
            .filter(answer -> answer.day().equals(day))
            .map(SunAnswer::plantId)
            .toList();
    List<SunAnswer> fresh =
        plants.kept().stream()
            .map(PlantView::id)
            .filter(id -> ids.contains(id) && !known.contains(id))
            .map(id -> new SunAnswer(id, day))
            .toList();
    answers.saveAll(fresh);
    flash.addFlashAttribute("said", WORDS.say("seen-to-kept", fresh.size()));
    return "redirect:/today";
  }
}
