package org.mildlantern.core.water;

/** The standard normal distribution function, by a logistic fit good to 0.01 (Tocher 1963). */
final class Normal {
  private Normal() {}

  static double below(double z) {
    return 1 / (1 + Math.exp(-1.702 * z));
  }
}
