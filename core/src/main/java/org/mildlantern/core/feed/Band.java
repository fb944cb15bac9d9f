package org.mildlantern.core.feed;

/**
 * A figure with the band in which it lies eight times in ten.
 *
 * @param known whether it was typed or read; else it is estimated
 */
public record Band(double value, double low, double high, boolean known) {
  /** Eight in ten lie within so many standard deviations. */
  static final double EIGHT_IN_TEN = 1.2816;

  /** What was read, off by a tenth at most. */
  public static Band read(double value) {
    return new Band(value, value * 0.9, value * 1.1, true);
  }

  public static Band about(double value, double low, double high) {
    return new Band(value, low, high, false);
  }

  /** Standard deviation; of what was read, half of what it may be off at most. */
  public double spread() {
    return known ? (high - low) / 4 : (high - low) / 2 / EIGHT_IN_TEN;
  }

  Band times(double factor, double off) {
    return new Band(value * factor, low * factor * (1 - off), high * factor * (1 + off), false);
  }
}
