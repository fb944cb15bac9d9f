package org.mildlantern.core.air;

import java.time.LocalDate;

/** The air outdoors that is usual at a latitude on a day. Rules of thumb for lowlands. */
public final class Climate {
  /** Latitude, mean of the year and half of what summer and winter are apart, °C. */
  private static final double[][] BY_LATITUDE = {
    {0, 26, 1},
    {15, 26, 3},
    {25, 23, 6},
    {35, 17, 9},
    {45, 11, 9},
    {53, 9.5, 7},
    {60, 5, 10},
    {70, -4, 13},
    {90, -18, 14}
  };

  /** Air outdoors where nothing nearer is known, %. */
  private static final double HUMIDITY = 80;

  /** The warmest day comes some weeks after the longest. */
  private static final int WARMEST_DAY = 203;

  private Climate() {}

  /** The mean air of a day. */
  public static Air of(double latitude, LocalDate day) {
    double turn = Math.cos(2 * Math.PI * (day.getDayOfYear() - WARMEST_DAY) / 365.25);
    double there = Math.abs(latitude);
    for (int i = 1; i < BY_LATITUDE.length; i++) {
      double[] low = BY_LATITUDE[i - 1];
      double[] high = BY_LATITUDE[i];
      if (there <= high[0]) {
        double between = (there - low[0]) / (high[0] - low[0]);
        double mean = low[1] + between * (high[1] - low[1]);
        double half = low[2] + between * (high[2] - low[2]);
        return new Air(mean + half * (latitude < 0 ? -turn : turn), HUMIDITY);
      }
    }
    throw new IllegalArgumentException("a latitude is −90 to 90, not " + latitude);
  }
}
