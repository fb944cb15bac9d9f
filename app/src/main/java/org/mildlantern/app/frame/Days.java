package org.mildlantern.app.frame;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Words for days, as all pages use them: {@code Sat 28 Nov}, {@code in 3 days}. */
public record Days(LocalDate today, ZoneId zone) {
  private static final DateTimeFormatter THIS_YEAR =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
  private static final DateTimeFormatter OTHER_YEAR =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  public String of(LocalDate day) {
    if (day == null) {
      return "";
    }
    boolean near = Math.abs(ChronoUnit.DAYS.between(day, today)) < 200;
    return (near ? THIS_YEAR : OTHER_YEAR).format(day);
  }

  public String of(Instant instant) {
    return instant == null ? "" : of(LocalDate.ofInstant(instant, zone));
  }

  public String weekday(LocalDate day) {
    return DateTimeFormatter.ofPattern("EEEE", Locale.ENGLISH).format(day);
  }

  /** How far off a day is. */
  public String span(LocalDate day) {
    long days = ChronoUnit.DAYS.between(today, day);
    if (days == 0) {
      return "today";
    }
    if (days == 1 || days == -1) {
      return days > 0 ? "tomorrow" : "yesterday";
    }
    return days > 0 ? "in " + days + " days" : -days + " days ago";
  }

  /** How long ago in the unit that fits, for example {@code 26 months}. */
  public String age(LocalDate since) {
    if (since == null) {
      return "";
    }
    long days = ChronoUnit.DAYS.between(since, today);
    return days < 60 ? days + " days" : ChronoUnit.MONTHS.between(since, today) + " months";
  }
}
