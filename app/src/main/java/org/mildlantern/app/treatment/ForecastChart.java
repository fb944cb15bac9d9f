package org.mildlantern.app.treatment;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.mildlantern.core.treatment.Outlook;
import org.mildlantern.core.words.Words;

/**
 * Expected numbers over time on a logarithmic scale, ready to be drawn on a canvas of {@value
 * #WIDTH} by {@value #HEIGHT}.
 *
 * @param rows lines of equal number with their labels
 * @param columns days with their labels
 * @param visits where the plan's visits lie
 * @param left how many there are at its end if it does not clear, in words
 */
record ForecastChart(
    List<Curve> curves,
    List<Tick> rows,
    List<Tick> columns,
    List<Double> visits,
    String told,
    String left) {
  private static final Words WORDS = Words.of(ForecastChart.class);

  static final int WIDTH = 640;
  static final int HEIGHT = 210;
  private static final int LEFT = 52;
  private static final int RIGHT = 630;
  private static final int TOP = 12;
  private static final int BOTTOM = 180;

  /** Below this expected number there is most likely none. */
  private static final double GONE = 0.05;

  /** A line through points, with its name at its end. */
  record Curve(String name, String id, String points, double labelX, double labelY) {}

  /** A mark on an axis. */
  record Tick(double at, String label) {}

  /** Numbers of all stages together at the end of each day. */
  record Series(String name, String id, double[][] days) {
    double total(int day) {
      return Arrays.stream(days[day]).sum();
    }
  }

  /**
   * Draws series of equal length.
   *
   * @param visitDays days of the plan's visits
   * @param left numbers when it is judged, if any are left
   */
  static ForecastChart of(List<Series> series, List<Integer> visitDays, Outlook.IfLeft left) {
    int days = series.get(0).days().length - 1;
    double start = series.get(0).total(0);
    double most = Math.pow(10, Math.ceil(Math.log10(start)) + 2);
    List<Curve> curves = new ArrayList<>();
    for (Series one : series) {
      curves.add(curve(one, days, most));
    }
    List<Tick> rows = new ArrayList<>();
    for (double value = most; value >= 1; value /= 10) {
      rows.add(new Tick(y(value, most), String.format(Locale.ROOT, "%.0f", value)));
    }
    rows.add(new Tick(y(GONE, most), "gone"));
    List<Tick> columns = new ArrayList<>();
    int step = days <= 35 ? 7 : days <= 90 ? 14 : days <= 180 ? 28 : 60;
    for (int day = 0; day <= days - step / 4; day += step) {
      columns.add(new Tick(x(day, days), WORDS.say("day", day)));
    }
    return new ForecastChart(
        curves,
        rows,
        columns,
        visitDays.stream().filter(d -> d <= days).map(d -> x(d, days)).toList(),
        WORDS.say("forecast", start, days, told(series, days)),
        WORDS.say("if-left", twoFigures(left.least()), twoFigures(left.most())));
  }

  private static String told(List<Series> series, int days) {
    return series.stream()
        .map(one -> WORDS.say("series", one.name(), number(one.total(days))))
        .collect(Collectors.joining(", "));
  }

  private static String number(double value) {
    if (value < GONE) {
      return "none";
    }
    return value > 1e6 ? "over a million" : WORDS.say("about-figures", twoFigures(value));
  }

  /** No forecast is surer than two figures. */
  private static String twoFigures(double value) {
    return new BigDecimal(value).round(new MathContext(2)).toPlainString();
  }

  private static Curve curve(Series series, int days, double most) {
    StringBuilder points = new StringBuilder();
    double x = LEFT;
    double y = TOP;
    for (int day = 0; day <= days; day++) {
      double total = series.total(day);
      x = x(day, days);
      y = y(total, most);
      points.append(String.format(Locale.ROOT, "%.1f,%.1f ", x, y));
      if (total > most || total < GONE) {
        break;
      }
    }
    return new Curve(series.name(), series.id(), points.toString().strip(), x, y);
  }

  private static double x(int day, int days) {
    return LEFT + (RIGHT - LEFT) * (double) day / days;
  }

  private static double y(double value, double most) {
    double share =
        (Math.log10(most) - Math.log10(Math.max(GONE, Math.min(most, value))))
            / (Math.log10(most) - Math.log10(GONE));
    return TOP + (BOTTOM - TOP) * share;
  }
}
