package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/** The words by which a plant's records multiply the odds of a cause. Rule of thumb. */
public enum Factor {
  STRONGLY_FOR("strongly for", 6),
  FOR("for", 3),
  SLIGHTLY_FOR("slightly for", 1.5),
  SLIGHTLY_AGAINST("slightly against", 1 / 1.5),
  AGAINST("against", 1.0 / 3),
  STRONGLY_AGAINST("strongly against", 1.0 / 6),
  /** What nearly settles it, such as a medium felt wet against drought. */
  ALL_BUT_RULES_OUT("all but rules out", 1.0 / 50);

  private final String word;
  private final double odds;

  Factor(String word, double odds) {
    this.word = word;
    this.odds = odds;
  }

  @JsonCreator
  public static Factor of(String word) {
    return Words.find(values(), Factor::word, word);
  }

  @JsonValue
  public String word() {
    return word;
  }

  /** Whether it speaks against strongly enough to hold in every way of life. */
  boolean settles() {
    return odds <= STRONGLY_AGAINST.odds;
  }

  /** What the odds are multiplied by. */
  public double odds() {
    return odds;
  }
}
