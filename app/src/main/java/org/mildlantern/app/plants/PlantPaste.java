package org.mildlantern.app.plants;

import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.reading.Typed;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads a pasted table of plants, tab- or comma-separated with a heading row, and says of each cell
 * whether it will do. Nothing is saved until every cell does.
 */
@Service
@Transactional
public class PlantPaste {
  private static final Words WORDS = Words.of(PlantPaste.class);

  static final int MOST_ROWS = 500;
  private static final int MOST_CHARACTERS = 200_000;
  static final List<String> COLUMNS =
      List.of(
          "code",
          "name",
          "form",
          "place",
          "pot cm",
          "material",
          "medium",
          "medium since",
          "arrived",
          "notes");

  private final PlantService plants;
  private final PlantRepository repository;
  private final PlaceService places;
  private final Knowledge knowledge;
  private final Builds builds;
  private final Scope scope;

  PlantPaste(
      PlantService plants,
      PlantRepository repository,
      PlaceService places,
      Knowledge knowledge,
      Builds builds,
      Scope scope) {
    this.plants = plants;
    this.repository = repository;
    this.places = places;
    this.knowledge = knowledge;
    this.builds = builds;
    this.scope = scope;
  }

  /** One cell; problem is null when it will do. */
  public record Cell(String text, String problem) {}

  /** One row, cell by column. */
  public record Row(int number, List<Cell> cells) {
    public boolean good() {
      return cells.stream().allMatch(c -> c.problem() == null);
    }
  }

  /** The whole preview; problem is about the table as such, or null. */
  public record Preview(List<String> columns, List<Row> rows, String problem) {
    public boolean good() {
      return problem == null && !rows.isEmpty() && rows.stream().allMatch(Row::good);
    }

    public long bad() {
      return rows.stream()
          .flatMap(r -> r.cells().stream())
          .filter(c -> c.problem() != null)
          .count();
    }
  }

  private record Read(Preview preview, List<PlantForm> forms) {}

  @Transactional(readOnly = true)
  public Preview preview(String table) {
    return read(table).preview();
  }

  /** Saves all rows, or none when any cell is bad; gives the preview back in that case. */
  public Preview save(String table) {
    Read read = read(table);
    if (read.preview().good()) {
      read.forms().forEach(plants::add);
    }
    return read.preview();
  }

  private Read read(String table) {
    if (table == null || table.isBlank()) {
      return fault(WORDS.say("paste.empty", String.join(", ", COLUMNS)));
    }
    if (table.length() > MOST_CHARACTERS) {
      return fault(WORDS.say("paste.long", MOST_ROWS));
    }
    char separator = table.lines().findFirst().orElse("").contains("\t") ? '\t' : ',';
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(separator)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    List<CSVRecord> records;
    try (CSVParser parser = CSVParser.parse(new StringReader(table.strip()), format)) {
      records = parser.getRecords();
    } catch (IOException | RuntimeException e) {
      return fault("The table cannot be read: check its quotation marks.");
    }
    Map<String, Integer> columns = new TreeMap<>();
    CSVRecord head = records.get(0);
    for (int i = 0; i < head.size(); i++) {
      String heading = head.get(i).toLowerCase(Locale.ROOT);
      if (!COLUMNS.contains(heading)) {
        return fault(WORDS.say("paste.unknown", head.get(i), String.join(", ", COLUMNS)));
      }
      if (columns.put(heading, i) != null) {
        return fault(WORDS.say("paste.twice", heading));
      }
    }
    if (!columns.containsKey("name") || !columns.containsKey("place")) {
      return fault("The columns “name” and “place” are needed.");
    }
    if (records.size() == 1) {
      return fault("There is a heading row but no plant below it.");
    }
    if (records.size() - 1 > MOST_ROWS) {
      return fault(WORDS.say("paste.rows", MOST_ROWS));
    }
    return rows(records, columns);
  }

  private Read rows(List<CSVRecord> records, Map<String, Integer> columns) {
    List<String> shown = COLUMNS.stream().filter(columns::containsKey).toList();
    Map<String, PlaceView> byName =
        places.all().stream()
            .collect(Collectors.toMap(p -> p.name().toLowerCase(Locale.ROOT), Function.identity()));
    Set<String> codes =
        repository.codes().stream()
            .map(c -> c.toLowerCase(Locale.ROOT))
            .collect(Collectors.toCollection(HashSet::new));
    List<Row> rows = new ArrayList<>();
    List<PlantForm> forms = new ArrayList<>();
    for (CSVRecord line : records.subList(1, records.size())) {
      RowReader reader = new RowReader(line, columns, byName, codes);
      PlantForm form = reader.form();
      rows.add(
          new Row(
              rows.size() + 1,
              shown.stream().map(c -> new Cell(reader.text(c), reader.problems.get(c))).toList()));
      forms.add(form);
    }
    return new Read(new Preview(shown, rows, null), forms);
  }

  private static Read fault(String message) {
    return new Read(new Preview(List.of(), List.of(), message), List.of());
  }

  /** Reads one line into a form and collects what is wrong by column. */
  private final class RowReader {
    private final CSVRecord line;
    private final Map<String, Integer> columns;
    private final Map<String, PlaceView> byName;
    private final Set<String> codes;
    private final Map<String, String> problems = new TreeMap<>();

    RowReader(
        CSVRecord line,
        Map<String, Integer> columns,
        Map<String, PlaceView> byName,
        Set<String> codes) {
      this.line = line;
      this.columns = columns;
      this.byName = byName;
      this.codes = codes;
    }

    String text(String column) {
      Integer at = columns.get(column);
      return at == null || at >= line.size() ? "" : line.get(at);
    }

    PlantForm form() {
      String code = limited("code", 20);
      if (!code.isEmpty() && !codes.add(code.toLowerCase(Locale.ROOT))) {
        problems.put("code", "taken already");
      }
      String name = limited("name", 120);
      if (name.isEmpty()) {
        problems.put("name", "needed");
      }
      String formId = null;
      if (!text("form").isEmpty()) {
        formId =
            one("form", builds.all(), Builds.Build::id, Builds.Build::label)
                .map(Builds.Build::id)
                .orElse(null);
      } else if (!name.isEmpty() && knowledge.taxonNamed(name).isEmpty()) {
        List<String> like = knowledge.namesLike(name);
        problems.put(
            columns.containsKey("form") ? "form" : "name",
            like.isEmpty()
                ? WORDS.say("paste.name")
                : WORDS.say("paste.name-like", String.join(", ", like)));
      }
      PlaceView place = byName.get(text("place").toLowerCase(Locale.ROOT));
      if (place == null) {
        problems.put("place", text("place").isEmpty() ? "needed" : "no place is called that");
      }
      String medium = null;
      if (!text("medium").isEmpty()) {
        medium =
            one("medium", knowledge.media().stream().toList(), Medium::id, Medium::label)
                .map(Medium::id)
                .orElse(null);
      }
      return new PlantForm(
          code,
          name,
          formId,
          place == null ? null : place.id(),
          new Pot(null, centimetres(), null, material(), null, null, null),
          medium,
          day("medium since"),
          null,
          null,
          day("arrived"),
          limited("notes", 2000));
    }

    private String limited(String column, int most) {
      String text = text(column);
      if (text.length() > most) {
        problems.put(column, WORDS.say("paste.cell", most));
      }
      return text;
    }

    private <T> Optional<T> one(
        String column, List<T> all, Function<T, String> id, Function<T, String> label) {
      String wanted = text(column);
      Optional<T> found =
          all.stream()
              .filter(
                  each ->
                      id.apply(each).equalsIgnoreCase(wanted)
                          || label.apply(each).equalsIgnoreCase(wanted))
              .findFirst();
      if (found.isEmpty()) {
        problems.put(
            column,
            WORDS.say("paste.one-of", all.stream().map(label).collect(Collectors.joining(", "))));
      }
      return found;
    }

    private Double centimetres() {
      String text = text("pot cm");
      Optional<Double> value = Typed.decimal(text).filter(cm -> cm >= 1 && cm <= 200);
      if (value.isEmpty() && !text.isEmpty()) {
        problems.put("pot cm", "a number between 1 and 200");
      }
      return value.orElse(null);
    }

    private Pot.Material material() {
      String text = text("material");
      if (text.isEmpty()) {
        return null;
      }
      return one("material", List.of(Pot.Material.values()), Enum::name, Pot.Material::label)
          .orElse(null);
    }

    private LocalDate day(String column) {
      String text = text(column);
      if (text.isEmpty()) {
        return null;
      }
      try {
        LocalDate day = LocalDate.parse(text);
        if (!day.isAfter(scope.today())) {
          return day;
        }
        problems.put(column, "has not come yet");
      } catch (DateTimeParseException e) {
        problems.put(column, "a day as 2026-03-31");
      }
      return null;
    }
  }
}
