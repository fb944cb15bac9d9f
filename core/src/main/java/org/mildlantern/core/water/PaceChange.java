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

  /** A pace of then that is known less well than this was a guess, and no baseline. */
  private static final double LEARNED = 0.35;

  /** Null when the pace of then was not learned yet. */
  public static PaceChange of(PotFilter now, PotFilter then) {
    if (then == null || then.paceError() > LEARNED) {
      return null;
    }
    double mean = Math.log(now.pace() / then.pace());
    double error = Math.hypot(now.paceError(), then.paceError());
    return new PaceChange(
        Math.exp(mean),
        Normal.below((mean - Math.log(NOTABLE)) / error),
        Normal.below((-mean - Math.log(NOTABLE)) / error));
  }

  public boolean surelyFaster() {
    return faster >= SURE;
  }

  public boolean surelySlower() {
    return slower >= SURE;
  }

  /** In the keeper's words; empty when there is nothing to tell. */
  public String words() {
    if (surelyFaster()) {
      return String.format(
          Locale.ROOT,
          "Dries %.1f times as fast as five weeks ago, beyond what its air and light explain; %s.",
          ratio,
          sure(faster));
    }
    return surelySlower()
        ? String.format(
            Locale.ROOT,
            "Dries at %.1f of its pace of five weeks ago, beyond what its air and light explain; %s.",
            ratio,
            sure(slower))
        : "";
  }

  private static String sure(double chance) {
    return chance > 0.99 ? "as good as sure" : Math.round(100 * chance) + " % sure";
  }
}
