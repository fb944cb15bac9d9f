package org.mildlantern.core.diagnosis;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;

/**
 * How unsure figures and words are that were worked out, read by an instrument or read from what a
 * keeper said. What is not here stands as it was noted.
 *
 * @param spreads by field of a number, its standard deviation in the field's unit
 * @param chances by field of one of two words, the chance that it is so; else it is the other
 * @param meant by field, how likely it was meant where its keeper was heard to tell it; else
 *     nothing is known of it
 */
public record Doubt(
    Map<String, Double> spreads, Map<String, Double> chances, Map<String, Double> meant) {
  public static final Doubt NONE = new Doubt(Map.of(), Map.of());

  public Doubt(Map<String, Double> spreads, Map<String, Double> chances) {
    this(spreads, chances, Map.of());
  }

  public Doubt {
    spreads = Map.copyOf(spreads);
    chances = Map.copyOf(chances);
    meant = Map.copyOf(meant);
    if (spreads.values().stream().anyMatch(spread -> !(spread >= 0))
        || Stream.of(chances, meant)
            .flatMap(one -> one.values().stream())
            .anyMatch(chance -> !(chance >= 0 && chance <= 1))) {
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

  /** How likely it is that a field's word was meant. */
  public double meant(String field) {
    return meant.getOrDefault(field, 1.0);
  }

  /** The same with the spread of one field more. */
  Doubt with(String field, double spread) {
    Map<String, Double> more = new HashMap<>(spreads);
    more.put(field, spread);
    return new Doubt(more, chances, meant);
  }

  /** The same with what a keeper was heard to tell: what may mean several, or was not meant. */
  Doubt hearing(Doubt told) {
    Map<String, Double> wider = new HashMap<>(spreads);
    Map<String, Double> more = new HashMap<>(meant);
    wider.putAll(told.spreads);
    more.putAll(told.meant);
    return new Doubt(wider, chances, more);
  }

  /** The same where these fields are told by a keeper, and stand as they are told. */
  Doubt without(Set<String> fields) {
    Map<String, Double> numbers = new HashMap<>(spreads);
    Map<String, Double> words = new HashMap<>(chances);
    Map<String, Double> heard = new HashMap<>(meant);
    numbers.keySet().removeAll(fields);
    words.keySet().removeAll(fields);
    heard.keySet().removeAll(fields);
    return new Doubt(numbers, words, heard);
  }

  /** The spread of what follows from a number of a spread. */
  static double following(DoubleUnaryOperator of, double number, double spread) {
    return spread == 0
        ? 0
        : Math.abs(of.applyAsDouble(number + spread) - of.applyAsDouble(number - spread)) / 2;
  }
}
