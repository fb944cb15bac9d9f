package org.mildlantern.devices;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * A thermometer with a hygrometer in a room or a yard, that reads every ten minutes.
 *
 * <p>The room follows the weather by a share, warms by day, and its heating fails one night in
 * nineteen. The device errs as real ones do: noise, one reading in fifty lost, two hours of silence
 * in each week, and now and then a value that cannot be.
 *
 * @param device the key that it sends
 * @param warmth °C that the heating holds; without meaning where {@code share} is 1
 * @param share of the weather that comes in, 0 to 1
 * @param humidity usual relative humidity, %
 */
record SimulatedRoom(String device, double warmth, double share, double humidity) {
  private static final Duration STEP = Duration.ofMinutes(10);
  private static final double LATITUDE = 53;
  private static final int FAULT = 19;
  private static final double FALL = 4;
  private static final int NONSENSE = 700;
  private static final int LOST = 50;

  /** Readings after an instant up to another, as JSON. */
  List<String> readings(Instant after, Instant until) {
    List<String> readings = new ArrayList<>();
    Instant at = after.truncatedTo(ChronoUnit.HOURS);
    for (; !at.isAfter(until); at = at.plus(STEP)) {
      Random chance =
          new Random((device.hashCode() * 31L + at.getEpochSecond()) * 0x9E3779B97F4A7C15L);
      boolean silent = Math.floorMod(at.getEpochSecond() / 3600, 168) < 2;
      if (at.isAfter(after) && !silent && chance.nextInt(LOST) > 0) {
        double warm = celsius(at) + 0.2 * chance.nextGaussian();
        double shown = chance.nextInt(NONSENSE) == 0 ? 999 : warm;
        double moist = moist(at) + 0.8 * chance.nextGaussian();
        readings.add(json(at, "temperature", shown));
        readings.add(json(at, "humidity", Math.max(1, Math.min(100, moist))));
      }
    }
    return readings;
  }

  double celsius(Instant at) {
    LocalDate day = LocalDate.ofInstant(at, ZoneOffset.UTC);
    Weather weather = new Weather(LATITUDE);
    double hour = at.atOffset(ZoneOffset.UTC).toLocalTime().toSecondOfDay() / 3600.0;
    double noon = Math.cos(2 * Math.PI * (hour - 14) / 24);
    double outside =
        (weather.low(day) + weather.high(day)) / 2
            + (weather.high(day) - weather.low(day)) / 2 * noon;
    boolean fails = share < 1 && Math.floorMod(day.toEpochDay(), FAULT) == 0 && hour < 7;
    return share * outside + (1 - share) * (warmth + noon) - (fails ? FALL : 0);
  }

  private double moist(Instant at) {
    return humidity - 1.5 * (celsius(at) - (share == 1 ? 8 : warmth));
  }

  private static String json(Instant at, String kind, double value) {
    return String.format(
        Locale.ROOT, "{\"at\":\"%s\",\"kind\":\"%s\",\"value\":%.1f}", at, kind, value);
  }
}
