package org.mildlantern.app.round;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Says on the page that follows what an answer wrote, with the way to undo it. */
@Component
public class Answered {
  /** Header of answers that waited in the browser; they want no page back. */
  public static final String WAITED = "Round-Waited";

  private final PlantService plants;

  Answered(PlantService plants) {
    this.plants = plants;
  }

  public void say(Entry entry, RedirectAttributes flash) {
    flash.addFlashAttribute("just", entry.text());
    flash.addFlashAttribute("justId", entry.id());
    flash.addFlashAttribute("justPlant", name(entry.plantId()));
  }

  /** Says what an answer for many wrote, with the way to undo all of it. */
  public void sayAll(List<Entry> entries, String words, RedirectAttributes flash) {
    if (entries.isEmpty()) {
      flash.addFlashAttribute("said", words);
    } else {
      flash.addFlashAttribute("justAll", words);
      flash.addFlashAttribute(
          "justMany",
          entries.stream().map(entry -> entry.id().toString()).collect(Collectors.joining(",")));
    }
  }

  /** Says it, and leads back to the round; an empty entry says nothing. */
  public String toRound(Optional<Entry> entry, RedirectAttributes flash) {
    entry.ifPresent(said -> say(said, flash));
    return "redirect:/today";
  }

  private String name(Long plantId) {
    return plants.find(plantId).map(PlantView::name).orElse("");
  }
}
