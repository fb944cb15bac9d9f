package org.mildlantern.app.sensors;

import java.io.IOException;
import java.io.StringReader;
import java.text.ParsePosition;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.ResolverStyle;
import java.time.temporal.TemporalAccessor;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.mildlantern.core.air.Gauge;
import org.mildlantern.core.words.Words;

/**
 * A logger's file as a table: what its columns seem to be, and what its lines say once that is
 * agreed. Lines that cannot be read are kept apart with the reason.
 *
 * @param head the names of its columns
 * @param lines the cells below
 */
record LoggerTable(List<String> head, List<List<String>> lines) {
  private static final Words WORDS = Words.of(LoggerTable.class);
  private static final int MOST_LINES = 200_000;
  private static final int MOST_COLUMNS = 40;
  private static final Map<Order, List<DateTimeFormatter>> FORMATS =
      Map.of(
          Order.DAY_FIRST, formats(Order.DAY_FIRST), Order.MONTH_FIRST, formats(Order.MONTH_FIRST));

  /** What a column holds. */
  enum Column {
    TIME,
    CELSIUS,
    FAHRENHEIT,
    HUMIDITY,
    LUX,
    PPFD,
    GLASS,
    CO2,
    NOTHING;

    public String label() {
      return WORDS.say("column", name());
    }

    private Optional<Gauge> gauge() {
      return switch (this) {
        case CELSIUS, FAHRENHEIT -> Optional.of(Gauge.TEMPERATURE);
        case HUMIDITY -> Optional.of(Gauge.HUMIDITY);
        case LUX -> Optional.of(Gauge.LUX);
        case PPFD -> Optional.of(Gauge.PPFD);
        case GLASS -> Optional.of(Gauge.GLASS);
        case CO2 -> Optional.of(Gauge.CO2);
        case TIME, NOTHING -> Optional.empty();
      };
    }
  }

  /** The order in which days are written with slashes. */
  enum Order {
    DAY_FIRST,
    MONTH_FIRST;

    public String label() {
      return WORDS.say("order", name());
    }
  }

  /**
   * What was read of a table.
   *
   * @param bad lines that could not be, with their numbers in the file
   */
  record Result(List<ReadingIntake.Sent> readings, List<Bad> bad) {}

  /** A line that could not be read. */
  record Bad(int line, String text, String why) {}

  /**
   * Takes a text apart.
   *
   * @throws IllegalArgumentException where it is no table
   */
  static LoggerTable of(String text) {
    String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
    char separator =
        Stream.of('\t', ';', ',')
            .max(Comparator.comparingLong(sign -> first.chars().filter(c -> c == sign).count()))
            .orElse(',');
    if (first.indexOf(separator) < 0) {
      throw new IllegalArgumentException(WORDS.say("no-table"));
    }
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(separator)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
      List<List<String>> lines = new ArrayList<>();
      for (var record : parser) {
        if (lines.size() > MOST_LINES || record.size() > MOST_COLUMNS) {
          throw new IllegalArgumentException(WORDS.say("large", MOST_LINES, MOST_COLUMNS));
        }
        lines.add(record.toList());
      }
      if (lines.size() < 2) {
        throw new IllegalArgumentException(WORDS.say("no-lines"));
      }
      return new LoggerTable(lines.get(0), lines.subList(1, lines.size()));
    } catch (IOException | RuntimeException e) {
      throw e instanceof IllegalArgumentException said
          ? said
          : new IllegalArgumentException(WORDS.say("no-table"), e);
    }
  }

  /** What the columns seem to hold, by their names. */
  List<Column> guess() {
    List<Column> columns = new ArrayList<>();
    for (String name : head) {
      Column column = guess(name.toLowerCase(Locale.ROOT));
      columns.add(column != Column.NOTHING && columns.contains(column) ? Column.NOTHING : column);
    }
    return columns;
  }

  private static Column guess(String name) {
    if (name.matches(".*\\b(time|date|timestamp|zeit|datum)\\b.*|.*time.*")) {
      return Column.TIME;
    }
    if (name.matches(".*(glass|pane|window).*")) {
      return Column.GLASS;
    }
    if (name.matches(".*(temp|°c|°f|celsius|fahrenheit).*")) {
      return name.matches(".*(°f|fahrenheit|\\(f\\)|_f\\b|deg ?f).*")
          ? Column.FAHRENHEIT
          : Column.CELSIUS;
    }
    if (name.matches(".*(hum|rh|feucht|%).*")) {
      return Column.HUMIDITY;
    }
    if (name.matches(".*(lux|lx).*")) {
      return Column.LUX;
    }
    if (name.matches(".*(ppfd|par|µmol|umol).*")) {
      return Column.PPFD;
    }
    return name.matches(".*co.?2.*") ? Column.CO2 : Column.NOTHING;
  }

  /**
   * Whether days could be read in two ways: all are written with slashes and none tells which part
   * is the month.
   */
  boolean isDayOpen(List<Column> columns) {
    int time = columns.indexOf(Column.TIME);
    return time >= 0
        && lines.stream()
            .map(line -> cell(line, time))
            .filter(cell -> cell.matches("\\d{1,2}/\\d{1,2}/\\d{4}.*"))
            .findAny()
            .isPresent()
        && lines.stream()
            .map(line -> cell(line, time).split("/"))
            .filter(parts -> parts.length > 2)
            .allMatch(parts -> number(parts[0]) <= 12 && number(parts[1]) <= 12);
  }

  /** The order that the file itself tells, where it does. */
  Order order(List<Column> columns) {
    int time = columns.indexOf(Column.TIME);
    boolean monthFirst =
        lines.stream()
            .map(line -> cell(line, time).split("/"))
            .anyMatch(parts -> parts.length > 2 && number(parts[1]) > 12);
    return monthFirst ? Order.MONTH_FIRST : Order.DAY_FIRST;
  }

  private static int number(String digits) {
    return digits.matches("\\d{1,2}") ? Integer.parseInt(digits) : 0;
  }

  private static String cell(List<String> line, int column) {
    return column < 0 || column >= line.size() ? "" : line.get(column).strip();
  }

  /** What the lines say. */
  Result read(List<Column> columns, Order order, ZoneId zone) {
    List<ReadingIntake.Sent> readings = new ArrayList<>();
    List<Bad> bad = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      try {
        readings.addAll(line(lines.get(i), columns, order, zone));
      } catch (IllegalArgumentException e) {
        bad.add(new Bad(i + 2, String.join(", ", lines.get(i)), e.getMessage()));
      }
    }
    return new Result(readings, bad);
  }

  private static List<ReadingIntake.Sent> line(
      List<String> line, List<Column> columns, Order order, ZoneId zone) {
    Instant at = at(cell(line, columns.indexOf(Column.TIME)), order, zone);
    List<ReadingIntake.Sent> readings = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      Optional<Gauge> gauge = columns.get(i).gauge();
      String cell = cell(line, i);
      if (gauge.isPresent() && !cell.isEmpty()) {
        double value = value(cell);
        double metric = columns.get(i) == Column.FAHRENHEIT ? (value - 32) / 1.8 : value;
        if (!gauge.get().canBe(metric)) {
          throw new IllegalArgumentException(WORDS.say("range", cell, gauge.get().range()));
        }
        readings.add(new ReadingIntake.Sent(at, gauge.get(), metric));
      }
    }
    if (readings.isEmpty()) {
      throw new IllegalArgumentException(WORDS.say("nothing"));
    }
    return readings;
  }

  private static double value(String cell) {
    String bare = cell.replaceAll("[°%]|[a-zA-Zµ/²]+$", "").strip();
    String plain = bare.contains(",") && !bare.contains(".") ? bare.replace(',', '.') : bare;
    if (!plain.matches("[-+]?\\d{1,9}(\\.\\d{1,9})?")) {
      throw new IllegalArgumentException(WORDS.say("figure", cell));
    }
    return Double.parseDouble(plain);
  }

  private static Instant at(String cell, Order order, ZoneId zone) {
    if (cell.matches("\\d{9,10}")) {
      return Instant.ofEpochSecond(Long.parseLong(cell));
    }
    if (cell.matches("\\d{12,13}")) {
      return Instant.ofEpochMilli(Long.parseLong(cell));
    }
    try {
      return OffsetDateTime.parse(cell.replace(' ', 'T')).toInstant();
    } catch (DateTimeException e) {
      return local(cell, order).atZone(zone).toInstant();
    }
  }

  private static LocalDateTime local(String cell, Order order) {
    String written = cell.replace('T', ' ').strip().toUpperCase(Locale.ROOT);
    for (DateTimeFormatter format : FORMATS.get(order)) {
      ParsePosition position = new ParsePosition(0);
      TemporalAccessor parsed = format.parseUnresolved(written, position);
      if (parsed != null && position.getIndex() == written.length()) {
        return resolved(written, format, cell);
      }
    }
    throw new IllegalArgumentException(WORDS.say("time", cell));
  }

  private static LocalDateTime resolved(String written, DateTimeFormatter format, String cell) {
    try {
      return LocalDateTime.parse(written, format);
    } catch (DateTimeException e) {
      throw new IllegalArgumentException(WORDS.say("time", cell), e);
    }
  }

  private static List<DateTimeFormatter> formats(Order order) {
    String slashes = order == Order.DAY_FIRST ? "d/M/uuuu" : "M/d/uuuu";
    return Stream.of(
            "uuuu-M-d H:mm[:ss][.SSS]",
            "uuuu/M/d H:mm[:ss]",
            "d.M.uuuu H:mm[:ss]",
            slashes + " H:mm[:ss]",
            slashes + " h:mm[:ss] a")
        .map(
            pattern ->
                DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH)
                    .withResolverStyle(ResolverStyle.STRICT))
        .toList();
  }
}
