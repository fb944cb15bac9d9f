package org.mildlantern.app.seasons;

import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.YearStage;

/**
 * A plant’s year, ready to be shown.
 *
 * @param stage the likeliest now, in words
 * @param odds of all stages that are likely at all
 * @param cue what starts its buds, in words; empty where that is not known
 * @param ledger the cool nights that it has had; null where none are counted now
 * @param blooms when buds that were noted open, in words; or empty
 * @param bars of the year ahead, from the beginning of this month
 * @param marks days on the band
 * @param short one line of what matters most
 */
record PlantYear(
    PlantView plant,
    String stage,
    List<Odd> odds,
    String cue,
    Ledger ledger,
    String blooms,
    List<Bar> bars,
    List<Mark> marks,
    String line) {

  /** A stage with its chance, in percent. */
  record Odd(String stage, long percent) {}

  /**
   * Cool nights.
   *
   * @param words how many, of how many, and when and where the rest come
   * @param percent of what it needs
   */
  record Ledger(String words, double percent) {}

  /**
   * A stretch of one stage.
   *
   * @param css of the stage and how it rests
   * @param from in half months from the beginning, with {@code length}
   */
  record Bar(String css, String label, int from, int length) {}

  /** Name of the look of a stage, by how the kind rests. */
  static String css(YearStage stage, Course course) {
    return stage == YearStage.REST && course.restsDrier() ? "rest-dry" : stage.id();
  }

  /**
   * A day.
   *
   * @param at where it stands on the band, 0 to 1
   */
  record Mark(double at, String label, String line) {}
}
