package org.mildlantern.app.sensors;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.air.Gauge;

/**
 * What was read at a place over a span, ready for the chart.
 *
 * @param at seconds since 1970 of each point
 * @param low of each stretch; the same as the mean where single readings are shown
 * @param wishLow from which the plants of the place wish it, or null
 * @param wishHigh up to which, or null
 */
record Series(
    String gauge,
    String label,
    String unit,
    List<Long> at,
    List<Double> mean,
    List<Double> low,
    List<Double> high,
    Double wishLow,
    Double wishHigh) {

  /** A span that is shown, and by what stretches. */
  enum Span {
    DAY("day", Duration.ofDays(1)),
    MONTH("month", Duration.ofDays(31)),
    YEAR("year", Duration.ofDays(366));

    private static final int MOST = 3000;

    private final String label;
    private final Duration length;

    Span(String label, Duration length) {
      this.label = label;
      this.length = length;
    }

    public String label() {
      return label;
    }

    List<AirStore.Point> of(AirStore store, long place, Gauge gauge, Instant now) {
      Instant from = now.minus(length);
      return switch (this) {
        case DAY -> store.raw(place, gauge, from, MOST);
        case MONTH -> store.hours(place, gauge, from, MOST);
        case YEAR -> store.days(place, gauge, from, MOST);
      };
    }
  }

  static Series of(Gauge gauge, List<AirStore.Point> points, Wish wish) {
    List<Long> at = new ArrayList<>();
    List<Double> mean = new ArrayList<>();
    List<Double> low = new ArrayList<>();
    List<Double> high = new ArrayList<>();
    for (AirStore.Point point : points) {
      at.add(point.at().getEpochSecond());
      mean.add(tenth(point.mean()));
      low.add(tenth(point.low()));
      high.add(tenth(point.high()));
    }
    return new Series(
        gauge.id(), gauge.label(), gauge.unit(), at, mean, low, high, wish.low(), wish.high());
  }

  /** What plants wish of it; null where they do not care. */
  record Wish(Double low, Double high) {
    static final Wish NONE = new Wish(null, null);
  }

  private static double tenth(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
