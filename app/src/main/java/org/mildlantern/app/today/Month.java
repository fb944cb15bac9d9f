package org.mildlantern.app.today;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;

/**
 * The work of a month: what was done, and what is to come as far as it is known.
 *
 * @param weeks whole, from Monday on
 * @param places what is to come, place by place
 */
record Month(YearMonth month, List<List<Day>> weeks, List<OfPlace> places) {
  private static final Words WORDS = Words.of(Month.class);

  private static final DateTimeFormatter NAME =
      DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);

  /** How far from today one may leaf, in months. */
  private static final int FARTHEST = 24;

  /** A day; work of days in another month is left out. */
  record Day(LocalDate date, boolean inside, boolean today, List<Count> counts) {}

  /** How much there is of a kind. */
  record Count(String shape, String words) {}

  /** What is to come in a place. */
  record OfPlace(PlaceView place, List<Planned> days) {}

  /** The work of a day in words. */
  record Planned(LocalDate day, String words) {}

  static Month of(
      YearMonth month,
      LocalDate today,
      Map<LocalDate, Map<Work, Integer>> counts,
      List<OfPlace> places) {
    LocalDate first = month.atDay(1).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    List<List<Day>> weeks = new ArrayList<>();
    for (LocalDate monday = first; !monday.isAfter(month.atEndOfMonth()); ) {
      List<Day> week = new ArrayList<>();
      for (int i = 0; i < 7; i++) {
        LocalDate day = monday.plusDays(i);
        boolean inside = YearMonth.from(day).equals(month);
        week.add(
            new Day(
                day,
                inside,
                day.equals(today),
                inside ? counts(counts.getOrDefault(day, Map.of())) : List.of()));
      }
      weeks.add(week);
      monday = monday.plusWeeks(1);
    }
    return new Month(month, weeks, places);
  }

  /** The month that is wished for, or that of today when it is none or too far off. */
  static YearMonth wished(String text, LocalDate today) {
    YearMonth now = YearMonth.from(today);
    if (text == null || !text.matches("\\d{4}-(0[1-9]|1[0-2])")) {
      return now;
    }
    YearMonth month = YearMonth.parse(text);
    boolean far =
        month.isBefore(now.minusMonths(FARTHEST)) || month.isAfter(now.plusMonths(FARTHEST));
    return far ? now : month;
  }

  private static List<Count> counts(Map<Work, Integer> of) {
    return of.entrySet().stream()
        .map(one -> new Count(one.getKey().shape(), words(one.getKey(), one.getValue())))
        .toList();
  }

  /** Work of a day in words. */
  static String words(Map<Work, Integer> of) {
    return of.entrySet().stream()
        .map(one -> words(one.getKey(), one.getValue()))
        .collect(Collectors.joining(", "));
  }

  private static String words(Work work, int count) {
    return switch (work) {
      case POT -> WORDS.say("pots", count);
      case LOOK -> WORDS.say("looks", count);
      case TREAT -> WORDS.say("treatments", count);
      case FEED -> WORDS.say("feeds", count);
      case MOVE -> WORDS.say("moves", count);
      case CUT -> WORDS.say("cuts", count);
      case COLD -> WORDS.say("colds", count);
    };
  }

  public String name() {
    return NAME.format(month);
  }

  public YearMonth before() {
    return month.minusMonths(1);
  }

  public YearMonth after() {
    return month.plusMonths(1);
  }
}
