package org.mildlantern.core.diagnosis;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;

/**
 * How unsure figures and words are that were worked out or read by an instrument. What is not here
 * stands as it was noted.
 *
 * @param spreads by field of a number, its standard deviation in the field's unit
 * @param chances by field of one of two words, the chance that it is so; else it is the other
 */
public record Doubt(Map<String, Double> spreads, Map<String, Double> chances) {
  public static final Doubt NONE = new Doubt(Map.of(), Map.of());

  public Doubt {
    spreads = Map.copyOf(spreads);
    chances = Map.copyOf(chances);
    if (spreads.values().stream().anyMatch(spread -> !(spread >= 0))
        || chances.values().stream().anyMatch(chance -> !(chance >= 0 && chance <= 1))) {
      throw new IllegalArgumentException("a spread is 0 or more, a chance 0 to 1");
    }
  }

  /** Standard deviation of a field's number; 0 where it stands as it was noted. */
  public double spread(String field) {
    return spreads.getOrDefault(field, 0.0);
  }

  /** The chance that a field's word is so. */
  public double chance(String field) {
    return chances.getOrDefault(field, 1.0);
  }

  /** The same with the spread of one field more. */
  Doubt with(String field, double spread) {
    Map<String, Double> more = new HashMap<>(spreads);
    more.put(field, spread);
    return new Doubt(more, chances);
  }

  /** The same where these fields are told by a keeper, and stand as they are told. */
  Doubt without(Set<String> fields) {
    Map<String, Double> numbers = new HashMap<>(spreads);
    Map<String, Double> words = new HashMap<>(chances);
    numbers.keySet().removeAll(fields);
    words.keySet().removeAll(fields);
    return new Doubt(numbers, words);
  }

  /** The spread of what follows from a number of a spread. */
  static double following(DoubleUnaryOperator of, double number, double spread) {
    return spread == 0
        ? 0
        : Math.abs(of.applyAsDouble(number + spread) - of.applyAsDouble(number - spread)) / 2;
  }
}
