package org.mildlantern.core.water;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * Water that a pot stands in or draws from: a tray, a reservoir or a wick's jar. It is looked at by
 * its level, flushed by date, and left off in cold dark months.
 *
 * <p>Levels: a tray stands at an eighth of the pot's depth in growth, half a centimetre at rest; a
 * reservoir and a wick's jar hold a quarter of the pot's volume. Flushes: every six weeks, a cup
 * every three. A reservoir or wick is left off in winter where it is below 18 °C without a lamp.
 * All rules of thumb.
 */
public final class Standing {
  private static final Words WORDS = Words.of(Standing.class);

  /** What a pot is fed from. */
  public enum Kind {
    NONE("nothing"),
    TRAY("a tray of water"),
    RESERVOIR("a reservoir"),
    WICK("a wick from a jar");

    private final String label;

    Kind(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  public static final int FLUSH_DAYS = 42;
  public static final int CUP_DAYS = 21;

  private static final double TRAY_SHARE = 1.0 / 8;
  private static final double REST_CM = 0.5;
  private static final double TRAY_WIDER = 1.4;
  private static final double RESERVOIR_SHARE = 0.25;
  private static final double COLD = 18;

  /** The share of the water gone at which to look. Rule of thumb. */
  private static final double LOOK_AT = 0.8;

  /** How many fills the first guess of the draw weighs. Rule of thumb. */
  private static final double GUESS_WEIGHT = 2;

  private static final int LONGEST = 30;

  private Standing() {}

  /**
   * A fill, or a look at the water.
   *
   * @param ml of a fill, or null
   * @param share of the full level that stands in it after that, 0 to 1
   */
  public record Fill(LocalDate day, Double ml, double share) {}

  /**
   * How high the water stands when it is full.
   *
   * @param cm of a tray, or null for a reservoir or jar
   * @param ml when full
   */
  public record Level(Double cm, double ml) {}

  /**
   * When to look at the water, and how much it takes.
   *
   * @param off whether it is to be left empty now
   * @param mlADay what the pot draws from it
   */
  public record Outlook(
      LocalDate lookOn, Level level, double mlADay, boolean off, Working working) {}

  /** Whether a reservoir or wick is to be left off. A tray is lowered instead. */
  public static boolean off(Kind kind, Season season, Double celsius, boolean lamp) {
    return (kind == Kind.RESERVOIR || kind == Kind.WICK)
        && season == Season.WINTER
        && !lamp
        && (celsius == null || celsius < COLD);
  }

  /** The full level for a pot in its stage. */
  public static Level level(Kind kind, PotShape pot, boolean resting) {
    if (kind == Kind.TRAY) {
      double cm = resting ? REST_CM : Math.max(1, Math.round(2 * TRAY_SHARE * pot.depthCm()) / 2.0);
      return new Level(cm, cm * pot.surfaceCm2() * TRAY_WIDER);
    }
    return new Level(null, RESERVOIR_SHARE * pot.litres() * 1000);
  }

  /**
   * Looks ahead to the day on which four fifths of the water is gone.
   *
   * @param guess first guess of the pot's draw, in shares of its available water at a demand of 1
   * @param fills so far, the first first
   * @param demand of a usual day
   */
  public static Outlook outlook(
      Level level,
      double guess,
      double availableMl,
      List<Fill> fills,
      double demand,
      boolean off,
      LocalDate today) {
    double guessed = Math.max(1, guess * availableMl * demand);
    double drawn = GUESS_WEIGHT * guessed;
    double weight = GUESS_WEIGHT;
    LocalDate filled = null;
    for (Fill fill : fills) {
      long days = filled == null ? 0 : ChronoUnit.DAYS.between(filled, fill.day());
      if (days > 0 && fill.ml() != null) {
        drawn += fill.ml() / days;
        weight++;
      }
      filled = fill.share() == 1 && (filled == null || days > 0) ? fill.day() : filled;
    }
    double mlADay = drawn / weight;
    Fill latest = fills.isEmpty() ? null : fills.get(fills.size() - 1);
    LocalDate last = latest == null ? null : latest.day();
    double left = latest == null ? 0 : Math.max(0, latest.share() - (1 - LOOK_AT)) * level.ml();
    int lasts = (int) Math.max(1, Math.min(LONGEST, Math.floor(left / mlADay)));
    LocalDate due = last == null ? today : last.plusDays(lasts);
    List<Step> steps = new ArrayList<>();
    steps.add(
        new Step(
            "Water when full",
            WORDS.say("ml", level.ml()),
            level.cm() == null
                ? WORDS.say("standing.quarter")
                : WORDS.say("standing.in-tray", level.cm())));
    steps.add(
        new Step(
            "What it draws",
            WORDS.say("ml-a-day", mlADay),
            WORDS.say("standing.learned", guessed, weight - GUESS_WEIGHT)));
    steps.add(new Step("Last filled", last == null ? "not noted" : last.toString()));
    return new Outlook(
        due.isBefore(today) ? today : due,
        level,
        mlADay,
        off,
        new Working(
            "Day to look at the water it stands in",
            "last fill + four fifths of the water ÷ what it draws a day",
            steps,
            last == null ? "today" : WORDS.say("standing.due", lasts),
            "pace as Penman 1948 and Allen et al. 1998; levels by rule of thumb"));
  }

  /** The day of the next flush after the last; today when none was noted. */
  public static LocalDate flushOn(LocalDate last, int days, LocalDate today) {
    return last == null || last.plusDays(days).isBefore(today) ? today : last.plusDays(days);
  }
}
