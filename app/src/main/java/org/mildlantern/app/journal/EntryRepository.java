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

  /** For each plant, its last row of these kinds. */
  @Query(
      "select e from Entry e where e.kind in :kinds and not e.superseded and e.id ="
          + " (select l.id from Entry l where l.plantId = e.plantId and l.kind in :kinds and not"
          + " l.superseded order by l.at desc, l.id desc limit 1)")
  List<Entry> lastOfEach(Collection<EntryKind> kinds);

  @Query(
      "select e from Entry e where e.at >= :from and e.at < :to and not e.superseded"
          + " and e.kind <> RETRACTION order by e.at, e.id")
  List<Entry> between(Instant from, Instant to);

  @Query(
      "select e from Entry e where e.plantId = :plantId and e.at >= :from and not e.superseded"
          + " and e.kind <> RETRACTION order by e.at desc, e.id desc")
  List<Entry> since(Long plantId, Instant from);
}
