package org.mildlantern.app.plants;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.NavigableSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Accession codes, year and running number: {@code 2026-014}. */
final class Codes {
  /** Greatest running number of a year; a code that was typed may use it up. */
  private static final int LAST_NUMBER = 999_999;

  private Codes() {}

  /** The next one that is free. */
  static String next(Collection<String> taken, LocalDate today) {
    return free(taken, today, 1).get(0);
  }

  /** So many that are free, after the greatest number of the year as long as there are any. */
  static List<String> free(Collection<String> taken, LocalDate today, int count) {
    String year = today.getYear() + "-";
    NavigableSet<Integer> numbers =
        taken.stream()
            .filter(code -> code.matches(year + "\\d{1,6}"))
            .map(code -> Integer.valueOf(code.substring(year.length())))
            .collect(Collectors.toCollection(TreeSet::new));
    int last = numbers.isEmpty() ? 0 : numbers.last();
    return IntStream.concat(
            IntStream.rangeClosed(last + 1, LAST_NUMBER), IntStream.rangeClosed(1, last))
        .filter(number -> !numbers.contains(number))
        .limit(count)
        .mapToObj(number -> year + String.format(Locale.ROOT, "%03d", number))
        .toList();
  }
}
