package org.mildlantern.core.air;

import java.time.LocalDate;
import org.mildlantern.core.season.ByLatitude;

/** The air outdoors that is usual at a latitude on a day. Rules of thumb for lowlands. */
public final class Climate {
  /** Latitude, mean of the year and half of what summer and winter are apart, °C. */
  private static final ByLatitude BY_LATITUDE =
      new ByLatitude(
          new double[] {0, 26, 1},
          new double[] {15, 26, 3},
          new double[] {25, 23, 6},
          new double[] {35, 17, 9},
          new double[] {45, 11, 9},
          new double[] {53, 9.5, 7},
          new double[] {60, 5, 10},
          new double[] {70, -4, 13},
          new double[] {90, -18, 14});

  /** Air outdoors where nothing nearer is known, %. */
  private static final double HUMIDITY = 80;

  /** The warmest day comes some weeks after the longest. */
  private static final int WARMEST_DAY = 203;

  private Climate() {}

  /** The mean air of a day. */
  public static Air of(double latitude, LocalDate day) {
    double turn = Math.cos(2 * Math.PI * (day.getDayOfYear() - WARMEST_DAY) / 365.25);
    double[] year = BY_LATITUDE.at(latitude);
    return new Air(year[0] + year[1] * (latitude < 0 ? -turn : turn), HUMIDITY);
  }
}
