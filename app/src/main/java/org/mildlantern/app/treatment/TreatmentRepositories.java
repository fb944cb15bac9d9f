package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface TreatmentCourseRepository extends CollectionRepository<TreatmentCourse> {
  @Query("select c from TreatmentCourse c where c.caseId = :caseId and c.endedOn is null")
  Optional<TreatmentCourse> openOf(Long caseId);

  @Query("select c from TreatmentCourse c where c.endedOn is null order by c.id")
  List<TreatmentCourse> open();

  @Query(
      "select c from TreatmentCourse c where c.partyId = :party and c.endedOn is null order by c.id")
  List<TreatmentCourse> ofParty(Long party);

  @Query("select c from TreatmentCourse c where c.id in :ids")
  List<TreatmentCourse> byIds(Collection<Long> ids);

  @Query("select c from TreatmentCourse c where c.endEntryId = :entryId")
  Optional<TreatmentCourse> endedBy(Long entryId);

  @Query("select c from TreatmentCourse c where c.entryId = :entryId")
  Optional<TreatmentCourse> byEntry(Long entryId);
}

interface TreatmentVisitRepository extends CollectionRepository<TreatmentVisit> {
  @Query("select v from TreatmentVisit v where v.courseId = :courseId order by v.plannedOn, v.id")
  List<TreatmentVisit> of(Long courseId);

  @Query("select v from TreatmentVisit v where v.courseId in :courseIds order by v.plannedOn, v.id")
  List<TreatmentVisit> ofAll(Collection<Long> courseIds);

  @Query("select v from TreatmentVisit v where v.togetherId = :first order by v.id")
  List<TreatmentVisit> together(Long first);

  /** Visits made on any plant, the first first. */
  @Query(
      "select v from TreatmentVisit v where v.state = 'DONE' and v.answeredOn >= :from"
          + " order by v.answeredOn")
  List<TreatmentVisit> doneSince(LocalDate from);

  @Query("select v from TreatmentVisit v where v.entryId = :entryId")
  Optional<TreatmentVisit> byEntry(Long entryId);
}

interface PatchTestRepository extends CollectionRepository<PatchTest> {
  @Query("select t from PatchTest t where t.plantId in :plants order by t.begunOn, t.id")
  List<PatchTest> of(Collection<Long> plants);

  @Query("select t from PatchTest t where t.result is null order by t.begunOn, t.id")
  List<PatchTest> waiting();

  @Query("select t from PatchTest t where t.begunEntryId = :entryId")
  Optional<PatchTest> begunBy(Long entryId);

  @Query("select t from PatchTest t where t.readEntryId = :entryId")
  Optional<PatchTest> readBy(Long entryId);
}

interface CaseCarrierRepository extends CollectionRepository<CaseCarrier> {
  @Query("select c from CaseCarrier c where c.caseId = :caseId order by c.id")
  List<CaseCarrier> of(Long caseId);
}
