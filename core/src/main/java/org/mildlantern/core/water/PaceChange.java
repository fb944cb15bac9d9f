package org.mildlantern.core.water;

import org.mildlantern.core.chance.Normal;
import org.mildlantern.core.words.Words;

/**
 * Whether a pot draws faster or slower than it did, beyond what air and light explain.
 *
 * @param ratio pace now by pace then
 * @param faster chance that it is faster by a fifth or more
 * @param slower chance that it is slower by a sixth or more
 */
public record PaceChange(double ratio, double faster, double slower) {
  private static final Words WORDS = Words.of(PaceChange.class);

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
      return WORDS.say("pace.faster", ratio, sure(faster));
    }
    return surelySlower() ? WORDS.say("pace.slower", ratio, sure(slower)) : "";
  }

  private static String sure(double chance) {
    return WORDS.say("pace.sure", Words.yes(chance > 0.99), 100 * chance);
  }
}
