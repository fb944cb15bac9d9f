package org.mildlantern.core.season;

import java.time.LocalDate;

/**
 * Hours from sunrise to sunset, without twilight (Allen et al. 1998, FAO 56, equations 24, 25 and
 * 34).
 *
 * <p>Example: at 53° N 16.6 hours on 21 June and 7.4 on 21 December; 12 at the equator.
 */
public final class DayLength {
  private static final double TILT = 0.409;
  private static final double SHIFT = 1.39;

  private DayLength() {}

  /**
   * Of a day.
   *
   * @param latitude −90 to 90
   * @return 0 to 24
   */
  public static double hours(double latitude, LocalDate day) {
    double declination = TILT * Math.sin(2 * Math.PI / 365 * day.getDayOfYear() - SHIFT);
    double cosine = -Math.tan(Math.toRadians(latitude)) * Math.tan(declination);
    return 24 / Math.PI * Math.acos(Math.max(-1, Math.min(1, cosine)));
  }
}
