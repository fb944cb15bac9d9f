package org.mildlantern.core.treatment;

import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.Rot;

/**
 * What becomes of a plant with a rot: left alone it is eaten at a speed that grows with warmth and
 * water, and never gets well; cut clean and dry it lives with odds by how much is left.
 *
 * <p>The day on which the organ is gone is the share that is still sound over the speed; it
 * scatters log-normally, by a factor of two either way in nine of ten cases, for kind and strain.
 * Rules of thumb; the figures and their sources stand with the rot.
 *
 * @param celsius warmth at the plant
 */
public record RotOdds(Rot rot, double celsius) {
  private static final double[] WARMTHS = {12, 17, 22, 27, 32};

  /** Middles of the classes of what is left sound, in percent. */
  private static final double[] SOUND = {5, 25, 55, 80, 95};

  /** A factor of two lies at 1.64 standard deviations. */
  private static final double SCATTER = Math.log(2) / 1.645;

  private static final double HOT = 27;
  private static final double COOL = 20;

  /** Percentage points lost above {@value #HOT} °C, and won below {@value #COOL} °C. */
  private static final double OF_HEAT = 10;

  private static final double OF_COOLNESS = 5;

  /** Where little is left, coolness wins no more than this share of it. */
  private static final double COOL_SHARE = 0.25;

  /** What remains of the odds when the wound cannot be kept dry. */
  private static final double WET = 0.5;

  /** The share of the organ that is lost in a day, 0 to 1. */
  public double speed(boolean wet) {
    double[] speeds = rot.speed().stream().mapToDouble(Double::doubleValue).toArray();
    return between(WARMTHS, speeds, celsius) / 100 * (wet ? 1 : rot.dry());
  }

  /**
   * The chance that not all is gone after some days of nothing done.
   *
   * @param sound share of the organ that is sound now, above 0 and up to 1
   */
  public double alive(double days, double sound, boolean wet) {
    if (days <= 0) {
      return 1;
    }
    return normal(Math.log(sound / (speed(wet) * days)) / SCATTER);
  }

  /** The day by which so many of all plants are lost when nothing is done. */
  public double lost(double share, double sound, boolean wet) {
    double low = 0;
    double high = 10_000;
    for (int i = 0; i < 60; i++) {
      double middle = (low + high) / 2;
      if (1 - alive(middle, sound, wet) < share) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return high;
  }

  /**
   * The chance that the plant lives sixty days after all that is rotten was cut away.
   *
   * @param sound share of the organ that is left sound, 0 to 1
   * @param dry whether the wound can be kept dry
   */
  public double saved(double sound, boolean dry) {
    double[] odds =
        IntStream.range(0, SOUND.length)
            .mapToDouble(i -> rot.saved().get(SOUND.length - 1 - i))
            .toArray();
    double percent = between(SOUND, odds, 100 * sound);
    percent +=
        celsius > HOT ? -OF_HEAT : celsius < COOL ? Math.min(OF_COOLNESS, COOL_SHARE * percent) : 0;
    double chance = Math.max(0, Math.min(95, percent)) / 100 * (dry ? 1 : WET);
    return sound <= 0 ? 0 : chance;
  }

  /** On the line between points; beyond the ends as at them. */
  private static double between(double[] at, double[] values, double x) {
    if (x <= at[0]) {
      return values[0];
    }
    for (int i = 1; i < at.length; i++) {
      if (x <= at[i]) {
        double share = (x - at[i - 1]) / (at[i] - at[i - 1]);
        return values[i - 1] + share * (values[i] - values[i - 1]);
      }
    }
    return values[values.length - 1];
  }

  /** The standard normal distribution, to 1e-7 (Abramowitz & Stegun 1964, 26.2.17). */
  private static double normal(double z) {
    double t = 1 / (1 + 0.2316419 * Math.abs(z));
    double tail =
        Math.exp(-z * z / 2)
            / Math.sqrt(2 * Math.PI)
            * t
            * (0.319381530
                + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
    return z >= 0 ? 1 - tail : tail;
  }
}
