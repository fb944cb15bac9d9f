package org.mildlantern.core.light;

import java.time.LocalDate;
import org.mildlantern.core.season.ByLatitude;

/** The share of the light above the air that reaches the ground on the mean day of a season. */
public final class Clearness {
  /** A day without a cloud. Rule of thumb. */
  static final double CLEAR = 0.72;

  /** Latitude, share at midwinter and at midsummer. Rule of thumb, from what stations report. */
  private static final ByLatitude BY_LATITUDE =
      new ByLatitude(
          new double[] {0, 0.48, 0.48},
          new double[] {12, 0.55, 0.52},
          new double[] {25, 0.58, 0.58},
          new double[] {33, 0.52, 0.60},
          new double[] {40, 0.44, 0.57},
          new double[] {47, 0.36, 0.50},
          new double[] {53, 0.29, 0.45},
          new double[] {60, 0.26, 0.45},
          new double[] {72, 0.35, 0.45},
          new double[] {90, 0.45, 0.50});

  private static final int MIDSUMMER = 172;

  private Clearness() {}

  /** That of a day, 0 to 1, where nothing nearer is known than the latitude. */
  public static double of(double latitude, LocalDate day) {
    double north = Math.cos(2 * Math.PI * (day.getDayOfYear() - MIDSUMMER) / 365.25);
    double summer = (1 + (latitude < 0 ? -north : north)) / 2;
    double[] share = BY_LATITUDE.at(latitude);
    return share[0] + summer * (share[1] - share[0]);
  }
}
