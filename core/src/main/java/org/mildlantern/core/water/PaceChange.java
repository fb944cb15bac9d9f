package org.mildlantern.core.water;

import java.util.Locale;

/**
 * Whether a pot draws faster or slower than it did, beyond what air and light explain.
 *
 * @param ratio pace now by pace then
 * @param faster chance that it is faster by a fifth or more
 * @param slower chance that it is slower by a sixth or more
 */
public record PaceChange(double ratio, double faster, double slower) {
  private static final double NOTABLE = 1.2;
  private static final double SURE = 0.8;

  /** Null when nothing is known of then. */
  public static PaceChange of(PotFilter now, PotFilter then) {
    if (then == null) {
      return null;
    }
    double mean = Math.log(now.pace() / then.pace());
    double error = Math.hypot(now.paceError(), then.paceError());
    return new PaceChange(
        Math.exp(mean),
        Normal.below((mean - Math.log(NOTABLE)) / error),
        Normal.below((-mean - Math.log(NOTABLE)) / error));
  }

  /** In the keeper's words; empty when there is nothing to tell. */
  public String words() {
    if (faster >= SURE) {
      return String.format(
          Locale.ROOT,
          "Dries %.1f times as fast as five weeks ago: roots that fill the pot, new growth, or a"
              + " draught or heater that nobody noted.",
          ratio);
    }
    return slower >= SURE
        ? String.format(
            Locale.ROOT,
            "Dries at %.1f of its pace of five weeks ago: lost roots, cold, or too little light.",
            ratio)
        : "";
  }
}
