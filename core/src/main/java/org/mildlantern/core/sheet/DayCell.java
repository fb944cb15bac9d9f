package org.mildlantern.core.sheet;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.time.ZonedDateTime;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.When;
import org.mildlantern.core.words.Words;

/**
 * A day as a grower's list has it: {@code 2023-05-12}, {@code 12.5.2023}, {@code 12/05/2023},
 * {@code 12 May 23}, {@code May 2023}, {@code 2023}, {@code last week}, or the number of a
 * spreadsheet's day.
 *
 * @param day or null
 * @param rough whether only a month or a year was said, of which the middle is taken
 * @param shows the order that it can only be in, or null
 * @param asks whether it can be read in two ways
 * @param problem why it will not do, or null
 */
record DayCell(LocalDate day, boolean rough, DayOrder shows, boolean asks, String problem) {
  private static final Words WORDS = Words.of(DayCell.class);

  /** The day that spreadsheets count from, so that their day 60 and later come out right. */
  private static final LocalDate SHEET_ZERO = LocalDate.of(1899, 12, 30);

  private static final int OLDEST = 1900;
  private static final int MIDDLE = 15;

  private static final Pattern ISO =
      Pattern.compile("((?:19|20)\\d{2})[-/.](\\d{1,2})[-/.](\\d{1,2})(?:[t ].*)?");
  private static final Pattern FIGURES =
      Pattern.compile("(\\d{1,2})([-/. ])(\\d{1,2})\\2(\\d{4}|\\d{2})");
  private static final Pattern DAY_MONTH =
      Pattern.compile(
          "(?:\\p{L}{3,9},?\\s+)?(\\d{1,2})(?:st|nd|rd|th)?[-\\s./]+(?:of\\s+)?"
              + "(\\p{L}{3,9})\\.?[-\\s,./']+(\\d{4}|\\d{2})");
  private static final Pattern MONTH_DAY =
      Pattern.compile("(\\p{L}{3,9})\\.?\\s+(\\d{1,2})(?:st|nd|rd|th)?[,\\s]+(\\d{4}|\\d{2})");
  private static final Pattern MONTH_YEAR = Pattern.compile("(\\p{L}{3,9})\\.?[-\\s,/']+(\\d{4})");
  private static final Pattern FIGURE_YEAR = Pattern.compile("(\\d{1,2})[-/.](\\d{4})");
  private static final Pattern YEAR_FIGURE = Pattern.compile("(\\d{4})[-/.](\\d{1,2})");
  private static final Pattern YEAR =
      Pattern.compile("(?:in |ca\\.? ?|about |~ ?)?((?:19|20)\\d{2})");
  private static final Pattern SERIAL = Pattern.compile("([1-5]\\d{4})(?:\\.\\d+)?");

  private static DayCell bad(String problem) {
    return new DayCell(null, false, null, false, problem);
  }

  /**
   * Reads a cell.
   *
   * @param order in which days in figures are meant, or null when it is not known
   */
  static DayCell of(String text, DayOrder order, ZonedDateTime now) {
    LocalDate today = now.toLocalDate();
    String plain = text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    try {
      DayCell cell = read(plain, order, now);
      if (cell.day == null) {
        return cell;
      }
      if (cell.day.getYear() < OLDEST) {
        return bad(WORDS.say("day.old"));
      }
      if (!cell.day.isAfter(today)) {
        return cell;
      }
      boolean running =
          cell.rough
              && cell.day.getYear() == today.getYear()
              && (YEAR.matcher(plain).matches() || cell.day.getMonth() == today.getMonth());
      return running ? rough(today) : bad(WORDS.say("day.ahead"));
    } catch (DateTimeException e) {
      return bad(WORDS.say("day.none"));
    }
  }

  private static DayCell read(String text, DayOrder order, ZonedDateTime now) {
    LocalDate today = now.toLocalDate();
    Matcher iso = ISO.matcher(text);
    if (iso.matches()) {
      return exact(number(iso, 1), number(iso, 2), number(iso, 3));
    }
    Matcher figures = FIGURES.matcher(text);
    if (figures.matches()) {
      return inFigures(figures, order, today);
    }
    Matcher named = DAY_MONTH.matcher(text);
    if (named.matches() && month(named.group(2)).isPresent()) {
      return exact(year(named.group(3), today), monthOf(named, 2), number(named, 1));
    }
    named = MONTH_DAY.matcher(text);
    if (named.matches() && month(named.group(1)).isPresent()) {
      return exact(year(named.group(3), today), monthOf(named, 1), number(named, 2));
    }
    named = MONTH_YEAR.matcher(text);
    if (named.matches() && month(named.group(1)).isPresent()) {
      return rough(LocalDate.of(number(named, 2), monthOf(named, 1), MIDDLE));
    }
    named = FIGURE_YEAR.matcher(text);
    if (named.matches()) {
      return rough(LocalDate.of(number(named, 2), number(named, 1), MIDDLE));
    }
    named = YEAR_FIGURE.matcher(text);
    if (named.matches()) {
      return rough(LocalDate.of(number(named, 1), number(named, 2), MIDDLE));
    }
    named = YEAR.matcher(text);
    if (named.matches()) {
      return rough(LocalDate.of(number(named, 1), Month.JULY, 1));
    }
    named = SERIAL.matcher(text);
    if (named.matches()) {
      return new DayCell(SHEET_ZERO.plusDays(number(named, 1)), false, null, false, null);
    }
    return spoken(text, now);
  }

  private static DayCell inFigures(Matcher figures, DayOrder order, LocalDate today) {
    int first = number(figures, 1);
    int second = number(figures, 3);
    int year = year(figures.group(4), today);
    DayOrder only = first > 12 ? DayOrder.DAY_FIRST : second > 12 ? DayOrder.MONTH_FIRST : null;
    DayOrder taken =
        only != null ? only : figures.group(2).equals(".") ? DayOrder.DAY_FIRST : order;
    if (taken == null && first != second) {
      return new DayCell(null, false, null, true, WORDS.say("day.order"));
    }
    LocalDate day =
        taken == DayOrder.MONTH_FIRST
            ? LocalDate.of(year, first, second)
            : LocalDate.of(year, second, first);
    return new DayCell(day, false, figures.group(2).equals(".") ? null : only, false, null);
  }

  private static DayCell spoken(String text, ZonedDateTime now) {
    try {
      Optional<When> when = When.claim(Line.of(text), now, false);
      boolean whole = when.filter(w -> w.start() == 0 && w.end() >= text.length()).isPresent();
      return whole
          ? new DayCell(when.get().at().toLocalDate(), false, null, false, null)
          : bad(WORDS.say("day.none"));
    } catch (IllegalArgumentException e) {
      return bad(WORDS.say("day.none"));
    }
  }

  private static DayCell exact(int year, int month, int day) {
    return new DayCell(LocalDate.of(year, month, day), false, null, false, null);
  }

  private static DayCell rough(LocalDate day) {
    return new DayCell(day, true, null, false, null);
  }

  private static int number(Matcher match, int group) {
    return Integer.parseInt(match.group(group));
  }

  /** A year of two figures is the last that they can mean. */
  private static int year(String text, LocalDate today) {
    int year = Integer.parseInt(text);
    if (text.length() == 4) {
      return year;
    }
    int century = today.getYear() / 100 * 100;
    return century + year <= today.getYear() ? century + year : century - 100 + year;
  }

  private static int monthOf(Matcher match, int group) {
    return month(match.group(group)).orElseThrow().getValue();
  }

  private static Optional<Month> month(String name) {
    String start = name.equals("sept") ? "sep" : name;
    return Stream.of(Month.values())
        .filter(
            month ->
                month
                    .getDisplayName(TextStyle.FULL, Locale.ENGLISH)
                    .toLowerCase(Locale.ROOT)
                    .startsWith(start))
        .findFirst();
  }
}
