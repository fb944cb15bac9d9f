package org.mildlantern.app.plantlist;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Does one thing to many plants, all or none, so that it can be undone as one. */
@Service
@Transactional
class ManyPlants {
  private static final Words WORDS = Words.of(ManyPlants.class);

  /** Most plants to which one thing is done at once. */
  static final int MOST = 500;

  private final PlantService plants;
  private final PlaceService places;
  private final PlantNotes notes;
  private final JournalService journal;

  ManyPlants(PlantService plants, PlaceService places, PlantNotes notes, JournalService journal) {
    this.plants = plants;
    this.places = places;
    this.notes = notes;
    this.journal = journal;
  }

  /** What is done to many; some are lines of the log. */
  enum Act {
    NOTE(""),
    WATERED("watered"),
    FED("fed"),
    REPOTTED("repotted"),
    LOOKED("looked, nothing new"),
    MOVE(""),
    ARCHIVE(""),
    LABELS(""),
    TREAT("");

    private final String line;

    Act(String line) {
      this.line = line;
    }
  }

  /**
   * Checks that something can be done to so many.
   *
   * @throws IllegalArgumentException when there are none or too many
   */
  static void check(Collection<Long> ids) {
    if (ids.isEmpty()) {
      throw new IllegalArgumentException(WORDS.say("none"));
    }
    if (ids.size() > MOST) {
      throw new IllegalArgumentException(WORDS.say("too-many", MOST));
    }
  }

  /**
   * The plants with these ids.
   *
   * @throws org.springframework.web.server.ResponseStatusException when one is not there
   */
  @Transactional(readOnly = true)
  List<PlantView> find(List<Long> ids) {
    var found = plants.find(ids);
    if (!found.keySet().containsAll(ids)) {
      throw Web.missing();
    }
    return ids.stream().distinct().map(found::get).toList();
  }

  /**
   * Does it, and writes it down.
   *
   * @param line that is noted
   * @param day of the note, or null for what the line says
   * @param to id of the place to which they are moved, or null
   * @throws IllegalArgumentException with a message or a question for the keeper
   */
  Done take(Act act, List<Long> ids, String line, LocalDate day, Long to) {
    check(ids);
    find(ids);
    return switch (act) {
      case MOVE -> {
        PlaceView place =
            places.find(to).orElseThrow(() -> new IllegalArgumentException(WORDS.say("where")));
        List<Entry> moved = notes.moveAll(ids, place);
        yield done(WORDS.say("moved", moved.size(), place.name()), moved);
      }
      case ARCHIVE -> new Done(WORDS.say("archived", plants.archiveAll(ids, true)), null, ids);
      default -> {
        String said = act == Act.NOTE ? line.strip() : act.line;
        List<Entry> written = notes.writeAll(ids, said, day);
        yield done(WORDS.say("noted", written.size(), said), written);
      }
    };
  }

  private static Done done(String said, List<Entry> entries) {
    return new Done(said, entries.stream().map(Entry::id).toList(), null);
  }

  /** Takes back what was done as one: how many plants it was. */
  int undo(List<Long> entries, List<Long> archived) {
    find(archived);
    return journal.retractAll(entries) + plants.archiveAll(archived, false);
  }
}
