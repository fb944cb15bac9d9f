package org.mildlantern.core.light;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Function;

/**
 * On which day leaves were burnt, if they were: the first of those on which more sun could reach
 * them than they were used to.
 *
 * @param day the first day of such sun
 * @param before the sun three weeks earlier
 * @param after the sun of that day
 */
public record BurnDay(LocalDate day, SunYear.Clear before, SunYear.Clear after) {
  /** Leaves keep pace with what comes more slowly than this. */
  private static final int PACE_DAYS = 21;

  /** Days without it that part one burn from the next. */
  private static final int APART = 7;

  /**
   * The last such day of a stretch.
   *
   * @param sun on the plant on a day without a cloud; empty where it is not known
   */
  public static Optional<BurnDay> last(
      LightWish wish,
      LocalDate from,
      LocalDate until,
      Function<LocalDate, Optional<SunYear.Clear>> sun) {
    BurnDay found = null;
    LocalDate seen = null;
    for (LocalDate day = from; !day.isAfter(until); day = day.plusDays(1)) {
      Optional<SunYear.Clear> before = sun.apply(day.minusDays(PACE_DAYS));
      Optional<SunYear.Clear> after = sun.apply(day);
      if (before.isPresent()
          && after.isPresent()
          && SunYear.multiplies(before.get(), after.get())
          && SunYear.burns(wish, before.get(), after.get())) {
        if (seen == null || seen.plusDays(APART).isBefore(day)) {
          found = new BurnDay(day, before.get(), after.get());
        }
        seen = day;
      }
    }
    return Optional.ofNullable(found);
  }
}
