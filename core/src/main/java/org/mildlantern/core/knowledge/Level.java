package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/**
 * The words for how often a cause shows a sign, or a plant that is well. Experts cannot tell 0.62
 * from 0.66, so the knowledge uses words and this is the one place that maps them to probabilities.
 * The last two are for plants that are well: a sign that is proof must be able to prove. Rule of
 * thumb.
 */
public enum Level {
  ALWAYS("always", 0.97),
  NEARLY_ALWAYS("nearly always", 0.90),
  USUALLY("usually", 0.75),
  OFTEN("often", 0.50),
  SOMETIMES("sometimes", 0.25),
  SELDOM("seldom", 0.10),
  HARDLY_EVER("hardly ever", 0.02),
  ALMOST_UNHEARD_OF("almost unheard of", 0.003),
  NEVER_WITHOUT_A_REASON("never without a reason", 0.0005);

  private final String word;
  private final double probability;

  Level(String word, double probability) {
    this.word = word;
    this.probability = probability;
  }

  @JsonCreator
  public static Level of(String word) {
    return Words.find(values(), Level::word, word);
  }

  @JsonValue
  public String word() {
    return word;
  }

  /** Probability, between 0 and 1. */
  public double probability() {
    return probability;
  }
}
