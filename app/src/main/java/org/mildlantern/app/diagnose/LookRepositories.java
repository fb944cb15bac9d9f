package org.mildlantern.app.diagnose;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;

interface LookRepository extends CollectionRepository<Look> {
  @Query("select l from Look l where l.plantId = :plantId and l.finishedAt is null")
  Optional<Look> openOf(Long plantId);

  @Query("select l from Look l order by l.startedAt desc, l.id desc")
  List<Look> newest(Limit most);

  @Query("select l.plantId from Look l where l.finishedAt is null")
  Set<Long> plantsWithOpenLook();
}

interface WaitingTestRepository extends CollectionRepository<WaitingTest> {
  @Query("select t from WaitingTest t where t.endedOn is null order by t.dueOn, t.id")
  List<WaitingTest> open();

  @Query("select t from WaitingTest t where t.plantId = :plantId and t.endedOn is null")
  List<WaitingTest> openOn(Long plantId);

  @Query(
      "select t from WaitingTest t where t.plantId = :plantId and t.node = :node and t.endedOn is null")
  Optional<WaitingTest> openOn(Long plantId, String node);

  @Query("select t from WaitingTest t where t.endedBy = :entry")
  Optional<WaitingTest> endedBy(Long entry);

  @Query("select t from WaitingTest t where t.begunBy = :entry")
  Optional<WaitingTest> begunBy(Long entry);
}

interface SpotMeasureRepository extends CollectionRepository<SpotMeasure> {
  @Query("select m from SpotMeasure m where m.plantId = :plantId order by m.measuredOn, m.id")
  List<SpotMeasure> of(Long plantId);

  @Query("select m from SpotMeasure m where m.measuredOn >= :from order by m.measuredOn, m.id")
  List<SpotMeasure> since(LocalDate from);

  @Query("select m from SpotMeasure m where m.entryId = :entryId")
  Optional<SpotMeasure> byEntry(Long entryId);
}

interface OverruleRepository extends CollectionRepository<Overrule> {
  @Query("select o from Overrule o where o.lookId = :lookId order by o.id")
  List<Overrule> of(Long lookId);
}

interface LookToldRepository extends CollectionRepository<LookTold> {
  @Query("select t from LookTold t where t.lookId = :lookId order by t.id")
  List<LookTold> of(Long lookId);
}

interface FindingRepository extends CollectionRepository<FindingRow> {
  /** Signs seen for sure on each plant in looks begun since then. */
  @Query(
      "select distinct l.plantId as plant, f.sign as sign from FindingRow f join Look l"
          + " on l.id = f.lookId where f.present and f.sure = 1 and l.startedAt >= :since")
  List<SeenSign> seenSince(Instant since);

  /** A sign seen on a plant. */
  interface SeenSign {
    Long getPlant();

    String getSign();
  }

  /** What was found for sure of some signs in looks begun since then, the first first. */
  @Query(
      "select l.plantId as plant, f.sign as sign, f.present as present, l.startedAt as at"
          + " from FindingRow f join Look l on l.id = f.lookId"
          + " where f.sign in :signs and f.sure = 1 and l.startedAt >= :since"
          + " order by l.startedAt, f.id")
  List<FoundSign> foundSince(Collection<String> signs, Instant since);

  /** A sign that was there or not on a plant. */
  interface FoundSign {
    Long getPlant();

    String getSign();

    boolean getPresent();

    Instant getAt();
  }

  @Query("select f from FindingRow f where f.lookId = :lookId order by f.id")
  List<FindingRow> of(Long lookId);

  @Query("select f from FindingRow f where f.lookId in :looks order by f.id")
  List<FindingRow> ofAll(Collection<Long> looks);

  @Query(
      "select f from FindingRow f where f.lookId = :lookId and f.sign = :sign"
          + " and f.pattern is not distinct from :pattern")
  Optional<FindingRow> one(Long lookId, String sign, String pattern);
}
