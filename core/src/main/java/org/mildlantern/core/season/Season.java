package org.mildlantern.core.season;

import java.time.LocalDate;
import java.util.Locale;

/** Meteorological season: three whole calendar months each, as climatologists count them. */
public enum Season {
  SPRING,
  SUMMER,
  AUTUMN,
  WINTER;

  /**
   * The season of a day.
   *
   * @param day the day in the collection's time zone
   * @param latitude degrees north positive; zero counts as north
   */
  public static Season of(LocalDate day, double latitude) {
    int month = latitude < 0 ? day.plusMonths(6).getMonthValue() : day.getMonthValue();
    return switch (month) {
      case 3, 4, 5 -> SPRING;
      case 6, 7, 8 -> SUMMER;
      case 9, 10, 11 -> AUTUMN;
      default -> WINTER;
    };
  }

  /** The word used in knowledge files and pages, for example {@code autumn}. */
  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
