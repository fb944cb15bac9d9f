package org.mildlantern.app.cases;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PlantCaseRepository extends CollectionRepository<PlantCase> {
  @Query("select c from PlantCase c where c.plantId = :plantId and c.closedOn is null")
  Optional<PlantCase> openOf(Long plantId);

  @Query("select c from PlantCase c where c.closedOn is null order by c.number")
  List<PlantCase> open();

  @Query("select c from PlantCase c order by c.number desc")
  List<PlantCase> all();

  @Query(
      "select c.causeId as cause, count(c) as times from PlantCase c"
          + " where c.outcome in (org.mildlantern.app.cases.Outcome.HEALED,"
          + " org.mildlantern.app.cases.Outcome.BETTER) group by c.causeId")
  List<Confirmed> confirmed();

  /** How often a cause was confirmed. */
  interface Confirmed {
    String getCause();

    int getTimes();
  }

  @Query("select coalesce(max(c.number), 0) from PlantCase c")
  int lastNumber();
}

interface CaseChangeRepository extends CollectionRepository<CaseChange> {
  @Query("select c from CaseChange c where c.caseId = :caseId order by c.id")
  List<CaseChange> of(Long caseId);

  @Query("select c from CaseChange c where c.caseId in :caseIds order by c.id")
  List<CaseChange> ofAll(Collection<Long> caseIds);

  @Query("select c from CaseChange c where c.confoundedRoot = :root")
  List<CaseChange> confoundedBy(Long root);
}
