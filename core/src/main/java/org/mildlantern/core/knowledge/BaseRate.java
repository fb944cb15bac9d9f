package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/**
 * The words for how often a cause is at work in a plant that its keeper worries about. One unit is
 * one plant in a hundred, so that the causes of a growth form together add up to about one. Rule of
 * thumb.
 */
public enum BaseRate {
  EVERYDAY("everyday", 8),
  COMMON("common", 4),
  FAIRLY_COMMON("fairly common", 2),
  UNCOMMON("uncommon", 1),
  RARE("rare", 0.3),
  VERY_RARE("very rare", 0.1);

  private static final double PLANTS = 100;

  private final String word;
  private final double inHundred;

  BaseRate(String word, double inHundred) {
    this.word = word;
    this.inHundred = inHundred;
  }

  @JsonCreator
  public static BaseRate of(String word) {
    return Words.find(values(), BaseRate::word, word);
  }

  @JsonValue
  public String word() {
    return word;
  }

  /** Prior probability before anything is known of this plant, between 0 and 1. */
  public double probability() {
    return inHundred / PLANTS;
  }
}
