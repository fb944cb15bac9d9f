package org.mildlantern.core.season;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * Whole months that follow each other, as they are in the northern hemisphere: {@code nov-feb} is
 * November to February, and May to August in the south. {@code apr} alone is April.
 */
public record Months(Month first, Month last) {
  private static final int HALF_A_YEAR = 6;

  /**
   * Reads the months.
   *
   * @throws IllegalArgumentException when a month is not one of jan to dec
   */
  @JsonCreator
  public static Months of(String text) {
    String[] ends = text.split("-", 2);
    return new Months(month(ends[0]), month(ends[ends.length - 1]));
  }

  private static Month month(String text) {
    return Stream.of(Month.values())
        .filter(month -> shortName(month).equals(text))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("'" + text + "' is no month"));
  }

  private static String shortName(Month month) {
    return month.name().substring(0, 3).toLowerCase(Locale.ROOT);
  }

  @JsonValue
  public String text() {
    return first == last ? shortName(first) : shortName(first) + "-" + shortName(last);
  }

  /**
   * Whether a day lies in them.
   *
   * @param latitude degrees, north positive; zero counts as north
   */
  public boolean contain(LocalDate day, double latitude) {
    int since = Math.floorMod(north(day.getMonth(), latitude).ordinal() - first.ordinal(), 12);
    return since <= Math.floorMod(last.ordinal() - first.ordinal(), 12);
  }

  /** The first day, from the day on, that lies in them: the day itself, or the first of a month. */
  public LocalDate next(LocalDate day, double latitude) {
    LocalDate next = day;
    while (!contain(next, latitude)) {
      next = next.plusMonths(1).withDayOfMonth(1);
    }
    return next;
  }

  /** In words, as they are at the latitude: “November to February”. */
  public String words(double latitude) {
    String from = name(north(first, latitude));
    return first == last ? from : from + " to " + name(north(last, latitude));
  }

  /** The month turns by half a year either way, so one sum serves both. */
  private static Month north(Month month, double latitude) {
    return latitude < 0 ? month.plus(HALF_A_YEAR) : month;
  }

  private static String name(Month month) {
    return month.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }
}
