package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
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

  /** The days of plants within the year to come, by plant, in any order; asked for once a page. */
  Map<Long, List<Mark>> marks(List<PlantView> plants);
}
