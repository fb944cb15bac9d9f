package org.mildlantern.core.season;

import java.time.LocalDate;
import java.util.Optional;

/**
 * The beginning or the end of a rest: what the calendar of the kind says, unless the keeper noted
 * otherwise. It is a day to look, as the plant begins and ends its rest, not the date.
 *
 * <p>Example: of a kind that rests from November to February, nothing noted: on 20 November its
 * rest begins, since the 1st; noted at rest on 3 November, it ends on 1 March.
 *
 * @param on the day by the calendar, or two weeks after it was last said that it is not yet so
 * @param until the day on which a rest that begins ends by the calendar; else the day itself
 */
public record RestTurn(boolean begins, LocalDate on, LocalDate until) {
  /** What the calendar says is asked about for so long when nothing was noted. */
  private static final int ASKED_DAYS = 28;

  private static final int AGAIN_DAYS = 14;

  /** So far ahead a rest is announced. */
  private static final int AHEAD_DAYS = 21;

  /**
   * The turn that is due or near.
   *
   * @param noted stage as the keeper noted it, or null
   * @param since the day of that, or null
   */
  public static Optional<RestTurn> near(
      Course course, LocalDate today, double latitude, Stage noted, LocalDate since) {
    if (course.resting() == null || noted == Stage.SEEDLING) {
      return Optional.empty();
    }
    if (noted == Stage.REST) {
      return Optional.of(end(course, today, latitude, since));
    }
    if (course.resting().contain(today, latitude)) {
      return blooms(noted) ? Optional.empty() : begin(course, today, latitude, noted, since);
    }
    LocalDate next = course.resting().next(today, latitude);
    if (!next.isAfter(today.plusDays(AHEAD_DAYS))) {
      return blooms(noted)
          ? Optional.empty()
          : Optional.of(new RestTurn(true, next, after(course, next, latitude)));
    }
    LocalDate woke = lastDayAt(course, today, latitude).plusDays(1);
    boolean said = noted != null && since != null && !since.isBefore(woke.minusDays(ASKED_DAYS));
    return said || woke.isBefore(today.minusDays(ASKED_DAYS))
        ? Optional.empty()
        : Optional.of(new RestTurn(false, woke, woke));
  }

  /**
   * The next turn by the calendar alone; empty for what does not rest, and for what blooms in the
   * months of its rest or just before them, as it decides itself when to rest.
   */
  public static Optional<RestTurn> next(
      Course course, LocalDate today, double latitude, Stage noted) {
    if (course.resting() == null) {
      return Optional.empty();
    }
    boolean resting = course.resting().contain(today, latitude);
    boolean soon =
        resting || !course.resting().next(today, latitude).isAfter(today.plusDays(AHEAD_DAYS));
    if (soon && blooms(noted)) {
      return Optional.empty();
    }
    if (resting) {
      LocalDate woke = after(course, today, latitude);
      return Optional.of(new RestTurn(false, woke, woke));
    }
    LocalDate begins = course.resting().next(today, latitude);
    return Optional.of(new RestTurn(true, begins, after(course, begins, latitude)));
  }

  private static Optional<RestTurn> begin(
      Course course, LocalDate today, double latitude, Stage noted, LocalDate since) {
    LocalDate first = first(course, today, latitude);
    LocalDate until = after(course, today, latitude);
    boolean notYet = noted != null && since != null && !since.isBefore(first);
    if (notYet) {
      LocalDate again = since.plusDays(AGAIN_DAYS);
      return again.isBefore(until)
          ? Optional.of(new RestTurn(true, again, until))
          : Optional.empty();
    }
    return first.isBefore(today.minusDays(ASKED_DAYS))
        ? Optional.empty()
        : Optional.of(new RestTurn(true, first, until));
  }

  private static boolean blooms(Stage noted) {
    return noted != null && noted.blooms();
  }

  private static RestTurn end(Course course, LocalDate today, double latitude, LocalDate since) {
    LocalDate from = since == null ? today : since;
    LocalDate end =
        course.resting().contain(from, latitude)
            ? after(course, from, latitude)
            : later(from.plusDays(AGAIN_DAYS), soonestEnd(course, from, latitude));
    return new RestTurn(false, end, end);
  }

  /** Of a rest that was noted outside of its months: by the rest to come, when that is near. */
  private static LocalDate soonestEnd(Course course, LocalDate from, double latitude) {
    LocalDate next = course.resting().next(from, latitude);
    return next.isAfter(from.plusMonths(2)) ? from : after(course, next, latitude);
  }

  private static LocalDate later(LocalDate one, LocalDate other) {
    return one.isAfter(other) ? one : other;
  }

  private static LocalDate first(Course course, LocalDate day, double latitude) {
    LocalDate first = day.withDayOfMonth(1);
    while (course.resting().contain(first.minusDays(1), latitude)
        && first.isAfter(day.minusYears(1))) {
      first = first.minusMonths(1);
    }
    return first;
  }

  /** The first day behind the rest in which a day lies. */
  private static LocalDate after(Course course, LocalDate day, double latitude) {
    LocalDate after = day.withDayOfMonth(1).plusMonths(1);
    while (course.resting().contain(after, latitude) && after.isBefore(day.plusYears(1))) {
      after = after.plusMonths(1);
    }
    return after;
  }

  private static LocalDate lastDayAt(Course course, LocalDate day, double latitude) {
    LocalDate last = day.withDayOfMonth(1).minusDays(1);
    while (!course.resting().contain(last, latitude)) {
      last = last.withDayOfMonth(1).minusDays(1);
    }
    return last;
  }
}
