package org.mildlantern.core.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * A plant's time in a place.
 *
 * @param from first day
 * @param to last day
 */
public record Stay(long place, LocalDate from, LocalDate to) {

  /**
   * Time that two plants spent in the same places.
   *
   * @param days number of days, the first and last included
   * @param last the last of them
   */
  public record Together(long days, LocalDate last) {}

  /**
   * The time that two plants spent together within a window, or null when there was none.
   *
   * @param from first day of the window
   * @param to last day of the window
   */
  public static Together together(List<Stay> one, List<Stay> other, LocalDate from, LocalDate to) {
    long days = 0;
    LocalDate last = null;
    for (Stay a : one) {
      for (Stay b : other) {
        LocalDate first = latest(latest(a.from, b.from), from);
        LocalDate end = earliest(earliest(a.to, b.to), to);
        if (a.place == b.place && !end.isBefore(first)) {
          days += ChronoUnit.DAYS.between(first, end) + 1;
          last = last == null ? end : latest(last, end);
        }
      }
    }
    return last == null ? null : new Together(days, last);
  }

  private static LocalDate latest(LocalDate a, LocalDate b) {
    return a.isAfter(b) ? a : b;
  }

  private static LocalDate earliest(LocalDate a, LocalDate b) {
    return a.isBefore(b) ? a : b;
  }
}
