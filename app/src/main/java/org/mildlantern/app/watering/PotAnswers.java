package org.mildlantern.app.watering;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Htmx;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Weighed;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Takes the answers of {@link PotsOnTheRound} and {@link FlushesOnTheRound}. */
@Controller
class PotAnswers {
  private final PlantNotes notes;
  private final PlaceDrinks drinks;
  private final Answered answered;

  PotAnswers(PlantNotes notes, PlaceDrinks drinks, Answered answered) {
    this.notes = notes;
    this.drinks = drinks;
    this.answered = answered;
  }

  /** What was felt, a drink, a level, a flush, a skip, or a weight. */
  @PostMapping("/today/plants/{id}/water")
  String water(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String answer,
      @RequestParam(required = false) String grams,
      Htmx htmx,
      @RequestHeader(name = Answered.WAITED, required = false) String waited,
      HttpServletResponse response,
      RedirectAttributes flash) {
    try {
      return answered.toRound(
          Optional.of(notes.write(id, note(answer, grams)).orElseThrow(Web::missing)), flash);
    } catch (IllegalArgumentException e) {
      if (waited != null || !htmx.on()) {
        throw Web.refused(e.getMessage());
      }
      flash.addFlashAttribute("faultOn", "water-" + id);
      flash.addFlashAttribute("fault", e.getMessage());
      flash.addFlashAttribute("typed", grams);
      response.setHeader(Web.REFUSED, "1");
      return "redirect:/today";
    }
  }

  private static Note note(String answer, String grams) {
    return grams == null
        ? PotAnswer.of(answer).orElseThrow(() -> Web.badRequest("no such answer: " + answer)).note()
        : Weighed.read(grams);
  }

  /** Every kept plant of a place had a drink; each can be undone by itself. */
  @PostMapping("/today/places/{id}/watered")
  String placeWatered(@PathVariable Long id, RedirectAttributes flash) {
    List<Entry> watered = drinks.watered(id).orElseThrow(Web::missing);
    return answered.toRound(watered.stream().reduce((a, b) -> b), flash);
  }
}
