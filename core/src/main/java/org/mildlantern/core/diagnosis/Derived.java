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

  void put(String field, double value) {
    numbers.put(field, value);
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
