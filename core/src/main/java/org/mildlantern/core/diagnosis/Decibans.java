package org.mildlantern.core.diagnosis;

import java.util.Locale;

/**
 * Weights of evidence in decibans: ten times the common logarithm of an odds ratio (Good 1950). Ten
 * decibans make the odds ten times as great; one deciban is about the least that a person notices.
 */
public final class Decibans {
  private static final double EDGE = 1e-15;

  private Decibans() {}

  /** Decibans of an odds factor, which must be above zero. */
  public static double ofFactor(double factor) {
    return 10 * Math.log10(factor);
  }

  /** Decibans of the odds of a probability between 0 and 1. */
  public static double ofProbability(double probability) {
    double p = Math.min(1 - EDGE, Math.max(EDGE, probability));
    return ofFactor(p / (1 - p));
  }

  static double ofNats(double nats) {
    return 10 * nats / Math.log(10);
  }

  /** With sign and one decimal, for example {@code +9.2}. */
  public static String text(double decibans) {
    double rounded = Math.round(decibans * 10) / 10.0;
    if (rounded == 0) {
      return "0.0";
    }
    return (rounded < 0 ? "−" : "+") + String.format(Locale.ROOT, "%.1f", Math.abs(rounded));
  }

  static String number(double value) {
    return value == Math.rint(value)
        ? String.format(Locale.ROOT, "%.0f", value)
        : String.format(Locale.ROOT, "%.1f", value);
  }

  /** A probability as percent, with care at the ends. */
  public static String percent(double probability) {
    if (probability > 0 && probability < 0.005) {
      return "< 1 %";
    }
    if (probability < 1 && probability > 0.995) {
      return "> 99 %";
    }
    return Math.round(probability * 100) + " %";
  }
}
