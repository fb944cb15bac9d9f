package org.mildlantern.core.light;

import java.time.LocalDate;

/** The share of the light above the air that reaches the ground on the mean day of a season. */
public final class Clearness {
  /** A day without a cloud. Rule of thumb. */
  static final double CLEAR = 0.72;

  /** Latitude, share at midwinter and at midsummer. Rule of thumb, from what stations report. */
  private static final double[][] BY_LATITUDE = {
    {0, 0.48, 0.48},
    {12, 0.55, 0.52},
    {25, 0.58, 0.58},
    {33, 0.52, 0.60},
    {40, 0.44, 0.57},
    {47, 0.36, 0.50},
    {53, 0.29, 0.45},
    {60, 0.26, 0.45},
    {72, 0.35, 0.45},
    {90, 0.45, 0.50}
  };

  private static final int MIDSUMMER = 172;

  private Clearness() {}

  /** That of a day, 0 to 1, where nothing nearer is known than the latitude. */
  public static double of(double latitude, LocalDate day) {
    double north = Math.cos(2 * Math.PI * (day.getDayOfYear() - MIDSUMMER) / 365.25);
    double summer = (1 + (latitude < 0 ? -north : north)) / 2;
    double there = Math.abs(latitude);
    for (int i = 1; i < BY_LATITUDE.length; i++) {
      double[] low = BY_LATITUDE[i - 1];
      double[] high = BY_LATITUDE[i];
      if (there <= high[0]) {
        double between = (there - low[0]) / (high[0] - low[0]);
        double atWinter = low[1] + between * (high[1] - low[1]);
        double atSummer = low[2] + between * (high[2] - low[2]);
        return atWinter + summer * (atSummer - atWinter);
      }
    }
    throw new IllegalArgumentException("a latitude is −90 to 90, not " + latitude);
  }
}
