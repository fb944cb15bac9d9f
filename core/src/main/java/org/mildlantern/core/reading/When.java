package org.mildlantern.core.reading;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.core.words.Words;

/**
 * The day and clock time that a line names.
 *
 * <p>{@code yesterday}, {@code 2 days ago}, {@code on Monday}, {@code 20 Nov}, {@code 2026-11-20},
 * {@code 20.11.2026}, {@code at 10:30}, {@code 7 am}. A day without a clock time counts at noon, or
 * now when it is today; a day without a year is the last such day. {@code 3/4} can be read in two
 * ways and is asked.
 *
 * @param start of what was said, in the line
 */
public record When(ZonedDateTime at, int start, int end) {
  private static final Words WORDS = Words.of(When.class);

  /** Nothing is noted further back than this. */
  private static final int MOST_YEARS = 60;

  /** A day without a year that lies this few days ahead is more likely a slip than a year ago. */
  private static final int SOON = 60;

  /** A clock may be ahead of ours by this much. */
  private static final Duration AHEAD = Duration.ofMinutes(5);

  private static final LocalTime NOON = LocalTime.NOON;
  private static final LocalTime MORNING = LocalTime.of(8, 0);
  private static final LocalTime EVENING = LocalTime.of(20, 0);

  private static final String MONTHS =
      "(jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?"
          + "|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\b\\.?";
  private static final List<String> MONTH_STARTS =
      List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");
  private static final String WEEKDAYS = "monday|tuesday|wednesday|thursday|friday|saturday|sunday";
  private static final String UNIT_NEXT = "(?!\\s*(?:" + Unit.REGEX + "))";

  private record Rule(Pattern pattern, Function<Reader, Said> says) {}

  /** A day, and a time of it when the words say one. */
  private record Said(LocalDate day, LocalTime time) {
    static Said day(LocalDate day) {
      return new Said(day, null);
    }
  }

  private record Reader(MatchResult match, ZonedDateTime now) {
    LocalDate today() {
      return now.toLocalDate();
    }

    int number(int group) {
      return Integer.parseInt(match.group(group));
    }

    boolean has(int group) {
      return match.groupCount() >= group && match.group(group) != null;
    }
  }

  private static final List<Rule> DAYS =
      List.of(
          rule(
              "(?<![\\d-])(\\d{4})-(\\d{1,2})-(\\d{1,2})(?![\\d-])",
              r -> Said.day(date(r, r.number(1), r.number(2), r.number(3)))),
          rule(
              "(?<![\\d./])(\\d{1,2})([./])(\\d{1,2})\\2(\\d{4}|\\d{2})(?![\\d./]*\\d)",
              When::numeric),
          rule("\\bon (?:the )?(\\d{1,2})([./])(\\d{1,2})\\b(?![\\d/])" + UNIT_NEXT, When::numeric),
          rule(
              "(?<![\\d./,-])(\\d{1,2})(?:st|nd|rd|th)?\\s+(?:of\\s+)?"
                  + MONTHS
                  + "(?:,?\\s+((?:19|20)\\d{2})(?!\\d)"
                  + UNIT_NEXT
                  + ")?",
              r -> ofMonth(r, 2, 1, 3)),
          rule(
              "\\b"
                  + MONTHS
                  + "\\s*(\\d{1,2})(?:st|nd|rd|th)?(?![\\d:./,-]*\\d)"
                  + UNIT_NEXT
                  + "(?:,?\\s+((?:19|20)\\d{2})(?!\\d)"
                  + UNIT_NEXT
                  + ")?",
              r -> ofMonth(r, 1, 2, 4)),
          rule("\\b(?:the )?day before yesterday\\b", r -> Said.day(r.today().minusDays(2))),
          rule(
              "\\b(?:last night|yesterday (?:evening|night))\\b",
              r -> new Said(r.today().minusDays(1), EVENING)),
          rule("\\byesterday morning\\b", r -> new Said(r.today().minusDays(1), MORNING)),
          rule("\\byesterday(?: afternoon)?\\b", r -> Said.day(r.today().minusDays(1))),
          rule(
              "\\bthis morning\\b",
              r -> new Said(r.today(), r.now().toLocalTime().isAfter(MORNING) ? MORNING : null)),
          rule(
              "\\b(?:today|tonight|just now|this (?:afternoon|evening))\\b",
              r -> Said.day(r.today())),
          rule("\\btomorrow\\b", r -> Said.day(r.today().plusDays(1))),
          rule(
              "\\b(\\d{1,3}|an?|one|two|three|four|five|six|seven)\\s+"
                  + "(minute|min|hour|hr|day|week|month|year)s?\\s+ago\\b",
              When::ago),
          rule(
              "(?<!every )\\b(?:(on|last|this)\\s+)?(?:("
                  + WEEKDAYS
                  + ")|(?<=on |last )(mon|tues?|wed|thurs?|thu|fri|sat))\\b",
              When::weekday));

  private static final Pattern YEAR = Pattern.compile("(?<!\\d)\\d{4}(?!\\d)");

  /** The first of the rules; these can carry a year. */
  private static final int WITH_YEAR = 5;

  private static final Pattern CLOCK =
      Pattern.compile(
          "(?:\\b(at|around|about|by)\\s+|@\\s*)?(?<![\\d:.,/-])(\\d{1,2})(?::|h)(\\d{2})(?![\\d:])\\s*"
              + "(am|pm)?\\b");
  private static final Pattern HOUR =
      Pattern.compile("(?:\\b(?:at|around|about|by)\\s+)?(?<![\\d:.,/-])(\\d{1,2})\\s*(am|pm)\\b");
  private static final Pattern MIDDAY = Pattern.compile("\\bat (?:noon|midday)\\b");

  private static Rule rule(String regex, Function<Reader, Said> says) {
    return new Rule(Pattern.compile(regex), says);
  }

  /**
   * Claims the day and the clock time of a line; empty when it names neither.
   *
   * @param ratios whether “1:10” is a dilution rather than a clock time
   * @throws IllegalArgumentException when the day can be read in two ways, is none, has not come,
   *     or when there are two
   */
  public static Optional<When> claim(Line line, ZonedDateTime now, boolean ratios) {
    Optional<When> when = find(line, now, ratios);
    when.ifPresent(
        w -> {
          if (w.at.isAfter(now.plus(AHEAD))) {
            throw new IllegalArgumentException(
                WORDS.say("to-come", line.text().substring(w.start, w.end).strip()));
          }
          if (w.at.isBefore(now.minusYears(MOST_YEARS))) {
            throw new IllegalArgumentException(WORDS.say("long-ago", MOST_YEARS));
          }
        });
    return when.map(w -> new When(w.at.isAfter(now) ? now : w.at, w.start, w.end));
  }

  /**
   * The day that was typed into a field for one, its year written out: {@code 28 Nov 2026}, {@code
   * 28.11.2026}, {@code 2026-11-28}.
   *
   * @throws IllegalArgumentException when it is no day, has no year or can be read in two ways
   */
  public static LocalDate day(String typed) {
    String text = typed.strip().toLowerCase(Locale.ROOT);
    if (YEAR.matcher(text).find()) {
      for (Rule rule : DAYS.subList(0, WITH_YEAR)) {
        Matcher match = rule.pattern.matcher(text);
        if (match.matches()) {
          return rule.says.apply(new Reader(match.toMatchResult(), null)).day;
        }
      }
    }
    throw new IllegalArgumentException(WORDS.say("whole-day"));
  }

  /**
   * The day that a line begins or ends with, of a remark whose other days are no dates of its own;
   * days to come are left alone.
   */
  public static Optional<When> atEdge(Line line, ZonedDateTime now) {
    Line copy = Line.of(line.text());
    Optional<When> when;
    try {
      when = find(copy, now, false);
    } catch (IllegalArgumentException twoWays) {
      return Optional.empty();
    }
    return when.filter(w -> !w.at.isAfter(now) && !w.at.isBefore(now.minusYears(MOST_YEARS)))
        .filter(
            w -> w.start == 0 || line.text().substring(w.end).replaceAll("[\\s.!]", "").isEmpty());
  }

  private static Optional<When> find(Line line, ZonedDateTime now, boolean ratios) {
    Said said = null;
    int start = Integer.MAX_VALUE;
    int end = 0;
    for (Rule rule : DAYS) {
      Matcher match = line.matcher(rule.pattern);
      while (match.find()) {
        if (line.isClaimed(match.start(), match.end())) {
          continue;
        }
        Said one = rule.says.apply(new Reader(match.toMatchResult(), now));
        if (said != null && !said.day.equals(one.day)) {
          throw new IllegalArgumentException("Two days in one line: write an entry for each.");
        }
        said = said == null || said.time == null ? one : said;
        line.claim(match.start(), match.end());
        start = Math.min(start, match.start());
        end = Math.max(end, match.end());
      }
    }
    LocalTime time = said == null ? null : said.time;
    for (Pattern clock : List.of(CLOCK, HOUR, MIDDAY)) {
      Matcher match = line.matcher(clock);
      while (match.find()) {
        LocalTime read = line.isClaimed(match.start(), match.end()) ? null : time(match, ratios);
        if (read == null) {
          continue;
        }
        if (time != null && (said == null || said.time == null) && !time.equals(read)) {
          throw new IllegalArgumentException("Two times in one line: write an entry for each.");
        }
        time = read;
        line.claim(match.start(), match.end());
        start = Math.min(start, match.start());
        end = Math.max(end, match.end());
      }
    }
    if (said == null && time == null) {
      return Optional.empty();
    }
    return Optional.of(new When(at(said, time, now), start, end));
  }

  private static ZonedDateTime at(Said said, LocalTime time, ZonedDateTime now) {
    LocalDate today = now.toLocalDate();
    LocalDate day = said == null ? today : said.day;
    if (time == null && day.equals(today)) {
      return now;
    }
    return day.atTime(time == null ? NOON : time).atZone(now.getZone());
  }

  /** Null for what is no clock time. */
  private static LocalTime time(Matcher match, boolean ratios) {
    if (match.pattern() == MIDDAY) {
      return NOON;
    }
    boolean clock = match.pattern() == CLOCK;
    int hour = Integer.parseInt(match.group(clock ? 2 : 1));
    int minute = clock ? Integer.parseInt(match.group(3)) : 0;
    String half = match.group(clock ? 4 : 2);
    boolean led = !clock || match.group(1) != null || half != null;
    if (ratios && !led || minute > 59) {
      return null;
    }
    if (half != null) {
      return hour < 1 || hour > 12
          ? null
          : LocalTime.of(hour % 12 + (half.equals("pm") ? 12 : 0), minute);
    }
    return hour > 23 ? null : LocalTime.of(hour, minute);
  }

  private static LocalDate date(Reader r, int year, int month, int day) {
    try {
      return LocalDate.of(year, month, day);
    } catch (DateTimeException none) {
      throw new IllegalArgumentException(WORDS.say("no-day", r.match.group().strip()));
    }
  }

  /** The last such day up to today, when it is written without a year. */
  private static LocalDate last(Reader r, int month, int day) {
    LocalDate found = date(r, month == 2 && day == 29 ? leap(r) : r.today().getYear(), month, day);
    if (found.isAfter(r.today()) && found.isBefore(r.today().plusDays(SOON))) {
      throw new IllegalArgumentException(WORDS.say("to-come-year", r.match.group().strip()));
    }
    return found.isAfter(r.today()) ? date(r, found.getYear() - 1, month, day) : found;
  }

  private static int leap(Reader r) {
    int year = r.today().getYear();
    while (!java.time.Year.isLeap(year) || LocalDate.of(year, 2, 29).isAfter(r.today())) {
      year--;
    }
    return year;
  }

  private static Said numeric(Reader r) {
    int first = r.number(1);
    int second = r.number(3);
    boolean dotted = r.match.group(2).equals(".");
    boolean dayFirst = dotted || first > 12;
    if (!dotted && first <= 12 && second <= 12 && first != second) {
      LocalDate one = dated(r, first, second);
      LocalDate other = dated(r, second, first);
      throw new IllegalArgumentException(
          WORDS.say("which-day", r.match.group().strip(), words(one), words(other)));
    }
    return Said.day(dayFirst ? dated(r, first, second) : dated(r, second, first));
  }

  private static LocalDate dated(Reader r, int day, int month) {
    if (!r.has(4)) {
      return last(r, month, day);
    }
    int year = r.number(4);
    return date(r, year < 100 ? 2000 + year : year, month, day);
  }

  private static String words(LocalDate day) {
    return WORDS.say(
        "day", day.getDayOfMonth(), day.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH));
  }

  /** The pattern of a unit has a group of its own, which counts. */
  private static Said ofMonth(Reader r, int monthGroup, int dayGroup, int yearGroup) {
    int month = MONTH_STARTS.indexOf(r.match.group(monthGroup).substring(0, 3)) + 1;
    int day = r.number(dayGroup);
    return Said.day(
        r.has(yearGroup) ? date(r, r.number(yearGroup), month, day) : last(r, month, day));
  }

  private static Said ago(Reader r) {
    List<String> counts = List.of("one", "two", "three", "four", "five", "six", "seven");
    String count = r.match.group(1);
    int n =
        Character.isDigit(count.charAt(0))
            ? Integer.parseInt(count)
            : Math.max(1, counts.indexOf(count) + 1);
    return switch (r.match.group(2)) {
      case "minute", "min" -> said(r.now().minusMinutes(n));
      case "hour", "hr" -> said(r.now().minusHours(n));
      case "week" -> Said.day(r.today().minusWeeks(n));
      case "month" -> Said.day(r.today().minusMonths(n));
      case "year" -> Said.day(r.today().minusYears(n));
      default -> Said.day(r.today().minusDays(n));
    };
  }

  private static Said said(ZonedDateTime at) {
    return new Said(at.toLocalDate(), at.toLocalTime());
  }

  /** The last such day; “last Monday” is never today. */
  private static Said weekday(Reader r) {
    String name = r.has(2) ? r.match.group(2) : r.match.group(3);
    DayOfWeek wanted =
        Arrays.stream(DayOfWeek.values())
            .filter(d -> d.name().toLowerCase(Locale.ROOT).startsWith(name.substring(0, 3)))
            .findFirst()
            .orElseThrow();
    int back = Math.floorMod(r.today().getDayOfWeek().getValue() - wanted.getValue(), 7);
    return Said.day(r.today().minusDays(back == 0 && "last".equals(r.match.group(1)) ? 7 : back));
  }
}
