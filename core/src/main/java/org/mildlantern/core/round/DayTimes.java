package org.mildlantern.core.round;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * How many minutes the days of a week have for plants. For example, with 20 minutes on Wednesdays
 * and none on other days, what is due on a Monday and bears it is done on Wednesday.
 *
 * @param any minutes of days that are not named, or null for as many as it takes
 * @param named minutes of days of their own, 0 for none
 */
public record DayTimes(Double any, Map<DayOfWeek, Double> named) {
  /** As many as it takes, each day. */
  public static final DayTimes ENDLESS = new DayTimes(null, Map.of());

  public DayTimes {
    if (any != null && !(any >= 0) || named.values().stream().anyMatch(least -> !(least >= 0))) {
      throw new IllegalArgumentException("minutes: 0 or more");
    }
    named = named.isEmpty() ? Map.of() : Map.copyOf(new EnumMap<>(named));
  }

  /** Whether no day has an end. */
  public boolean endless() {
    return any == null && named.isEmpty();
  }

  /** Minutes of a day, or null for as many as it takes. */
  public Double on(LocalDate day) {
    return named.getOrDefault(day.getDayOfWeek(), any);
  }

  /** The named days as a text that {@link #named(String)} reads. */
  public String text() {
    return named.entrySet().stream()
        .map(day -> day.getKey() + "=" + day.getValue())
        .sorted()
        .collect(Collectors.joining(" "));
  }

  /** Named days as {@link #text} writes them. */
  public static Map<DayOfWeek, Double> named(String text) {
    Map<DayOfWeek, Double> named = new EnumMap<>(DayOfWeek.class);
    for (String day : text.isBlank() ? new String[0] : text.strip().split(" ")) {
      String[] parts = day.split("=");
      named.put(DayOfWeek.valueOf(parts[0]), Double.valueOf(parts[1]));
    }
    return named;
  }
}
