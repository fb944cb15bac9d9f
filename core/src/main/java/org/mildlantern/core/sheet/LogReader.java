package org.mildlantern.core.sheet;

import java.time.DateTimeException;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.mildlantern.core.words.Words;

/** Reads logs that growers kept elsewhere: rows of a day, a plant and what was done. */
public final class LogReader {
  private static final Words WORDS = Words.of(LogReader.class);

  private static final Pattern UNIT = Pattern.compile("[(\\[]\\s*([^)\\]]{1,12}?)\\s*[)\\]]");
  private static final Pattern FIGURE = Pattern.compile("\\d+(?:[.,]\\d+)?");
  private static final Pattern CLOCK =
      Pattern.compile("(?:.*[T ])?(\\d{1,2})[:.h](\\d{2})(?::\\d{2})?\\s*([ap])?\\.?m?\\.?.*");

  /** Columns of which two may stand side by side. */
  private static final Set<LogColumn> MANY = EnumSet.of(LogColumn.NOTE, LogColumn.UNUSED);

  private final List<String> headings;
  private final List<LogColumn> columns;
  private final DayOrder order;
  private final ZonedDateTime now;

  /**
   * @param said what columns hold as the keeper says, by number
   * @param order in which days in figures are meant, or null when nobody said
   */
  public LogReader(Sheet sheet, Map<Integer, LogColumn> said, DayOrder order, ZonedDateTime now) {
    this.headings = sheet.headings();
    this.columns = columns(sheet.headings(), said);
    this.order = order == null ? shown(sheet, now) : order;
    this.now = now;
  }

  /** Lays out lines of cells; a first line without any known heading is a row like the others. */
  public static Sheet layOut(List<List<String>> lines) {
    List<String> first = lines.get(0);
    boolean headed = first.stream().anyMatch(cell -> LogColumn.of(cell).isPresent());
    int width = lines.stream().mapToInt(List::size).max().orElse(1);
    List<String> headings = new ArrayList<>(headed ? first : List.of());
    for (int i = headings.size(); i < width; i++) {
      headings.add(WORDS.say("column", i + 1));
    }
    return new Sheet(headings, headed ? lines.subList(1, lines.size()) : lines);
  }

  private static List<LogColumn> columns(List<String> headings, Map<Integer, LogColumn> said) {
    Set<LogColumn> taken = EnumSet.noneOf(LogColumn.class);
    said.values().stream().filter(one -> !MANY.contains(one)).forEach(taken::add);
    List<LogColumn> columns = new ArrayList<>();
    for (int i = 0; i < headings.size(); i++) {
      LogColumn own = said.get(i);
      if (own == null) {
        own = LogColumn.of(headings.get(i)).orElse(LogColumn.UNUSED);
        own = MANY.contains(own) || taken.add(own) ? own : LogColumn.NOTE;
      }
      columns.add(own);
    }
    return columns;
  }

  /** The order that some day of the list can only be in. */
  private DayOrder shown(Sheet sheet, ZonedDateTime at) {
    int day = columns.indexOf(LogColumn.DAY);
    return day < 0
        ? null
        : sheet.rows().stream()
            .map(row -> DayCell.of(row.get(day), null, at).shows())
            .filter(Objects::nonNull)
            .findFirst()
            .orElse(null);
  }

  /** What each column holds. */
  public List<LogColumn> columns() {
    return columns;
  }

  /** Whether days can be read in two ways, so that it is asked. */
  public boolean asksOrder(Sheet sheet) {
    int day = columns.indexOf(LogColumn.DAY);
    return day >= 0
        && sheet.rows().stream().anyMatch(row -> DayCell.of(row.get(day), order, now).asks());
  }

  /** Reads all rows. */
  public List<LogRow> read(Sheet sheet) {
    return IntStream.range(0, sheet.rows().size())
        .mapToObj(row -> read(row, sheet.rows().get(row)))
        .toList();
  }

  private LogRow read(int number, List<String> cells) {
    Map<LogColumn, String> all = new EnumMap<>(LogColumn.class);
    for (int i = 0; i < cells.size(); i++) {
      LogColumn column = columns.get(i);
      String cell = cells.get(i).strip();
      if (column != LogColumn.UNUSED && !cell.isEmpty()) {
        all.merge(column, measured(cell, column, i), (a, b) -> a + ". " + b);
      }
    }
    String code = all.getOrDefault(LogColumn.CODE, "");
    String plant = all.getOrDefault(LogColumn.PLANT, "");
    DayCell day = DayCell.of(all.getOrDefault(LogColumn.DAY, ""), order, now);
    List<String> lines = lines(all);
    String problem = null;
    LocalTime time = null;
    if (!all.containsKey(LogColumn.DAY)) {
      problem = WORDS.say("log.no-day");
    } else if (day.problem() != null) {
      problem = WORDS.say("log.day", all.get(LogColumn.DAY), day.problem());
    } else if (day.rough()) {
      problem = WORDS.say("log.rough", all.get(LogColumn.DAY));
    } else if (code.isEmpty() && plant.isEmpty()) {
      problem = WORDS.say("log.no-plant");
    } else if (lines.isEmpty()) {
      problem = WORDS.say("log.nothing");
    } else {
      try {
        time = time(all);
      } catch (DateTimeException e) {
        problem = WORDS.say("log.time", all.get(LogColumn.TIME));
      }
    }
    return new LogRow(number, code, plant, day.day(), time, lines, problem);
  }

  /** A figure alone has the unit that its heading names. */
  private String measured(String cell, LogColumn column, int at) {
    boolean figure = column == LogColumn.AMOUNT || column == LogColumn.WEIGHT;
    Matcher unit = UNIT.matcher(headings.get(at));
    return figure && FIGURE.matcher(cell).matches() && unit.find()
        ? cell + " " + unit.group(1)
        : cell;
  }

  /** The time of its own column, or the one that stands beside the day. */
  private static LocalTime time(Map<LogColumn, String> all) {
    String own = all.get(LogColumn.TIME);
    Matcher clock = CLOCK.matcher(own == null ? all.get(LogColumn.DAY) : own);
    boolean found = clock.matches();
    if (!found && own == null) {
      return null;
    }
    if (!found) {
      throw new DateTimeException("no time");
    }
    int hour = Integer.parseInt(clock.group(1));
    if (own == null && hour > 23) {
      return null;
    }
    if (clock.group(3) != null) {
      hour = hour % 12 + (clock.group(3).equals("p") ? 12 : 0);
    }
    return LocalTime.of(hour, Integer.parseInt(clock.group(2)));
  }

  private static List<String> lines(Map<LogColumn, String> all) {
    List<String> lines = new ArrayList<>();
    String done = done(all);
    if (!done.isEmpty()) {
      lines.add(done);
    }
    if (all.containsKey(LogColumn.WEIGHT)) {
      lines.add("weighed " + all.get(LogColumn.WEIGHT));
    }
    if (all.containsKey(LogColumn.NOTE)) {
      lines.add(all.get(LogColumn.NOTE));
    }
    return lines;
  }

  private static String done(Map<LogColumn, String> all) {
    String with = all.get(LogColumn.WITH);
    String against = all.get(LogColumn.AGAINST);
    StringBuilder done = new StringBuilder(all.getOrDefault(LogColumn.WHAT, ""));
    if (done.isEmpty() && against != null) {
      done.append(with == null ? WORDS.say("log.treated") : WORDS.say("log.sprayed"));
    }
    if (done.isEmpty() && with != null) {
      done.append(WORDS.say("log.given"));
    }
    String amount = all.get(LogColumn.AMOUNT);
    boolean saysIt =
        amount != null
            && amount.toLowerCase(Locale.ROOT).startsWith(done.toString().toLowerCase(Locale.ROOT));
    if (saysIt && !done.isEmpty()) {
      done = new StringBuilder(amount);
    } else {
      append(done, " ", amount);
    }
    append(done, " with ", with);
    append(done, " ", all.get(LogColumn.RATE));
    append(done, " against ", against);
    append(done, ": ", all.get(LogColumn.OUTCOME));
    return done.toString().strip();
  }

  private static void append(StringBuilder done, String before, String words) {
    if (words != null && !done.isEmpty()) {
      done.append(before).append(words);
    }
  }
}
