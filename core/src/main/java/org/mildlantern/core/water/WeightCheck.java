package org.mildlantern.core.water;

import java.util.Optional;
import org.mildlantern.core.words.Words;

/** Whether a pot can weigh what a scale says, by its weights when just drained and when dry. */
public final class WeightCheck {
  private static final Words WORDS = Words.of(WeightCheck.class);

  /** A scale, dust and lost leaves may account for this share of the water. Rule of thumb. */
  private static final double SLACK = 0.15;

  private WeightCheck() {}

  /**
   * What is wrong with a weight; empty when it can be, or when nothing is known to compare it with.
   *
   * @param drained grams when just drained, or null
   * @param dry grams when dry, or null
   */
  public static Optional<String> fault(double grams, Double drained, Double dry, Holding holding) {
    if (drained == null && dry == null) {
      return Optional.empty();
    }
    double slack = SLACK * holding.availableMl() + 2;
    double least = dry != null ? dry : drained - holding.fullMl();
    double most = drained != null ? drained : dry + holding.fullMl();
    if (grams < least - slack) {
      return Optional.of(WORDS.say("weight.light", dry != null ? dry : least));
    }
    if (grams > most + slack + holding.availableMl() / 2) {
      return Optional.of(WORDS.say("weight.heavy", drained != null ? drained : most));
    }
    return Optional.empty();
  }
}
