package org.mildlantern.core.said;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.Locale;
import java.util.function.IntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** How long ago a day was that a text names, as in “since November” or “last watered at Easter”. */
final class Dates {
  static final String MONTHS =
      Arrays.stream(Month.values()).map(Dates::names).collect(Collectors.joining("|"));

  /** A preposition, the part of the month, and a month, a feast or a day of the week. */
  static final Pattern NAMED =
      Pattern.compile(
          "\\b(since|in|at|on|last)(?: about| around)?(?: the)?"
              + "(?: (early|beginning of|start of|mid|middle of|late|end of|last))?[ -](?:("
              + MONTHS
              + ")|(christmas(?: eve)?|new year(?:'s eve)?|easter)|((?:mon|tues|wednes|thurs|fri|satur|sun)day(?! week)))\\b");

  private static final int EARLY = 5;
  private static final int MIDDLE = 15;
  private static final int LATE = 25;

  /** The first whole year of the calendar that is counted by. */
  private static final int FIRST_YEAR = 1583;

  private Dates() {}

  /** Whether days can be counted back from it. */
  static boolean isKnown(LocalDate today) {
    return today != null && today.getYear() > FIRST_YEAR;
  }

  private static String name(Month month) {
    return month.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT);
  }

  /** Written out or by its first three letters; “mar” and “may” are words of their own. */
  private static String names(Month month) {
    String name = name(month);
    return month == Month.MARCH ? name : name.substring(0, 3) + "(?:" + name.substring(3) + ")?";
  }

  /** Days from the one that was found to today; a month without its part is told by its middle. */
  static int ago(Matcher named, LocalDate today) {
    LocalDate day =
        named.group(3) != null
            ? month(named.group(3), named.group(2), today)
            : named.group(4) != null
                ? feast(named.group(4), today)
                : weekday(named.group(5), today);
    return (int) ChronoUnit.DAYS.between(day, today);
  }

  private static LocalDate month(String said, String part, LocalDate today) {
    Month month =
        Arrays.stream(Month.values())
            .filter(m -> name(m).startsWith(said))
            .findFirst()
            .orElseThrow();
    int of =
        switch (part == null ? "" : part) {
          case "early", "beginning of", "start of" -> EARLY;
          case "late", "end of" -> LATE;
          default -> MIDDLE;
        };
    boolean now = month == today.getMonth() && of >= today.getDayOfMonth();
    return now
        ? today.minusDays(today.getDayOfMonth() / 2)
        : last(year -> LocalDate.of(year, month, of), today);
  }

  private static LocalDate feast(String name, LocalDate today) {
    return last(
        year ->
            switch (name) {
              case "christmas eve" -> LocalDate.of(year, Month.DECEMBER, 24);
              case "christmas" -> LocalDate.of(year, Month.DECEMBER, 25);
              case "new year's eve" -> LocalDate.of(year, Month.DECEMBER, 31);
              case "new year" -> LocalDate.of(year, Month.JANUARY, 1);
              default -> easter(year);
            },
        today);
  }

  private static LocalDate last(IntFunction<LocalDate> ofYear, LocalDate today) {
    LocalDate day = ofYear.apply(today.getYear());
    return day.isBefore(today) ? day : ofYear.apply(today.getYear() - 1);
  }

  private static LocalDate weekday(String name, LocalDate today) {
    return today.with(TemporalAdjusters.previous(DayOfWeek.valueOf(name.toUpperCase(Locale.ROOT))));
  }

  /** Easter Sunday of the Gregorian calendar (Meeus 1991, Astronomical Algorithms, chapter 8). */
  private static LocalDate easter(int year) {
    int a = year % 19;
    int b = year / 100;
    int c = year % 100;
    int h = (19 * a + b - b / 4 - (b - (b + 8) / 25 + 1) / 3 + 15) % 30;
    int l = (32 + 2 * (b % 4) + 2 * (c / 4) - h - c % 4) % 7;
    int m = (a + 11 * h + 22 * l) / 451;
    int days = h + l - 7 * m + 114;
    return LocalDate.of(year, days / 31, days % 31 + 1);
  }
}
