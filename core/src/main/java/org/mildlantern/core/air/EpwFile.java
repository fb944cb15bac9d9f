package org.mildlantern.core.air;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.light.Sun;

/**
 * A weather file of hours through a year in the open EPW format, summed up by months.
 *
 * @param place as the file calls it
 * @param latitude degrees, north positive
 */
public record EpwFile(String place, double latitude, ClimateYear year) {
  private static final int HEADER = 8;
  private static final int MOST_LINES = 9000;
  private static final int FIELDS = 14;
  private static final int FEWEST_HOURS = 300;
  private static final double JOULES_OF_WATT_HOURS = 3600;

  /** What is read of an hour stands in these fields. */
  private static final int MONTH = 1;

  private static final int DAY = 2;
  private static final int DRY_BULB = 6;
  private static final int HUMIDITY = 8;
  private static final int GLOBAL = 13;

  /** Sums over a month. */
  private static final class Sums {
    private double celsius;
    private double humidity;
    private double light;
    private int hours;
    private final Map<Integer, Double> lows = new HashMap<>();
  }

  /**
   * Reads a file.
   *
   * @throws IllegalArgumentException where it is none, with the line that is wrong
   */
  public static EpwFile read(String text) {
    List<String> lines = text.lines().limit(MOST_LINES).toList();
    if (lines.isEmpty() || !lines.get(0).startsWith("LOCATION,")) {
      throw new IllegalArgumentException("line 1: an EPW file begins with LOCATION");
    }
    String[] location = lines.get(0).split(",", -1);
    if (location.length < 8) {
      throw new IllegalArgumentException("line 1: LOCATION has too few fields");
    }
    double latitude = number(location[6], 1, "latitude", -90, 90);
    List<Sums> months = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      months.add(new Sums());
    }
    for (int i = HEADER; i < lines.size(); i++) {
      if (!lines.get(i).isBlank()) {
        hour(lines.get(i), i + 1, months);
      }
    }
    List<ClimateYear.Month> year = new ArrayList<>();
    for (int month = 1; month <= 12; month++) {
      year.add(month(months.get(month - 1), month, latitude));
    }
    String place = location[1].strip();
    return new EpwFile(place.isEmpty() ? "EPW" : place, latitude, new ClimateYear(year));
  }

  private static void hour(String line, int number, List<Sums> months) {
    String[] fields = line.split(",", -1);
    if (fields.length < FIELDS) {
      throw new IllegalArgumentException("line " + number + ": too few fields");
    }
    int month = (int) number(fields[MONTH], number, "month", 1, 12);
    int day = (int) number(fields[DAY], number, "day", 1, 31);
    double celsius = number(fields[DRY_BULB], number, "dry bulb", -90, 100);
    double humidity = number(fields[HUMIDITY], number, "humidity", 0, 999);
    double light = number(fields[GLOBAL], number, "global radiation", 0, 9999);
    if (celsius >= 99 || humidity > 110 || light >= 9999) {
      return;
    }
    Sums sums = months.get(month - 1);
    sums.celsius += celsius;
    sums.humidity += Math.min(100, humidity);
    sums.light += light;
    sums.hours++;
    sums.lows.merge(day, celsius, Math::min);
  }

  private static ClimateYear.Month month(Sums sums, int month, double latitude) {
    if (sums.hours < FEWEST_HOURS) {
      throw new IllegalArgumentException("month " + month + " has too few hours");
    }
    double above = 0;
    LocalDate first = LocalDate.of(2025, month, 1);
    for (int day = 0; day < first.lengthOfMonth(); day++) {
      above += Sun.of(latitude, first.plusDays(day)).aboveTheAir() * 1e6;
    }
    double hours = first.lengthOfMonth() * 24.0;
    double light = sums.light * hours / sums.hours * JOULES_OF_WATT_HOURS;
    double clearness = above <= 0 ? 0.4 : Math.max(0.05, Math.min(0.85, light / above));
    return new ClimateYear.Month(
        sums.celsius / sums.hours,
        sums.lows.values().stream().mapToDouble(Double::doubleValue).average().orElseThrow(),
        Math.max(1, sums.humidity / sums.hours),
        clearness);
  }

  private static double number(String field, int line, String what, double least, double most) {
    try {
      double value = Double.parseDouble(field.strip());
      if (value >= least && value <= most) {
        return value;
      }
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("line " + line + ": " + what + " is no number", e);
    }
    throw new IllegalArgumentException("line " + line + ": " + what + " cannot be " + field);
  }
}
