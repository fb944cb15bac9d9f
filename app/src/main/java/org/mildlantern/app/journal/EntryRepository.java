package org.mildlantern.app.journal;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.mildlantern.core.journal.NoteKind;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;

interface EntryRepository extends CollectionRepository<Entry> {
  @Query(
      "select e from Entry e where e.plantId = :plantId and not e.superseded"
          + " and e.kind <> TAKEN_BACK order by e.at desc, e.id desc")
  List<Entry> timeline(Long plantId, Limit limit);

  /** Rows that no device sent. */
  @Query(
      "select e from Entry e where e.plantId = :plantId and not e.superseded"
          + " and e.kind <> TAKEN_BACK and e.readingKey is null order by e.at desc, e.id desc"
          + " limit :most offset :from")
  List<Entry> log(Long plantId, int from, int most);

  /** What devices sent, by kind and by the weeks of a time zone. */
  @Query(
      "select e.kind as kind, min(e.at) as first, max(e.at) as last, count(e) as number"
          + " from Entry e where e.plantId = :plantId and not e.superseded and e.readingKey is not null"
          + " and e.at >= :from and e.at < :to"
          + " group by e.kind, sql('date_trunc(''week'', ?, ?)', e.at, :zone)")
  List<Sent> sent(Long plantId, Instant from, Instant to, String zone);

  /** Rows of one kind that devices sent in a while. */
  interface Sent {
    NoteKind getKind();

    Instant getFirst();

    Instant getLast();

    long getNumber();
  }

  @Query(
      "select e from Entry e where e.plantId = :plantId and e.kind = :kind and not e.superseded"
          + " and e.readingKey is not null and e.at >= :from and e.at <= :to order by e.at desc, e.id desc")
  List<Entry> sentBetween(Long plantId, NoteKind kind, Instant from, Instant to);

  /** When each of the plants had its last row of these kinds. */
  @Query(
      "select e.plantId as plant, max(e.at) as at from Entry e where e.plantId in :plants and e.kind"
          + " in :kinds and not e.superseded group by e.plantId")
  List<Last> lastAt(Collection<Long> plants, Collection<NoteKind> kinds);

  /** A plant with the instant of its last row. */
  interface Last {
    Long getPlant();

    Instant getAt();
  }

  @Query(
      "select e from Entry e where e.plantId in :plants and e.at in :instants and e.kind in :kinds"
          + " and not e.superseded order by e.id")
  List<Entry> at(Collection<Long> plants, Collection<Instant> instants, Collection<NoteKind> kinds);

  @Query(
      "select e from Entry e where e.at >= :from and e.at < :to and not e.superseded"
          + " and e.kind <> TAKEN_BACK order by e.at, e.id")
  List<Entry> between(Instant from, Instant to);

  @Query(
      "select e from Entry e where e.plantId = :plantId and e.at >= :from and not e.superseded"
          + " and e.kind <> TAKEN_BACK order by e.at desc, e.id desc")
  List<Entry> since(Long plantId, Instant from);

  /** Moves of all plants since then, the latest first. */
  @Query(
      "select e from Entry e where e.at >= :from and not e.superseded and e.kind = MOVED"
          + " order by e.at desc, e.id desc")
  List<Entry> movesSince(Instant from);

  @Query(
      "select e from Entry e where e.plantId in :plants and e.kind in :kinds and e.at >= :from"
          + " and not e.superseded order by e.at, e.id")
  List<Entry> ofKinds(Collection<Long> plants, Collection<NoteKind> kinds, Instant from);

  @Query("select e.readingKey from Entry e where e.readingKey in :keys")
  List<String> knownKeys(Collection<String> keys);

  @Query(
      "select e.at as at, e.kind as kind, e.kept as kept, e.readingKey as key from Entry e where"
          + " e.at >= :from and e.at < :to and not e.superseded and e.kind <> TAKEN_BACK"
          + " order by e.at, e.id")
  List<Time> times(Instant from, Instant to);

  @Query(
      "select e.at as at, e.kind as kind, e.kept as kept, e.readingKey as key from Entry e where"
          + " e.at >= :from and e.readingKey is null and not e.superseded"
          + " and e.kind <> TAKEN_BACK order by e.at desc, e.id desc")
  List<Time> latestTimes(Instant from, Limit limit);

  /** When a note is from, and the key of the reading when a device sent it. */
  interface Time {
    Instant getAt();

    NoteKind getKind();

    String getKept();

    String getKey();
  }

  @Query("select e from Entry e where (e.id = :root or e.rootId = :root) and not e.superseded")
  Optional<Entry> current(Long root);

  @Query(
      "select count(e) > 0 from Entry e where e.plantId = :plantId and e.kind = :kind"
          + " and e.at > :after and not e.superseded and e.id <> :but")
  boolean anyAfter(Long plantId, NoteKind kind, Instant after, Long but);

  @Query("select max(e.id) from Entry e where e.plantId = :plantId")
  Long newest(Long plantId);
}
