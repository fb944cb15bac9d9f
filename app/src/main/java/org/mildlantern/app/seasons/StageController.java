package org.mildlantern.app.seasons;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.round.Answered;
import org.mildlantern.core.journal.Staged;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Takes where plants stand in their year, from the round. */
@Controller
class StageController {
  private static final Words WORDS = Words.of(StageController.class);

  private final PlantNotes notes;
  private final Answered answered;

  StageController(PlantNotes notes, Answered answered) {
    this.notes = notes;
    this.answered = answered;
  }

  /** The address that notes a stage. */
  static String of(Stage stage) {
    return "/seasons/stage?stage=" + stage.name();
  }

  @PostMapping("/seasons/stage")
  String noted(
      @RequestParam(defaultValue = "") List<Long> plants,
      @RequestParam(defaultValue = "") List<Long> but,
      @RequestParam Stage stage,
      RedirectAttributes flash) {
    List<Long> those = new ArrayList<>(plants);
    those.removeAll(but);
    List<Entry> noted = notes.writeAll(those, new Staged(stage));
    answered.sayAll(noted, WORDS.say("noted", noted.size(), stage.label()), flash);
    return "redirect:/today";
  }
}
