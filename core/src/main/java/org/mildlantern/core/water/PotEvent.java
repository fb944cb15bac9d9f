package org.mildlantern.core.water;

import java.time.LocalDate;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.StoodInWater;
import org.mildlantern.core.journal.Watered;

/**
 * Something that happened to a pot on a day.
 *
 * @param note of a kind that tells of a pot's water
 */
public record PotEvent(LocalDate day, Note note) {
  /** Whether water came into the pot. */
  public boolean drink() {
    return note instanceof Watered || note instanceof Filled || note instanceof StoodInWater;
  }
}
