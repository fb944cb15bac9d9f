package org.mildlantern.core.air;

import java.time.LocalDate;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.mildlantern.core.light.Clearness;

/**
 * The weather that is usual at a place through the year.
 *
 * @param months January first
 */
public record ClimateYear(List<Month> months) {
  private static final int MONTHS = 12;

  /** The mean night is so much colder than the mean day, K. Rule of thumb. */
  private static final double NIGHT = 3;

  /** A cold night of a season is so much colder than its mean one, K. Rule of thumb. */
  private static final double COLD_NIGHT = 3;

  /** Any year will do. */
  private static final int YEAR = 2025;

  /**
   * A month.
   *
   * @param celsius mean of days and nights
   * @param low mean of the coldest of each day
   * @param humidity relative, %
   * @param clearness share of the light above the air that reaches the ground, 0 to 1
   */
  public record Month(double celsius, double low, double humidity, double clearness) {}

  public ClimateYear {
    months = List.copyOf(months);
    if (months.size() != MONTHS) {
      throw new IllegalArgumentException("a year has twelve months, not " + months.size());
    }
  }

  /** What is usual at a latitude. */
  public static ClimateYear at(double latitude) {
    return new ClimateYear(
        IntStream.rangeClosed(1, MONTHS)
            .mapToObj(
                month -> {
                  LocalDate day = LocalDate.of(YEAR, month, 15);
                  Air air = Climate.of(latitude, day);
                  return new Month(
                      air.celsius(),
                      air.celsius() - NIGHT,
                      air.humidity(),
                      Clearness.of(latitude, day));
                })
            .toList());
  }

  /** The mean air of a day. */
  public Air air(LocalDate day) {
    return new Air(between(day, Month::celsius), between(day, Month::humidity));
  }

  /** The mean night of the season, °C. */
  public double night(LocalDate day) {
    return between(day, Month::low);
  }

  /** A cold night of the season, °C. */
  public double coldNight(LocalDate day) {
    return night(day) - COLD_NIGHT;
  }

  public double clearness(LocalDate day) {
    return between(day, Month::clearness);
  }

  private double between(LocalDate day, ToDoubleFunction<Month> of) {
    double since = day.getMonthValue() - 1 + (day.getDayOfMonth() - 15.5) / day.lengthOfMonth();
    int before = Math.floorMod((int) Math.floor(since), MONTHS);
    double share = since - Math.floor(since);
    return of.applyAsDouble(months.get(before)) * (1 - share)
        + of.applyAsDouble(months.get((before + 1) % MONTHS)) * share;
  }
}
