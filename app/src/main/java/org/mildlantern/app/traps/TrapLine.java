package org.mildlantern.app.traps;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.words.Words;

/** Counts per trap over time, ready to be drawn on a canvas of 600 by 70. */
public record TrapLine(String points, List<Mark> marks, String told) {
  private static final Words WORDS = Words.of(TrapLine.class);

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
      String label = WORDS.say("mark", Days.near(row.day()), row.each());
      marks.add(new Mark(x, y, label));
      points.append(String.format(Locale.ROOT, "%.1f,%.1f ", x, y));
    }
    return new TrapLine(
        points.toString().strip(),
        marks,
        WORDS.say("line", rows.get(0).each(), rows.get(rows.size() - 1).each(), days));
  }
}
