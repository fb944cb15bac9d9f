package org.mildlantern.core.season;

import java.time.LocalDate;

/**
 * Whether the roots of a plant may be disturbed on a day, by where it stands in its year. What is
 * in bud or flower is not repotted, nor what rests, unless that is its time.
 *
 * @param notBefore the first day on which they may be; the day itself where it is one
 */
public record Repotting(Now now, LocalDate notBefore) {
  private static final double EVEN = 0.5;

  /** A plant that is as likely as this in bud or flower is left alone. */
  private static final double MAY_BLOOM = 0.35;

  private static final int A_YEAR = 400;

  /** Whether it is repotted now. */
  public enum Now {
    YES("yes"),
    NO("no"),
    ONLY_IF_ROOTS_DIE("only-if-roots-die");

    private final String id;

    Now(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }
  }

  /**
   * Of a day.
   *
   * @param noted a stage that was noted on or before the day, or null
   */
  public static Repotting of(
      Course course, LocalDate day, double latitude, StageOdds.Place place, StageOdds.Noted noted) {
    StageOdds odds = StageOdds.of(course, day, latitude, place, noted);
    if (suits(course, odds, day, latitude)) {
      return new Repotting(Now.YES, day);
    }
    boolean blooming = blooms(odds);
    boolean resting = rests(course, odds);
    return new Repotting(
        blooming || resting || course.bareRootsKill() ? Now.NO : Now.ONLY_IF_ROOTS_DIE,
        next(course, day, latitude, place, noted));
  }

  private static boolean suits(Course course, StageOdds odds, LocalDate day, double latitude) {
    boolean blooming = blooms(odds);
    boolean resting = course.repot() == null && rests(course, odds);
    return course.repotsOn(day, latitude) && !blooming && !resting;
  }

  private static boolean blooms(StageOdds odds) {
    return odds.of(YearStage.BUD) + odds.of(YearStage.FLOWER) >= MAY_BLOOM;
  }

  /** Cool nights are no rest where the kind has none. */
  private static boolean rests(Course course, StageOdds odds) {
    return course.rest() != Course.RestKind.NONE
        && odds.of(YearStage.REST) + odds.of(YearStage.CHILL) >= EVEN;
  }

  private static LocalDate next(
      Course course, LocalDate day, double latitude, StageOdds.Place place, StageOdds.Noted noted) {
    for (int ahead = 1; ahead <= A_YEAR; ahead++) {
      LocalDate then = day.plusDays(ahead);
      StageOdds.Noted still =
          noted == null ? null : new StageOdds.Noted(noted.stage(), noted.daysAgo() + ahead);
      if (course.repotsOn(then, latitude)
          && suits(course, StageOdds.of(course, then, latitude, place, still), then, latitude)) {
        return then;
      }
    }
    return day.plusDays(A_YEAR);
  }
}
