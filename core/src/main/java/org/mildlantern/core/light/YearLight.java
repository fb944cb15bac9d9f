package org.mildlantern.core.light;

import java.time.LocalDate;
import java.util.List;

/**
 * The light of a spot through a year.
 *
 * @param months mol/m² on the mean day about the middle of each month, January first
 */
public record YearLight(List<Double> months) {
  private static final int MONTHS = 12;

  public YearLight {
    months = List.copyOf(months);
    if (months.size() != MONTHS) {
      throw new IllegalArgumentException("a year has twelve months, not " + months.size());
    }
  }

  /** Of a day, between the months about it. */
  public double at(LocalDate day) {
    double since = day.getMonthValue() - 1 + (day.getDayOfMonth() - 15.5) / day.lengthOfMonth();
    int before = Math.floorMod((int) Math.floor(since), MONTHS);
    double between = since - Math.floor(since);
    return months.get(before) * (1 - between) + months.get((before + 1) % MONTHS) * between;
  }

  /** Of the mean day of the year. */
  public double mean() {
    return months.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
  }
}
