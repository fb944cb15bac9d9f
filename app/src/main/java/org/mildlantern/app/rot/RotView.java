package org.mildlantern.app.rot;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.IntToDoubleFunction;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.knowledge.Rot;
import org.mildlantern.core.treatment.RotOdds;
import org.mildlantern.core.words.Words;

/**
 * The page of a rot, ready to be shown.
 *
 * @param looks made so far, the last first
 * @param next day on which to look, or null
 */
public record RotView(
    CaseView kase,
    PlantView plant,
    Rot rot,
    String warmth,
    Alone alone,
    List<Left> saved,
    List<Entry> looks,
    Next next) {
  private static final Words WORDS = Words.of(RotView.class);

  private static final int LEFT = 44;
  private static final int RIGHT = 630;
  private static final int TOP = 12;
  private static final int BOTTOM = 160;
  private static final int SHORTEST = 14;
  private static final int LONGEST = 120;

  /** Sound shares that are told, in percent, with how they are called. */
  private static final int[] SHARES = {95, 80, 55, 25, 5};

  private static final List<String> CALLED =
      List.of("more than 90 %", "70 to 90 %", "40 to 70 %", "10 to 40 %", "less than 10 %");

  /**
   * What becomes of it when nothing is done.
   *
   * @param wet line of the chance over time while it stays wet
   * @param dry the same when it is kept dry
   */
  public record Alone(String wet, String dry, List<Tick> columns, List<Row> rows, String told) {}

  /** A mark under the drawing. */
  public record Tick(double at, String label) {}

  /** Chances on a day. */
  public record Row(int day, String wet, String dry) {}

  /** Chances after the cut with so much left sound. */
  public record Left(String sound, String dry, String wet) {}

  /** The next look. */
  public record Next(LocalDate day, boolean due) {}

  static RotView of(
      CaseView kase, PlantView plant, Rot rot, List<Entry> looks, LocalDate next, LocalDate today) {
    RotOdds odds = new RotOdds(rot, plant.place().warmth());
    return new RotView(
        kase,
        plant,
        rot,
        WORDS.say(
            plant.place().temperature() == null ? "warmth-assumed" : "warmth",
            plant.place().name(),
            odds.celsius()),
        alone(odds),
        saved(odds),
        looks.stream().sorted(Comparator.comparing(Entry::at).reversed()).toList(),
        next == null ? null : new Next(next, !next.isAfter(today)));
  }

  private static Alone alone(RotOdds odds) {
    int days =
        (int) Math.max(SHORTEST, Math.min(LONGEST, Math.ceil(1.2 * odds.lost(0.9, 1, true))));
    List<Tick> columns = new ArrayList<>();
    List<Row> rows = new ArrayList<>();
    int step = days <= 21 ? 3 : days <= 60 ? 7 : 14;
    for (int day = 0; day <= days; day += step) {
      columns.add(new Tick(x(day, days), WORDS.say("day", day)));
      if (day > 0) {
        rows.add(
            new Row(
                day,
                Decibans.percent(odds.alive(day, 1, true)),
                Decibans.percent(odds.alive(day, 1, false))));
      }
    }
    return new Alone(
        line(day -> odds.alive(day, 1, true), days),
        line(day -> odds.alive(day, 1, false), days),
        columns,
        rows,
        WORDS.say(
            "told",
            Math.round(odds.lost(0.05, 1, true)),
            Math.max(1, Math.round(odds.lost(0.95, 1, true)))));
  }

  private static String line(IntToDoubleFunction chance, int days) {
    StringBuilder points = new StringBuilder();
    for (int day = 0; day <= days; day++) {
      double y = BOTTOM - (BOTTOM - TOP) * chance.applyAsDouble(day);
      points.append(String.format(Locale.ROOT, "%.1f,%.1f ", x(day, days), y));
    }
    return points.toString().strip();
  }

  private static double x(int day, int days) {
    return LEFT + (double) (RIGHT - LEFT) * day / days;
  }

  private static List<Left> saved(RotOdds odds) {
    List<Left> rows = new ArrayList<>();
    for (int i = 0; i < SHARES.length; i++) {
      double sound = SHARES[i] / 100.0;
      rows.add(
          new Left(
              CALLED.get(i),
              Decibans.percent(odds.saved(sound, true)),
              Decibans.percent(odds.saved(sound, false))));
    }
    return rows;
  }
}
