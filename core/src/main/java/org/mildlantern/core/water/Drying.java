package org.mildlantern.core.water;

/**
 * How the water left in a pot falls.
 *
 * <p>Let x be the share of the available water that is left, φ the pot's own factor (shares a day
 * at a demand of 1 while it is wet), and u the demand added up over the days. Then dx/du = −φ ·
 * g(x), with g = 1 above {@value #SLOWS} and x ÷ {@value #SLOWS} below it: as it dries the plant
 * draws less, the form of the water stress coefficient of Allen et al. 1998 (FAO 56). The solution
 * is exact: straight above, exponential below.
 */
final class Drying {
  static final double SLOWS = 0.4;

  private Drying() {}

  /** What is left after a demand of u. */
  static double after(double x, double factor, double u) {
    double straight = (x - SLOWS) / factor;
    if (u <= straight) {
      return x - factor * u;
    }
    double from = Math.min(x, SLOWS);
    return from * Math.exp(-factor * (u - Math.max(0, straight)) / SLOWS);
  }

  /** The demand until x has fallen to a threshold above 0; 0 when it lies below already. */
  static double until(double x, double factor, double threshold) {
    if (x <= threshold) {
      return 0;
    }
    double straight = Math.max(0, x - Math.max(SLOWS, threshold)) / factor;
    double from = Math.min(x, SLOWS);
    return threshold >= SLOWS ? straight : straight + Math.log(from / threshold) * SLOWS / factor;
  }
}
