package org.mildlantern.app.journal;

import static java.util.stream.Collectors.toSet;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.TakenBack;
import org.mildlantern.core.words.Words;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes and reads the day book. */
@Service
@Transactional
public class JournalService {
  private static final Words WORDS = Words.of(JournalService.class);

  private static final Set<NoteKind> ABOUT_POTS = NoteKind.aboutPots();
  private static final Set<NoteKind> ABOUT_WATER =
      ABOUT_POTS.stream()
          .filter(kind -> kind != NoteKind.STOOD && kind != NoteKind.REPOTTED)
          .collect(Collectors.toUnmodifiableSet());

  /** Later than any row. */
  private static final Instant FAR = Instant.parse("9999-12-31T00:00:00Z");

  private final EntryRepository entries;
  private final ApplicationEventPublisher events;
  private final Scope scope;
  private final CollectionMemo memo;
  private final JdbcClient jdbc;
  private final ByPlant<Long, Optional<Instant>> flushes = new ByPlant<>();

  JournalService(
      EntryRepository entries,
      ApplicationEventPublisher events,
      Scope scope,
      CollectionMemo memo,
      JdbcClient jdbc) {
    this.jdbc = jdbc;
    this.memo = memo;
    this.entries = entries;
    this.events = events;
    this.scope = scope;
  }

  /** Whether rows of the kind tell how a pot stands: drinks, readings, skips. */
  public static boolean aboutWater(NoteKind kind) {
    return ABOUT_WATER.contains(kind);
  }

  /**
   * Writes a row.
   *
   * @throws IllegalArgumentException when a listener to {@link EntryOffered} knows that it cannot
   *     be
   */
  public Entry write(Entry entry) {
    events.publishEvent(new EntryOffered(entry));
    return entries.save(entry);
  }

  /** Writes a row of days past, which nothing of today can speak against. */
  public Entry recall(Entry entry) {
    return entries.save(entry);
  }

  /**
   * Takes a row back, as it stands after corrections, by adding one that supersedes it; a row
   * already taken back stays so.
   */
  public Optional<Entry> retract(Long entryId) {
    Optional<Entry> found = current(entryId);
    found.ifPresent(
        old -> {
          events.publishEvent(new EntryRetracted(old));
          entries.save(
              new Entry(
                      old.plantId(),
                      scope.now(),
                      new TakenBack(),
                      WORDS.say("taken-back", old.text()))
                  .superseding(old));
        });
    return found;
  }

  /** Takes rows back that were written as one, the last first; how many there were to take back. */
  public int retractAll(List<Long> entryIds) {
    List<Long> lastFirst = new ArrayList<>(entryIds);
    Collections.reverse(lastFirst);
    return (int) lastFirst.stream().filter(id -> retract(id).isPresent()).count();
  }

  /**
   * Corrects a row by adding one that supersedes it.
   *
   * @throws IllegalArgumentException when a listener to {@link EntryOffered} knows that it cannot
   *     be
   */
  public Entry correct(Entry old, Instant at, Note note, String text) {
    Entry fresh = new Entry(old.plantId(), at, note, text).superseding(old);
    events.publishEvent(new EntryOffered(fresh));
    entries.save(fresh);
    events.publishEvent(new EntryCorrected(old, fresh));
    return fresh;
  }

  /**
   * A row as it stands after corrections, by the id of any row of its root; empty when taken back.
   */
  @Transactional(readOnly = true)
  public Optional<Entry> current(Long entryId) {
    return entries
        .byId(entryId)
        .flatMap(any -> entries.current(any.root()))
        .filter(entry -> entry.kind() != NoteKind.TAKEN_BACK);
  }

  /** Whether something of the kind happened to the plant later than that, another entry aside. */
  @Transactional(readOnly = true)
  public boolean anyAfter(Long plantId, NoteKind kind, Instant after, Long but) {
    return entries.anyAfter(plantId, kind, after, but == null ? 0 : but);
  }

  @Transactional(readOnly = true)
  public Optional<Entry> find(Long entryId) {
    return entries.byId(entryId);
  }

  @Transactional(readOnly = true)
  public List<Entry> timeline(Long plantId, int most) {
    return entries.timeline(plantId, Limit.of(most));
  }

  /**
   * A page of the plant's day book: rows of its keeper, and between them what devices sent, folded
   * by week.
   *
   * @param number from 1
   */
  @Transactional(readOnly = true)
  public LogPage page(Long plantId, int number, int size) {
    List<Entry> rows = entries.log(plantId, (number - 1) * size, size + 1);
    boolean older = rows.size() > size;
    Instant from = older ? rows.get(size).at() : Instant.EPOCH;
    Instant to = number == 1 || rows.isEmpty() ? FAR : rows.get(0).at();
    List<LogPage.Line> lines =
        Stream.concat(
                rows.stream().limit(size).map(entry -> new LogPage.Line(entry, null)),
                sent(plantId, from, to).stream())
            .sorted(Comparator.comparing(LogPage.Line::at).reversed())
            .toList();
    return new LogPage(lines, number, older);
  }

  private List<LogPage.Line> sent(Long plantId, Instant from, Instant to) {
    List<EntryRepository.Sent> weeks = entries.sent(plantId, from, to, scope.zone().getId());
    if (weeks.isEmpty()) {
      return List.of();
    }
    Set<Instant> ends =
        weeks.stream().flatMap(w -> Stream.of(w.getFirst(), w.getLast())).collect(toSet());
    Set<NoteKind> kinds = weeks.stream().map(EntryRepository.Sent::getKind).collect(toSet());
    List<Entry> rows = entries.at(List.of(plantId), ends, kinds);
    return weeks.stream()
        .map(
            week -> {
              Entry last = sentAt(rows, week.getKind(), week.getLast());
              return week.getNumber() == 1
                  ? new LogPage.Line(last, null)
                  : new LogPage.Line(
                      last,
                      new LogPage.Sent(
                          sentAt(rows, week.getKind(), week.getFirst()), week.getNumber()));
            })
        .toList();
  }

  private static Entry sentAt(List<Entry> rows, NoteKind kind, Instant at) {
    return rows.stream()
        .filter(row -> row.sent() && row.kind() == kind && row.at().equals(at))
        .findFirst()
        .orElseThrow();
  }

  /** What devices sent of the kind of a row, from that row to another, the latest first. */
  @Transactional(readOnly = true)
  public List<Entry> sentBetween(Entry first, Entry last) {
    return entries.sentBetween(first.plantId(), first.kind(), first.at(), last.at());
  }

  @Transactional(readOnly = true)
  public List<Entry> since(Long plantId, Instant from) {
    return entries.since(plantId, from);
  }

  /** Moves of all plants since the beginning of a day, the latest first. */
  @Transactional(readOnly = true)
  public List<Entry> movesSince(LocalDate from) {
    return entries.movesSince(from.atStartOfDay(scope.zone()).toInstant());
  }

  /** The last move of each plant that was moved since the beginning of a day. */
  @Transactional(readOnly = true)
  public List<LastMove> lastMovesSince(LocalDate from) {
    Map<Long, LastMove> last = new LinkedHashMap<>();
    for (Entry entry : movesSince(from)) {
      entry
          .as(Moved.class)
          .map(move -> new LastMove(entry.plantId(), move, scope.day(entry.at())))
          .ifPresent(move -> last.putIfAbsent(move.plantId(), move));
    }
    return List.copyOf(last.values());
  }

  /** The last row about water of each of the plants, by plant id. */
  @Transactional(readOnly = true)
  public Map<Long, Entry> lastAboutWater(Collection<Long> plantIds) {
    if (plantIds.isEmpty()) {
      return Map.of();
    }
    Map<Long, Instant> at =
        entries.lastAt(plantIds, ABOUT_WATER).stream()
            .collect(Collectors.toMap(EntryRepository.Last::getPlant, EntryRepository.Last::getAt));
    if (at.isEmpty()) {
      return Map.of();
    }
    return entries.at(plantIds, Set.copyOf(at.values()), ABOUT_WATER).stream()
        .filter(entry -> entry.at().equals(at.get(entry.plantId())))
        .collect(Collectors.toMap(Entry::plantId, Function.identity(), (a, b) -> b));
  }

  /**
   * When something was last noted of each of the plants; those of which it never was are left out.
   */
  @Transactional(readOnly = true)
  public Map<Long, Instant> last(Collection<Long> plantIds, NoteKind kind) {
    return plantIds.isEmpty()
        ? Map.of()
        : entries.lastAt(plantIds, Set.of(kind)).stream()
            .collect(Collectors.toMap(EntryRepository.Last::getPlant, EntryRepository.Last::getAt));
  }

  /** When each of the plants was last flushed; those that never were are left out. */
  @Transactional(readOnly = true)
  public Map<Long, Instant> lastFlushes(Collection<Long> plantIds) {
    Map<Long, Long> newest = newest();
    return flushes
        .all(
            plantIds,
            plant -> newest.getOrDefault(plant, 0L),
            unknown ->
                entries.lastAt(unknown, Set.of(NoteKind.FLUSHED)).stream()
                    .collect(
                        Collectors.toMap(
                            EntryRepository.Last::getPlant, last -> Optional.of(last.getAt()))),
            Optional.empty())
        .entrySet()
        .stream()
        .filter(e -> e.getValue().isPresent())
        .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().get()));
  }

  /**
   * Rows of plants that tell of their pots' water since the beginning of a day, the first first.
   */
  @Transactional(readOnly = true)
  public Map<Long, List<Entry>> potsSince(Collection<Long> plantIds, LocalDate from) {
    return since(plantIds, from, ABOUT_POTS);
  }

  /** What plants' pots were felt like since the beginning of a day. */
  @Transactional(readOnly = true)
  public List<Entry> feltSince(Collection<Long> plantIds, LocalDate from) {
    return plantIds.isEmpty()
        ? List.of()
        : entries.ofKinds(plantIds, Set.of(NoteKind.FELT), start(from));
  }

  /** Entries of some kinds on plants since the beginning of a day, by plant, the first first. */
  @Transactional(readOnly = true)
  public Map<Long, List<Entry>> since(
      Collection<Long> plantIds, LocalDate from, Set<NoteKind> kinds) {
    return entries.ofKinds(plantIds, kinds, start(from)).stream()
        .collect(Collectors.groupingBy(Entry::plantId));
  }

  /** Which of the keys under which devices sent readings are known already. */
  @Transactional(readOnly = true)
  public Set<String> knownKeys(Collection<String> keys) {
    return keys.isEmpty() ? Set.of() : Set.copyOf(entries.knownKeys(keys));
  }

  /** The id of a plant's newest row of any kind, 0 when there is none. */
  @Transactional(readOnly = true)
  public Long newest(Long plantId) {
    Long newest = entries.newest(plantId);
    return newest == null ? 0 : newest;
  }

  /** The id of each plant's newest row of any kind. */
  @Transactional(readOnly = true)
  public Map<Long, Long> newest() {
    return memo.once("newest", this::newestOfAll);
  }

  /** Steps through the index from plant to plant, so that it does not read every row. */
  private Map<Long, Long> newestOfAll() {
    Map<Long, Long> newest = new HashMap<>();
    jdbc.sql(
            """
            with recursive newest as (
              (select plant_id, id from entry where collection_id = :c
                order by plant_id desc, id desc limit 1)
              union all
              select next.plant_id, next.id from newest, lateral (
                select plant_id, id from entry
                where collection_id = :c and plant_id < newest.plant_id
                order by plant_id desc, id desc limit 1) next)
            select plant_id, id from newest
            """)
        .param("c", scope.keeper().collectionId())
        .query((RowCallbackHandler) row -> newest.put(row.getLong(1), row.getLong(2)));
    return newest;
  }

  /** When a note is from; sent says whether a device wrote it. */
  public record Time(Instant at, Note note, boolean sent) {}

  /** The times of all rows of the days, first to last inclusive, in their order. */
  @Transactional(readOnly = true)
  public List<Time> times(LocalDate first, LocalDate last) {
    return entries.times(start(first), start(last.plusDays(1))).stream()
        .map(JournalService::time)
        .toList();
  }

  /** The times of the keeper's latest rows since a day, so many at most, in their order. */
  @Transactional(readOnly = true)
  public List<Time> latestTimes(LocalDate first, int most) {
    List<Time> latest =
        new ArrayList<>(
            entries.latestTimes(start(first), Limit.of(most)).stream()
                .map(JournalService::time)
                .toList());
    Collections.reverse(latest);
    return latest;
  }

  private static Time time(EntryRepository.Time time) {
    return new Time(
        time.getAt(), Notes.read(time.getKind(), time.getKept()), time.getKey() != null);
  }

  private Instant start(LocalDate day) {
    return day.atStartOfDay(scope.zone()).toInstant();
  }

  /** All rows of the days, first to last inclusive. */
  @Transactional(readOnly = true)
  public List<Entry> between(LocalDate first, LocalDate last) {
    return entries.between(start(first), start(last.plusDays(1)));
  }
}
