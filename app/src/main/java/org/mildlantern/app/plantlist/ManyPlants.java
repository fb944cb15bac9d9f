package org.mildlantern.app.plantlist;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Web;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Does one thing to many plants, all or none, so that it can be undone as one. */
@Service
@Transactional
class ManyPlants {
  private final PlantService plants;
  private final PlantNotes notes;
  private final JournalService journal;

  ManyPlants(PlantService plants, PlantNotes notes, JournalService journal) {
    this.plants = plants;
    this.notes = notes;
    this.journal = journal;
  }

  /**
   * Writes a line into the log of each.
   *
   * @param day or null for what the line says
   * @throws IllegalArgumentException with a message or a question for the keeper
   */
  List<Long> note(List<Long> ids, String line, LocalDate day) {
    return ids.stream()
        .map(id -> notes.write(id, line, day).orElseThrow(Web::missing).entry().id())
        .toList();
  }

  /** Moves each that stands elsewhere. */
  List<Long> move(List<Long> ids, Long place) {
    List<Long> moved = new ArrayList<>();
    for (Long id : ids) {
      plants.find(id).orElseThrow(Web::missing);
      notes.move(id, place, "").map(Entry::id).ifPresent(moved::add);
    }
    return moved;
  }

  /** Puts each into the archive, or brings it back. */
  List<PlantView> archive(List<Long> ids, boolean away) {
    return ids.stream().map(id -> plants.archive(id, away).orElseThrow(Web::missing)).toList();
  }

  /** Takes entries back that were written together, the last first. */
  int undo(List<Long> entries) {
    int undone = 0;
    for (int i = entries.size() - 1; i >= 0; i--) {
      undone += journal.retract(entries.get(i)).isPresent() ? 1 : 0;
    }
    return undone;
  }
}
