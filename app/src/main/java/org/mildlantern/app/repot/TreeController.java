package org.mildlantern.app.repot;

import java.util.List;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Worked;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.repot.TreeWork;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Takes what was done on small trees. */
@Controller
class TreeController {
  private final PlantNotes notes;
  private final PlantService plants;
  private final Answered answered;
  private final Repots repots;

  TreeController(PlantNotes notes, PlantService plants, Answered answered, Repots repots) {
    this.notes = notes;
    this.plants = plants;
    this.answered = answered;
    this.repots = repots;
  }

  @PostMapping("/trees/worked")
  String worked(
      @RequestParam(name = "plants") Long plant,
      @RequestParam TreeWork work,
      @RequestParam(defaultValue = "false") boolean page,
      RedirectAttributes flash) {
    boolean borne =
        plants
            .find(plant)
            .map(PlantView::kind)
            .flatMap(repots::bonsai)
            .map(work::borneBy)
            .orElseThrow(Web::missing);
    if (!borne) {
      flash.addFlashAttribute("said", "Its kind does not bear that.");
      return "redirect:/plants/" + plant;
    }
    return noted(plant, new Worked(work, null), page, flash);
  }

  @PostMapping("/trees/looked")
  String looked(@RequestParam(name = "plants") Long plant, RedirectAttributes flash) {
    return noted(plant, new Looked(Looked.What.OVER, null), false, flash);
  }

  private String noted(Long plant, Note note, boolean page, RedirectAttributes flash) {
    Entry entry = notes.write(plant, note).orElseThrow(Web::missing);
    answered.sayAll(List.of(entry), entry.text(), flash);
    return page ? "redirect:/plants/" + plant : "redirect:/today";
  }
}
