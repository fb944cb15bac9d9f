package org.mildlantern.app.imports;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryOffered;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.QuickLine;
import org.mildlantern.core.sheet.DayOrder;
import org.mildlantern.core.sheet.LogColumn;
import org.mildlantern.core.sheet.LogReader;
import org.mildlantern.core.sheet.LogRow;
import org.mildlantern.core.words.Words;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps logs from elsewhere while they are looked at, and writes their rows into the day book. */
@Service
@Transactional
class LogImportService {
  private static final Words WORDS = Words.of(LogImportService.class);

  private static final int PART = 200;

  /** Older weights are not judged by the pot as it is now, days. */
  private static final int JUDGED = 150;

  /** Notes that a plant remembers beside the day book. */
  private static final Set<String> CHANGING =
      Set.of(NoteKind.REPOTTED.name(), NoteKind.STAGE.name());

  private final LogImportRepository imports;
  private final PlantService plants;
  private final PlantNotes notes;
  private final JournalService journal;
  private final ApplicationEventPublisher events;
  private final EntityManager entities;
  private final JdbcClient jdbc;
  private final Scope scope;

  LogImportService(
      LogImportRepository imports,
      PlantService plants,
      PlantNotes notes,
      JournalService journal,
      ApplicationEventPublisher events,
      EntityManager entities,
      JdbcClient jdbc,
      Scope scope) {
    this.events = events;
    this.entities = entities;
    this.imports = imports;
    this.plants = plants;
    this.notes = notes;
    this.journal = journal;
    this.jdbc = jdbc;
    this.scope = scope;
  }

  /**
   * A line of a row as it was read.
   *
   * @param why it is kept as words only, or null
   * @param here whether the day book has it already
   */
  record Line(PlantView plant, ZonedDateTime at, QuickLine read, String why, boolean here) {
    /** What kind of note it is, with its figures. */
    public String words() {
      if (why != null) {
        return WORDS.say("log-words", why);
      }
      if (read.note() instanceof Moved) {
        return WORDS.say("log-moved");
      }
      return read.note().kind().label()
          + read.note().figures().stream().map(one -> " " + one).collect(Collectors.joining(","));
    }
  }

  /**
   * A row.
   *
   * @param lines none while something will not do
   * @param problem why, or null
   */
  record Row(int number, List<String> cells, List<Line> lines, String problem) {
    public boolean here() {
      return problem == null && lines.stream().allMatch(Line::here);
    }
  }

  /** A log as it stands, with the rows that are not in the day book yet. */
  record Opened(LogImport log, List<LogColumn> columns, boolean asksOrder, List<Row> rows) {
    List<Row> good() {
      return rows.stream().filter(row -> row.problem() == null && !row.here()).toList();
    }

    List<Row> here() {
      return rows.stream().filter(Row::here).toList();
    }

    List<Row> open() {
      return rows.stream().filter(row -> row.problem() != null).toList();
    }
  }

  Long open(List<List<String>> lines) {
    return imports.save(new LogImport(LogReader.layOut(lines), scope.now())).id();
  }

  @Transactional(readOnly = true)
  List<LogImport> all() {
    return imports.latestFirst();
  }

  @Transactional(readOnly = true)
  Optional<Opened> find(Long id) {
    return imports.byId(id).map(this::opened);
  }

  private Opened opened(LogImport log) {
    LogReader reader = new LogReader(log.sheet(), log.columns(), log.days(), now());
    Set<Integer> saved = log.saved();
    List<PlantView> all =
        Stream.concat(plants.kept().stream(), plants.archived().stream()).toList();
    Named named = new Named(all, notes.settings(all.stream().map(PlantView::id).toList()));
    List<LogRow> rows =
        reader.read(log.sheet()).stream().filter(row -> !saved.contains(row.number())).toList();
    Map<String, Integer> there = there(rows);
    return new Opened(
        log,
        reader.columns(),
        reader.asksOrder(log.sheet()),
        rows.stream()
            .map(row -> row(row, log.sheet().rows().get(row.number()), named, there))
            .toList());
  }

  private ZonedDateTime now() {
    return scope.now().atZone(scope.zone());
  }

  /** Plants by their codes, and by their names. */
  private static final class Named {
    private final Map<String, List<PlantView>> byCode;
    private final Map<String, List<PlantView>> byName;
    private final PlantNotes.Settings settings;

    Named(List<PlantView> all, PlantNotes.Settings settings) {
      this.settings = settings;
      byCode = all.stream().collect(Collectors.groupingBy(plant -> folded(plant.code())));
      byName = all.stream().collect(Collectors.groupingBy(plant -> folded(plant.name())));
    }

    private static String folded(String name) {
      return name.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
    }

    /**
     * The plant that is meant: by its code, else by a name that no other has; a code may stand
     * where a name is expected.
     *
     * @throws IllegalArgumentException with a message for the keeper
     */
    PlantView of(LogRow row) {
      List<PlantView> coded =
          byCode.getOrDefault(folded(row.code().isEmpty() ? row.plant() : row.code()), List.of());
      if (coded.size() == 1) {
        return coded.get(0);
      }
      if (!row.code().isEmpty()) {
        throw new IllegalArgumentException(WORDS.say("log-no-code", row.code()));
      }
      List<PlantView> called = byName.getOrDefault(folded(row.plant()), List.of());
      if (called.size() != 1) {
        throw new IllegalArgumentException(
            WORDS.say(called.isEmpty() ? "log-no-name" : "log-several", row.plant()));
      }
      return called.get(0);
    }
  }

  private Row row(LogRow row, List<String> cells, Named named, Map<String, Integer> there) {
    if (row.problem() != null) {
      return new Row(row.number(), cells, List.of(), row.problem());
    }
    try {
      PlantView plant = named.of(row);
      List<Line> lines = new ArrayList<>();
      for (String text : row.lines()) {
        lines.add(line(row, plant, text, named, there));
      }
      return new Row(row.number(), cells, lines, null);
    } catch (IllegalArgumentException e) {
      return new Row(row.number(), cells, List.of(), e.getMessage());
    }
  }

  /** What cannot be read as it stands is kept as words, and why is said. */
  private Line line(
      LogRow row, PlantView plant, String text, Named named, Map<String, Integer> there) {
    QuickLine read;
    String why = null;
    try {
      read = named.settings.read(plant.id(), text, row.day());
      if (row.day().isAfter(scope.today().minusDays(JUDGED))) {
        events.publishEvent(
            new EntryOffered(new Entry(plant.id(), scope.now(), read.note(), read.text())));
      }
    } catch (IllegalArgumentException e) {
      read = QuickLine.words(text, now());
      why = e.getMessage();
    }
    ZonedDateTime at = at(row, read);
    boolean here =
        there.computeIfPresent(key(plant.id(), at.toLocalDate(), read.text()), (k, n) -> n - 1)
            != null;
    return new Line(plant, at, read, why, here);
  }

  /** When it was; noon where no time is told, and never ahead of now. */
  private ZonedDateTime at(LogRow row, QuickLine read) {
    LocalTime own = read.dated() ? read.at().toLocalTime() : LocalTime.NOON;
    ZonedDateTime at =
        row.day().atTime(Objects.requireNonNullElse(row.time(), own)).atZone(scope.zone());
    return at.isAfter(now()) ? now() : at;
  }

  /** How often each line is in the day book already. */
  private Map<String, Integer> there(List<LogRow> rows) {
    Map<String, Integer> there = new HashMap<>();
    List<LocalDate> days =
        rows.stream().map(LogRow::day).filter(Objects::nonNull).distinct().sorted().toList();
    if (days.isEmpty()) {
      return there;
    }
    LocalDate last = days.get(days.size() - 1);
    jdbc.sql(
            "select plant_id, at, text from entry where collection_id = :c and not superseded and kind"
                + " <> 'TAKEN_BACK' and at >= :from and at < :until")
        .param("c", scope.keeper().collectionId())
        .param("from", days.get(0).atStartOfDay(scope.zone()).toOffsetDateTime())
        .param("until", last.plusDays(1).atStartOfDay(scope.zone()).toOffsetDateTime())
        .query(
            row -> {
              Instant at = row.getObject("at", OffsetDateTime.class).toInstant();
              there.merge(
                  key(row.getLong("plant_id"), scope.day(at), row.getString("text")),
                  1,
                  Integer::sum);
            });
    return there;
  }

  private static String key(Long plant, LocalDate day, String text) {
    return plant + " " + day + " " + text.strip().toLowerCase(Locale.ROOT);
  }

  /** Takes what columns hold, and in which order days in figures are. */
  boolean say(Long id, Map<Integer, LogColumn> columns, DayOrder order) {
    Optional<LogImport> found = imports.byId(id);
    found.ifPresent(
        log -> {
          Map<Integer, LogColumn> all = new HashMap<>(log.columns());
          all.putAll(columns);
          log.say(all, order == null ? log.days() : order);
        });
    return found.isPresent();
  }

  /** Writes all rows that will do, the earliest first; how many lines. */
  Optional<Integer> save(Long id) {
    return imports.byId(id).map(log -> save(log, opened(log)));
  }

  private int save(LogImport log, Opened opened) {
    List<Row> good = opened.good();
    List<PlantNotes.Recalled> lines =
        good.stream()
            .flatMap(row -> row.lines().stream())
            .filter(line -> !line.here())
            .map(
                line ->
                    new PlantNotes.Recalled(line.plant().id(), line.read(), line.at().toInstant()))
            .sorted(Comparator.comparing(PlantNotes.Recalled::at))
            .toList();
    List<Long> written = new ArrayList<>();
    inParts(lines, part -> notes.recall(part).forEach(entry -> written.add(entry.id())));
    Set<Integer> rows = new HashSet<>();
    Stream.concat(good.stream(), opened.here().stream()).forEach(row -> rows.add(row.number()));
    imports.byId(log.id()).orElseThrow().wrote(rows, written);
    return written.size();
  }

  /** What is written is looked through at each question; so many at once are few. */
  private <T> void inParts(List<T> all, Consumer<List<T>> work) {
    for (int i = 0; i < all.size(); i += PART) {
      work.accept(all.subList(i, Math.min(all.size(), i + PART)));
      entities.flush();
      entities.clear();
    }
  }

  /**
   * Takes everything back that was written; how many lines. What changed the plant, and what was
   * corrected since, is taken back one by one, the last first; all else goes as if it had never
   * come.
   */
  Optional<Integer> takeBack(Long id) {
    return imports.byId(id).map(LogImport::entries).map(all -> takeBack(id, all));
  }

  private int takeBack(Long id, List<Long> written) {
    Set<Long> plain = new HashSet<>();
    inParts(written, part -> plain.addAll(plain(part)));
    List<Long> others = written.stream().filter(entry -> !plain.contains(entry)).toList();
    journal.retractAll(others);
    inParts(
        List.copyOf(plain),
        part -> jdbc.sql("delete from entry where id in (:ids)").param("ids", part).update());
    imports.byId(id).orElseThrow().takeBack();
    return written.size();
  }

  private List<Long> plain(List<Long> ids) {
    return jdbc.sql(
            "select id from entry where id in (:ids) and collection_id = :c and not superseded and"
                + " kind not in (:changing)")
        .param("ids", ids)
        .param("c", scope.keeper().collectionId())
        .param("changing", CHANGING)
        .query(Long.class)
        .list();
  }

  boolean drop(Long id) {
    Optional<LogImport> log = imports.byId(id);
    log.ifPresent(imports::delete);
    return log.isPresent();
  }
}
