package org.mildlantern.app.web;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import org.mildlantern.core.reading.When;
import org.mildlantern.core.words.Words;

/** Words for days, as all pages use them: {@code Sat 28 Nov}, {@code in 3 days}. */
public record Days(LocalDate today, ZoneId zone) {
  /** So many days off the day of the week is said too. */
  private static final int NEAR_DAYS = 60;

  private static final Words WORDS = Words.of(Days.class);

  private static final DateTimeFormatter NEAR = format("EEE d MMM");
  private static final DateTimeFormatter NEAR_YEAR = format("EEE d MMM yyyy");
  private static final DateTimeFormatter BRIEF = format("d MMM");
  private static final DateTimeFormatter FULL = format("d MMM yyyy");
  private static final DateTimeFormatter SPOKEN = format("EEEE d MMMM");
  private static final DateTimeFormatter WEEKDAY = format("EEEE");
  private static final DateTimeFormatter WITH_TIME = format("EEE d MMM, HH:mm");
  private static final DateTimeFormatter TIME = format("HH:mm");

  private static DateTimeFormatter format(String pattern) {
    return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH);
  }

  /** {@code Sat 28 Nov}. */
  public static String near(LocalDate day) {
    return NEAR.format(day);
  }

  /** {@code 28 Nov}. */
  public static String brief(LocalDate day) {
    return BRIEF.format(day);
  }

  /** {@code 28 Nov 2026}. */
  public static String full(LocalDate day) {
    return FULL.format(day);
  }

  /** {@code Saturday 28 November}. */
  public static String spoken(LocalDate day) {
    return SPOKEN.format(day);
  }

  /** {@code Sat 28 Nov, 18:05}. */
  public static String withTime(ZonedDateTime at) {
    return WITH_TIME.format(at);
  }

  /** {@code 18:05}. */
  public static String time(ZonedDateTime at) {
    return TIME.format(at);
  }

  /** {@code today}, {@code yesterday}, {@code 3 days ago}. */
  public static String ago(LocalDate from, LocalDate to) {
    long days = ChronoUnit.DAYS.between(from, to);
    return WORDS.say("ago", days);
  }

  /**
   * The day of a field that may be left empty; null when it is.
   *
   * @throws IllegalArgumentException with a message for the keeper when it is no day
   */
  public static LocalDate typed(String day) {
    return day.isBlank() ? null : When.day(day);
  }

  /** A day with its weekday; with the year when it is not this one. */
  public String of(LocalDate day) {
    if (day == null) {
      return "";
    }
    if (day.getYear() == today.getYear()) {
      return near(day);
    }
    boolean near = Math.abs(ChronoUnit.DAYS.between(day, today)) < NEAR_DAYS;
    return near ? NEAR_YEAR.format(day) : full(day);
  }

  public String of(Instant instant) {
    return instant == null ? "" : of(LocalDate.ofInstant(instant, zone));
  }

  /** As it is written into a field for a day: {@code 28 Nov 2026}. */
  public String written(LocalDate day) {
    return full(day);
  }

  public String written(Instant instant) {
    return full(LocalDate.ofInstant(instant, zone));
  }

  public String weekday(LocalDate day) {
    return WEEKDAY.format(day);
  }

  /** How far off a day is. */
  public String span(LocalDate day) {
    long days = ChronoUnit.DAYS.between(today, day);
    return days <= 0 ? ago(day, today) : WORDS.say("ahead", days);
  }

  /** How long ago in the unit that fits, for example {@code 26 months}. */
  public String age(LocalDate since) {
    if (since == null) {
      return "";
    }
    long days = ChronoUnit.DAYS.between(since, today);
    return days < 60
        ? WORDS.say("days", days)
        : WORDS.say("months", ChronoUnit.MONTHS.between(since, today));
  }
}
