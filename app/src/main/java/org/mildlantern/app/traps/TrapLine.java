package org.mildlantern.app.traps;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Counts per trap over time, ready to be drawn on a canvas of 600 by 70. */
public record TrapLine(String points, List<Mark> marks, String told) {
  private static final double LEFT = 8;
  private static final double WIDTH = 584;
  private static final double BOTTOM = 62;
  private static final double HEIGHT = 54;

  /** One count. */
  public record Mark(double x, double y, String label) {}

  /** Null with fewer than two counts. */
  static TrapLine of(List<TrapService.Row> rows) {
    if (rows.size() < 2) {
      return null;
    }
    double most = rows.stream().mapToDouble(TrapService.Row::each).max().orElseThrow();
    long days = ChronoUnit.DAYS.between(rows.get(0).day(), rows.get(rows.size() - 1).day());
    List<Mark> marks = new ArrayList<>();
    StringBuilder points = new StringBuilder();
    for (TrapService.Row row : rows) {
      double x = LEFT + WIDTH * ChronoUnit.DAYS.between(rows.get(0).day(), row.day()) / days;
      double y = BOTTOM - (most == 0 ? 0 : HEIGHT * row.each() / most);
      String label = String.format(Locale.ROOT, "%s: %.1f a trap", row.day(), row.each());
      marks.add(new Mark(x, y, label));
      points.append(String.format(Locale.ROOT, "%.1f,%.1f ", x, y));
    }
    return new TrapLine(
        points.toString().strip(),
        marks,
        String.format(
            Locale.ROOT,
            "From %.1f a trap to %.1f in %d days",
            rows.get(0).each(),
            rows.get(rows.size() - 1).each(),
            days));
  }
}
