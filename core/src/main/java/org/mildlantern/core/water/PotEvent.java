package org.mildlantern.core.water;

import java.time.LocalDate;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.PotNote;

/**
 * Something that happened to a pot on a day.
 *
 * @param kind what it was
 * @param ml of a watering, or null
 * @param moisture felt two fingers deep when there is no closer note, or null
 * @param note what was noted of its water, or null
 */
public record PotEvent(LocalDate day, Kind kind, Double ml, Moisture moisture, PotNote note) {
  /** Kinds of events. */
  public enum Kind {
    WATERED,
    STOOD,
    REPOTTED,
    SEEN
  }
}
