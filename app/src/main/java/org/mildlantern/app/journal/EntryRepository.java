package org.mildlantern.app.journal;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.journal.EntryKind;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryRepository extends JpaRepository<Entry, Long> {
  @Query("select e from Entry e where e.id = :id")
  Optional<Entry> byId(Long id);

  @Query(
      "select e from Entry e where e.plantId = :plantId and not e.superseded"
          + " and e.kind <> RETRACTION order by e.at desc, e.id desc")
  List<Entry> timeline(Long plantId, Limit limit);

  /** For each plant, its last row of these kinds; two when they share an instant. */
  @Query(
      "select e from Entry e join (select l.plantId as plantId, max(l.at) as at from Entry l where"
          + " l.kind in :kinds and not l.superseded group by l.plantId) m on m.plantId = e.plantId and"
          + " m.at = e.at where e.kind in :kinds and not e.superseded order by e.id")
  List<Entry> lastOfEach(Collection<EntryKind> kinds);

  @Query(
      "select e from Entry e where e.at >= :from and e.at < :to and not e.superseded"
          + " and e.kind <> RETRACTION order by e.at, e.id")
  List<Entry> between(Instant from, Instant to);

  @Query(
      "select e from Entry e where e.plantId = :plantId and e.at >= :from and not e.superseded"
          + " and e.kind <> RETRACTION order by e.at desc, e.id desc")
  List<Entry> since(Long plantId, Instant from);

  /** Moves of all plants since then, the latest first. */
  @Query(
      "select e from Entry e where e.at >= :from and not e.superseded and e.kind = MOVE"
          + " order by e.at desc, e.id desc")
  List<Entry> movesSince(Instant from);

  @Query(
      "select e from Entry e where e.plantId in :plants and e.kind in :kinds and e.at >= :from"
          + " and not e.superseded order by e.at, e.id")
  List<Entry> ofPots(Collection<Long> plants, Collection<EntryKind> kinds, Instant from);

  @Query("select e.readingKey from Entry e where e.readingKey in :keys")
  List<String> knownKeys(Collection<String> keys);

  @Query(
      "select e.at as at, e.kind as kind, e.readingKey as key from Entry e where e.at >= :from"
          + " and e.at < :to and not e.superseded and e.kind <> RETRACTION order by e.at, e.id")
  List<Time> times(Instant from, Instant to);

  /** When a row of a kind is from, and the key of the reading when a device sent it. */
  interface Time {
    Instant getAt();

    EntryKind getKind();

    String getKey();
  }

  @Query("select e.plantId as plant, max(e.id) as entry from Entry e group by e.plantId")
  List<Newest> newest();

  /** A plant with the id of its newest row. */
  interface Newest {
    Long getPlant();

    Long getEntry();
  }
}
