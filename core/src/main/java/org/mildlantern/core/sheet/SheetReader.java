package org.mildlantern.core.sheet;

import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.SheetWords;
import org.mildlantern.core.words.Words;

/** Reads growers' lists: which column holds what, and what each row says of a plant. */
public final class SheetReader {
  private static final Words WORDS = Words.of(SheetReader.class);

  private final Knowledge knowledge;
  private final SheetWords words;

  public SheetReader(Knowledge knowledge, SheetWords words) {
    this.knowledge = knowledge;
    this.words = words;
  }

  /**
   * The collection that a list comes to.
   *
   * @param codes that are taken, in lower case
   * @param places by the names as they are written
   * @param builds how a plant of unknown kind may be built, by id, in words
   */
  public record Around(
      ZonedDateTime now, Set<String> codes, List<String> places, Map<String, String> builds) {}

  /**
   * Lays out lines of cells. A first line without any known heading is a plant like the others;
   * then the column with the most known names holds them. A column for how plants are built is
   * added where there is none, so that it can be said of names that are not known.
   *
   * @param lines not empty
   */
  public Sheet layOut(List<List<String>> lines) {
    List<String> first = lines.get(0);
    boolean headed =
        first.stream().anyMatch(cell -> Heading.of(cell, words).column() != null)
            && knowledge.taxonNamed(first.get(0)).isEmpty();
    int width = lines.stream().mapToInt(List::size).max().orElse(1);
    List<String> headings = new ArrayList<>(headed ? first : List.of());
    int names = headed ? -1 : namesAt(lines, width);
    for (int i = headings.size(); i < width; i++) {
      headings.add(i == names ? Column.NAME.label() : WORDS.say("column", i + 1));
    }
    if (headings.stream().noneMatch(h -> Heading.of(h, words).column() == Column.FORM)) {
      headings.add(Column.FORM.label());
    }
    return new Sheet(headings, headed ? lines.subList(1, lines.size()) : lines);
  }

  private int namesAt(List<List<String>> lines, int width) {
    int best = 0;
    long most = -1;
    for (int i = 0; i < width; i++) {
      int column = i;
      long known =
          lines.stream()
              .filter(line -> column < line.size() && !line.get(column).isBlank())
              .filter(line -> knowledge.taxonNamed(line.get(column)).isPresent())
              .count();
      if (known > most) {
        best = i;
        most = known;
      }
    }
    return best;
  }

  /** Reads a whole list. */
  public SheetReading read(Sheet sheet, Answers answers, Around around) {
    return read(sheet, Set.of(), answers, around);
  }

  /**
   * Reads a list.
   *
   * @param done numbers of the rows that are plants already; they are not read
   */
  public SheetReading read(Sheet sheet, Set<Integer> done, Answers answers, Around around) {
    List<SheetReading.Head> heads = heads(sheet, answers);
    Map<Column, Integer> at = new EnumMap<>(Column.class);
    for (int i = 0; i < heads.size(); i++) {
      at.putIfAbsent(heads.get(i).column(), i);
    }
    DayOrder order =
        Optional.ofNullable(answers.days()).orElseGet(() -> order(sheet, heads, around));
    Set<String> codes = new HashSet<>(around.codes());
    Tally tally = new Tally();
    List<SheetReading.Row> rows = new ArrayList<>();
    for (int i = 0; i < sheet.rows().size(); i++) {
      if (done.contains(i)) {
        continue;
      }
      RowReader reader =
          new RowReader(knowledge, words, new RowReader.Ground(heads, at, answers, order, around));
      rows.add(reader.read(i, sheet.rows().get(i), codes, tally));
    }
    return new SheetReading(heads, rows, tally.asks());
  }

  /** What is open for the list as a whole, gathered row by row. */
  static final class Tally {
    boolean unit;
    boolean days;
    int rest;
    final Map<String, Integer> places = new LinkedHashMap<>();
    private final Map<String, String> spelled = new LinkedHashMap<>();

    void place(String name) {
      String first = spelled.computeIfAbsent(name.toLowerCase(Locale.ROOT), low -> name);
      places.merge(first, 1, Integer::sum);
    }

    SheetReading.Asks asks() {
      return new SheetReading.Asks(unit, days, places, rest);
    }
  }

  private List<SheetReading.Head> heads(Sheet sheet, Answers answers) {
    Set<Column> taken = EnumSet.noneOf(Column.class);
    Column[] own = new Column[sheet.headings().size()];
    List<Heading> headings =
        sheet.headings().stream().map(text -> Heading.of(text, words)).toList();
    for (int i = 0; i < own.length; i++) {
      own[i] = free(answers.columns().get(i), taken);
    }
    for (int i = 0; i < own.length; i++) {
      if (!answers.columns().containsKey(i)) {
        own[i] = free(headings.get(i).column(), taken);
      }
    }
    return IntStream.range(0, own.length)
        .mapToObj(
            i ->
                new SheetReading.Head(
                    headings.get(i), own[i] == null ? Column.ASIDE : own[i], own[i] != null))
        .toList();
  }

  /** The column unless another holds it already; null when there is none. */
  private static Column free(Column column, Set<Column> taken) {
    return column != null && (column.many() || taken.add(column)) ? column : null;
  }

  /** The order of days in figures that the others show; null when none does, or they differ. */
  private static DayOrder order(Sheet sheet, List<SheetReading.Head> heads, Around around) {
    Set<DayOrder> shown = EnumSet.noneOf(DayOrder.class);
    for (int i = 0; i < heads.size(); i++) {
      if (heads.get(i).column().day()) {
        for (List<String> row : sheet.rows()) {
          Optional.ofNullable(DayCell.of(row.get(i), null, around.now()).shows())
              .ifPresent(shown::add);
        }
      }
    }
    return shown.size() == 1 ? shown.iterator().next() : null;
  }
}
