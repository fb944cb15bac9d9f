package org.mildlantern.core.air;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.chance.Normal;

/**
 * What a weather service expects of the days ahead.
 *
 * @param issued when it was made
 * @param days one after the other
 */
public record Forecast(Instant issued, List<Day> days) {
  /** How far a night’s low is off, K: of tomorrow, and more with each day. Rules of thumb. */
  private static final double TOMORROW = 1.2;

  private static final double EACH_DAY = 0.4;

  /**
   * A day.
   *
   * @param low of the night before its morning, °C
   * @param high °C
   * @param clearness share of the light above the air that comes down, 0 to 1, or null where the
   *     service does not tell it
   */
  public record Day(LocalDate day, double low, double high, Double clearness) {
    /** One of which no light is told. */
    public Day(LocalDate day, double low, double high) {
      this(day, low, high, null);
    }

    /** What weather can be; all else is a fault of the service. */
    public boolean canBe() {
      return low >= -70
          && high <= 60
          && low <= high
          && (clearness == null || clearness >= 0 && clearness <= 1);
    }

    public double mean() {
      return (low + high) / 2;
    }
  }

  public Forecast {
    days = List.copyOf(days);
  }

  public Optional<Day> on(LocalDate day) {
    return days.stream().filter(d -> d.day().equals(day)).findFirst();
  }

  /** Standard deviation of a low or a high that lies some days ahead, K. */
  static double error(LocalDate today, LocalDate day) {
    long ahead = Math.max(0, ChronoUnit.DAYS.between(today, day));
    return TOMORROW + EACH_DAY * Math.max(0, ahead - 1);
  }

  /** Chance that a night goes below a limit. */
  public static double below(double limit, Day day, LocalDate today) {
    return Normal.below((limit - day.low()) / error(today, day.day()));
  }

  /** Chance that a day goes above a limit. */
  public static double above(double limit, Day day, LocalDate today) {
    return Normal.below((day.high() - limit) / error(today, day.day()));
  }
}
