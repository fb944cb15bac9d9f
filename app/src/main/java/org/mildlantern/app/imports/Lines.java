package org.mildlantern.app.imports;

import java.io.IOException;
import java.io.StringReader;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.mildlantern.app.web.Formulas;
import org.mildlantern.app.web.PlainInput;
import org.mildlantern.app.web.TextFile;
import org.mildlantern.core.words.Words;
import org.springframework.web.multipart.MultipartFile;

/** Takes apart a table of cells between tabs, commas or semicolons, as spreadsheets write it. */
final class Lines {
  static final int MOST_ROWS = 1000;
  private static final int MOST_COLUMNS = 40;
  private static final int CHARACTERS_A_ROW = 400;
  private static final int LONGEST_CELL = 2000;
  private static final char BYTE_ORDER_MARK = '\uFEFF';
  private static final Words WORDS = Words.of(Lines.class);

  private Lines() {}

  /**
   * The cells of what was pasted, or of a file that was sent.
   *
   * @param file or null
   */
  static List<List<String>> of(String table, MultipartFile file, int most) throws IOException {
    return of(isSent(file) ? TextFile.text(file.getBytes()) : table, most);
  }

  static boolean isSent(MultipartFile file) {
    return file != null && !file.isEmpty();
  }

  /**
   * The cells of a table, line by line.
   *
   * @throws IllegalArgumentException when it is empty, too large or no table
   */
  static List<List<String>> of(String table) {
    return of(table, MOST_ROWS);
  }

  /** The same with so many rows at most. */
  static List<List<String>> of(String table, int most) {
    String text =
        table.isEmpty() || table.charAt(0) != BYTE_ORDER_MARK ? table : table.substring(1);
    if (text.isBlank()) {
      throw new IllegalArgumentException(WORDS.say("empty"));
    }
    if (text.length() > most * CHARACTERS_A_ROW) {
      throw new IllegalArgumentException(WORDS.say("long", most));
    }
    if (!PlainInput.isStorable(text)) {
      throw new IllegalArgumentException(WORDS.say("no-table"));
    }
    List<List<String>> lines = lines(text.strip());
    if (lines.size() > most + 1) {
      throw new IllegalArgumentException(WORDS.say("long", most));
    }
    if (lines.stream().anyMatch(line -> line.size() > MOST_COLUMNS)) {
      throw new IllegalArgumentException(WORDS.say("wide", MOST_COLUMNS));
    }
    return lines;
  }

  private static List<List<String>> lines(String text) {
    String first = text.lines().findFirst().orElse("");
    char separator =
        Stream.of('\t', ';', ',')
            .max(Comparator.comparingLong(sign -> first.chars().filter(c -> c == sign).count()))
            .orElse(',');
    if (first.indexOf(separator) < 0) {
      return text.lines().map(line -> List.of(cut(line.strip()))).filter(Lines::tells).toList();
    }
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(separator)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    try (CSVParser parser = CSVParser.parse(new StringReader(quoted(text, separator)), format)) {
      return parser.getRecords().stream().map(Lines::cells).filter(Lines::tells).toList();
    } catch (IOException | RuntimeException e) {
      // A sign for inches may look like an open quotation.
      return text.lines()
          .map(line -> Stream.of(line.split(String.valueOf(separator), -1)).map(String::strip))
          .map(cells -> cells.map(Lines::cut).toList())
          .filter(Lines::tells)
          .toList();
    }
  }

  /** A cell such as {@code 4"} is no quotation. */
  private static String quoted(String text, char separator) {
    return separator == '\t' && !text.contains("\t\"") && !text.startsWith("\"")
        ? text.replace("\"", "″")
        : text;
  }

  private static List<String> cells(CSVRecord record) {
    return record.stream().map(Formulas::unmarked).map(Lines::cut).toList();
  }

  private static String cut(String cell) {
    return cell.length() <= LONGEST_CELL ? cell : cell.substring(0, LONGEST_CELL);
  }

  private static boolean tells(List<String> cells) {
    return cells.stream().anyMatch(cell -> !cell.isBlank());
  }
}
