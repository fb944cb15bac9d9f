package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.water.Forecast;
import org.mildlantern.core.water.WaterOutlook;
import org.mildlantern.core.water.WaterStory;
import org.mildlantern.core.words.Words;

/**
 * Water left over the days, ready to be drawn on a canvas of {@value #WIDTH} by {@value #HEIGHT}.
 *
 * @param dryY where the dry end begins
 */
public record WaterChart(
    Lines lines, double dryY, double todayX, List<Dot> dots, List<Label> labels, String told) {
  /**
   * The curves.
   *
   * @param past line up to today
   * @param ahead expected line from today
   * @param band area in which eight in ten lie
   */
  public record Lines(String past, String ahead, String band) {}

  public String past() {
    return lines.past();
  }

  public String ahead() {
    return lines.ahead();
  }

  public String band() {
    return lines.band();
  }

  private static final Words WORDS = Words.of(WaterChart.class);

  static final int WIDTH = 360;
  static final int HEIGHT = 150;
  private static final double LEFT = 34;
  private static final double RIGHT = 352;
  private static final double TOP = 8;
  private static final double BOTTOM = 120;
  private static final int SHORTEST = 7;
  private static final int LONGEST = 40;

  /** Something noted on a day. */
  public record Dot(double x, double y, boolean watered) {}

  /** A day on the axis. */
  public record Label(double x, String text) {}

  static WaterChart of(WaterOutlook outlook, LocalDate today) {
    List<WaterStory.Point> trail = outlook.story().trail();
    LocalDate first = trail.isEmpty() ? today : trail.get(0).day();
    long span = ChronoUnit.DAYS.between(today, outlook.lookOn());
    int days = (int) Math.max(SHORTEST, Math.min(LONGEST, span + 4));
    Scale scale = new Scale(first, ChronoUnit.DAYS.between(first, today) + days);
    StringBuilder past = new StringBuilder();
    List<Dot> dots = new ArrayList<>();
    for (WaterStory.Point point : trail) {
      add(past, scale.x(point.day()), y(point.share()));
      if (point.noted()) {
        dots.add(new Dot(scale.x(point.day()), y(point.share()), point.watered()));
      }
    }
    Forecast forecast = outlook.forecast();
    StringBuilder ahead = new StringBuilder();
    StringBuilder band = new StringBuilder();
    for (int day = 0; day <= days; day++) {
      add(ahead, scale.x(today.plusDays(day)), y(forecast.middle()[day]));
      add(band, scale.x(today.plusDays(day)), y(forecast.high()[day]));
    }
    for (int day = days; day >= 0; day--) {
      add(band, scale.x(today.plusDays(day)), y(forecast.low()[day]));
    }
    List<Label> labels = new ArrayList<>();
    labels.add(new Label(scale.x(first), first.equals(today) ? "" : Days.brief(first)));
    labels.add(new Label(scale.x(today), "today"));
    labels.add(new Label(scale.x(today.plusDays(days)), Days.brief(today.plusDays(days))));
    return new WaterChart(
        new Lines(past.toString().strip(), ahead.toString().strip(), band.toString().strip()),
        y(outlook.wish().threshold()),
        scale.x(today),
        dots,
        labels,
        WORDS.say("chart", 100 * outlook.left(), Days.brief(outlook.lookOn())));
  }

  private static void add(StringBuilder points, double x, double y) {
    points.append(String.format(Locale.ROOT, "%.1f,%.1f ", x, y));
  }

  private static double y(double share) {
    return TOP + (BOTTOM - TOP) * (1 - share);
  }

  private record Scale(LocalDate first, long days) {
    double x(LocalDate day) {
      return LEFT + (RIGHT - LEFT) * (double) ChronoUnit.DAYS.between(first, day) / days;
    }
  }
}
