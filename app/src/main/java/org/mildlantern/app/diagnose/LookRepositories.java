package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LookRepository extends JpaRepository<Look, Long> {
  @Query("select l from Look l where l.plantId = :plantId and l.finishedAt is null")
  Optional<Look> openOf(Long plantId);

  @Query("select l from Look l where l.id = :id")
  Optional<Look> byId(Long id);

  @Query("select l.plantId from Look l where l.finishedAt is null")
  Set<Long> plantsWithOpenLook();
}

interface FindingRepository extends JpaRepository<FindingRow, Long> {
  @Query("select f from FindingRow f where f.lookId = :lookId order by f.id")
  List<FindingRow> of(Long lookId);

  @Query(
      "select f from FindingRow f where f.lookId = :lookId and f.sign = :sign and f.pattern = :pattern")
  Optional<FindingRow> one(Long lookId, String sign, String pattern);
}
