package org.mildlantern.core.air;

import java.time.LocalDate;
import java.util.Optional;

/**
 * How a plant gets used to nights that are much colder or warmer than those it knew. Rule of thumb:
 * what differs by up to eight degrees is borne at once, each two beyond take a day.
 *
 * @param until the day from which it may stay as it is
 */
public record Acclimation(LocalDate until, boolean colder) {
  private static final double BORNE = 8;
  private static final double EACH_DAY = 2;
  private static final int FEWEST = 3;
  private static final int MOST = 14;

  /**
   * After a move.
   *
   * @param before nights that it knew, °C
   * @param after nights where it is now, °C
   * @return empty where it needs none
   */
  public static Optional<Acclimation> after(double before, double after, LocalDate moved) {
    double off = Math.abs(after - before);
    if (off <= BORNE) {
      return Optional.empty();
    }
    int days = (int) Math.max(FEWEST, Math.min(MOST, Math.ceil((off - BORNE) / EACH_DAY)));
    return Optional.of(new Acclimation(moved.plusDays(days), after < before));
  }
}
