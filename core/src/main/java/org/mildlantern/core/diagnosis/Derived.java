package org.mildlantern.core.diagnosis;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleUnaryOperator;

/** Takes figures that follow from others, each as unsure as those make it. */
final class Derived {
  private final Circumstances from;
  private final Map<String, Double> numbers;
  private Doubt doubt;

  Derived(Circumstances from) {
    this.from = from;
    this.numbers = new LinkedHashMap<>(from.numbers());
    this.doubt = from.doubt();
  }

  /** What follows from a word, and was as likely meant. */
  void by(String word, String field, double value) {
    numbers.put(field, value);
    double meant = from.doubt().meant(word);
    if (meant < 1) {
      doubt = doubt.hearing(new Doubt(Map.of(), Map.of(), Map.of(field, meant)));
    }
  }

  /** What follows from one figure, where that is known. */
  void of(String field, String one, DoubleUnaryOperator work) {
    Double value = from.numbers().get(one);
    if (value != null) {
      keep(
          field, work.applyAsDouble(value), Doubt.following(work, value, from.doubt().spread(one)));
    }
  }

  /** What follows from two figures, where both are known; the second is no divisor of 0. */
  void of(String field, String one, String other, DoubleBinaryOperator work) {
    Double a = from.numbers().get(one);
    Double b = from.numbers().get(other);
    if (a != null && b != null) {
      keep(
          field,
          work.applyAsDouble(a, b),
          Math.hypot(
              Doubt.following(x -> work.applyAsDouble(x, b), a, from.doubt().spread(one)),
              Doubt.following(y -> work.applyAsDouble(a, y), b, from.doubt().spread(other))));
    }
  }

  /** What is given of a field, or null. */
  Double of(String field) {
    return from.numbers().get(field);
  }

  /**
   * Draws a figure that was derived towards 0 as far as another way of working it out goes: it
   * counts only as far as both agree.
   */
  void limit(String field, String one, DoubleUnaryOperator work) {
    Double derived = numbers.get(field);
    Double value = from.numbers().get(one);
    if (derived != null && value != null) {
      double other = work.applyAsDouble(value);
      double both =
          derived > 0
              ? Math.min(derived, Math.max(0, other))
              : Math.max(derived, Math.min(0, other));
      keep(
          field,
          both,
          both == derived
              ? doubt.spread(field)
              : Doubt.following(work, value, from.doubt().spread(one)));
    }
  }

  private void keep(String field, double value, double spread) {
    if (Double.isFinite(value)) {
      numbers.put(field, value);
      if (spread > 0 && Double.isFinite(spread)) {
        doubt = doubt.with(field, spread);
      }
    }
  }

  Map<String, Double> numbers() {
    return numbers;
  }

  Doubt doubt() {
    return doubt;
  }
}
