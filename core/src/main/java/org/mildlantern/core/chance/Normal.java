package org.mildlantern.core.chance;

/**
 * The standard normal distribution.
 *
 * <p>Example: eight in ten lie within 1.2816 standard deviations of the mean.
 */
public final class Normal {
  private Normal() {}

  /** The chance of lying below so many standard deviations (Abramowitz & Stegun 1964, 26.2.17). */
  public static double below(double z) {
    double x = Math.abs(z);
    double t = 1 / (1 + 0.2316419 * x);
    double tail =
        Math.exp(-x * x / 2)
            / Math.sqrt(2 * Math.PI)
            * t
            * (0.319381530
                + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
    return z >= 0 ? 1 - tail : tail;
  }
}
