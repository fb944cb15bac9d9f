package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.plants.PlantView;

/** A feature with days that belong on a plant’s year. */
public interface YearSource {

  /**
   * A day of the year.
   *
   * @param label in a word or two, as it stands on the band
   * @param line the same as a sentence without its stop
   */
  record Mark(LocalDate day, String label, String line) {
    Mark on(LocalDate other) {
      return new Mark(other, label, line);
    }
  }

  /** The days of a plant within the year to come, in any order. */
  List<Mark> marks(PlantView plant);
}
