package org.mildlantern.app.records;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** Takes fields with where each is known from. */
public final class Records {
  final Map<String, Double> numbers = new LinkedHashMap<>();
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
      all.choices.putAll(one.choices);
      all.sources.putAll(one.sources);
      all.neighbourCauses.addAll(one.neighbourCauses);
    }
    return all;
  }
}
