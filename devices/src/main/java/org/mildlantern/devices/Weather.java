package org.mildlantern.devices;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Random;

/**
 * Invented weather: a year’s swing by latitude with cold and warm spells, and forecasts of it whose
 * error grows by the day. All of it follows from the day, so that it is the same each time.
 */
final class Weather {
  private static final int DAYS = 10;
  private static final int WARMEST = 203;
  private static final int SPELL = 9;
  private static final int COLD_NIGHTS = 2;
  private static final double COLD_SPELL = 6;
  private static final double NIGHT = 3;
  private static final double FIRST_ERROR = 0.6;
  private static final double EACH_DAY = 0.35;

  /** Clouds are missed by so much for each degree that warmth is. */
  private static final double CLOUDS = 0.05;

  /** One forecast in so many holds a day that cannot be. */
  private static final int NONSENSE = 7;

  private final double latitude;

  Weather(double latitude) {
    this.latitude = latitude;
  }

  /** The low before a day’s morning, °C. */
  double low(LocalDate day) {
    return mean(day)
        - NIGHT
        - (Math.floorMod(day.toEpochDay(), SPELL) < COLD_NIGHTS ? COLD_SPELL : 0);
  }

  double high(LocalDate day) {
    return mean(day) + NIGHT;
  }

  private double mean(LocalDate day) {
    double turn = Math.cos(2 * Math.PI * (day.getDayOfYear() - WARMEST) / 365.25);
    double north = Math.abs(latitude);
    double year = 27 - 0.33 * north;
    double swing = 2 + 0.11 * north;
    return year
        + swing * (latitude < 0 ? -turn : turn)
        + 2 * new Random(day.toEpochDay() * 7919).nextGaussian();
  }

  /** The low as it is forecast on a day, °C. */
  double forecastLow(LocalDate issued, LocalDate day) {
    return low(day) + error(issued, day);
  }

  private double error(LocalDate issued, LocalDate day) {
    long ahead = ChronoUnit.DAYS.between(issued, day);
    double size = FIRST_ERROR + EACH_DAY * ahead;
    return size * new Random(issued.toEpochDay() * 31 + day.toEpochDay() * 17).nextGaussian();
  }

  /** Share of the light above the air that comes down: less where it rains, more in cold spells. */
  double clearness(LocalDate day) {
    double drawn = new Random(day.toEpochDay() * 104729).nextDouble();
    boolean fine = Math.floorMod(day.toEpochDay(), SPELL) < COLD_NIGHTS;
    return fine ? 0.5 + 0.2 * drawn : 0.15 + 0.45 * drawn;
  }

  /** The same as it is forecast on a day. */
  double forecastClearness(LocalDate issued, LocalDate day) {
    return Math.max(0.05, Math.min(0.75, clearness(day) + CLOUDS * error(issued, day)));
  }

  /** Ten days from one on, as the service tells them. */
  String json(LocalDate today, Instant now) {
    StringBuilder days = new StringBuilder();
    for (int i = 0; i < DAYS; i++) {
      LocalDate day = today.plusDays(i);
      boolean nonsense = i == DAYS - 1 && Math.floorMod(today.toEpochDay(), NONSENSE) == 0;
      double low = nonsense ? 999 : forecastLow(today, day);
      double high = Math.max(low, high(day) + error(today, day));
      days.append(i == 0 ? "" : ",")
          .append(
              String.format(
                  Locale.ROOT,
                  "{\"day\":\"%s\",\"low\":%.1f,\"high\":%.1f,\"clearness\":%.2f}",
                  day,
                  low,
                  high,
                  forecastClearness(today, day)));
    }
    return "{\"issued\":\"" + now.truncatedTo(ChronoUnit.HOURS) + "\",\"days\":[" + days + "]}";
  }
}
