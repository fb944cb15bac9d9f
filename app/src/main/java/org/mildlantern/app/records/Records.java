package org.mildlantern.app.records;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** Takes fields with where each is known from. */
public final class Records {
  final Map<String, Double> numbers = new LinkedHashMap<>();
  final Map<String, Double> spreads = new LinkedHashMap<>();
  final Map<String, Double> chances = new LinkedHashMap<>();
  final Map<String, String> choices = new LinkedHashMap<>();
  final Map<String, String> sources = new LinkedHashMap<>();
  final Set<String> neighbourCauses = new HashSet<>();

  /** A figure; null is not known. */
  public Records number(String field, Double value, String source) {
    if (value != null) {
      numbers.put(field, value);
      sources.put(field, source);
    }
    return this;
  }

  /** A figure that was worked out or read, with its standard deviation. */
  public Records number(String field, double value, double spread, String source) {
    spreads.put(field, spread);
    return number(field, value, source);
  }

  /** One of a field's words; null is not known. */
  public Records choice(String field, String value, String source) {
    if (value != null) {
      choices.put(field, value);
      sources.put(field, source);
    }
    return this;
  }

  /** Null is not known. */
  public Records yesNo(String field, Boolean yes, String source) {
    return yes == null ? this : choice(field, yes ? "yes" : "no", source);
  }

  /** Yes or no, as it was worked out, by the chance of yes. */
  public Records likely(String field, double yes, String source) {
    return likely(field, yes, "yes", "no", source);
  }

  /** The likelier of two words, by the chance of the first. */
  public Records likely(String field, double first, String word, String other, String source) {
    chances.put(field, Math.max(first, 1 - first));
    return choice(field, first >= 0.5 ? word : other, source);
  }

  /** Causes that its neighbours have. */
  public Records neighbours(String field, Set<String> causes, String source) {
    neighbourCauses.addAll(causes);
    sources.put(field, source);
    return this;
  }

  Records and(Records more) {
    Records all = new Records();
    for (Records one : new Records[] {this, more}) {
      all.numbers.putAll(one.numbers);
      all.spreads.putAll(one.spreads);
      all.chances.putAll(one.chances);
      all.choices.putAll(one.choices);
      all.sources.putAll(one.sources);
      all.neighbourCauses.addAll(one.neighbourCauses);
    }
    return all;
  }
}
