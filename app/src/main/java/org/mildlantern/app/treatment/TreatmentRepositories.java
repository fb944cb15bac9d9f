package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TreatmentCourseRepository extends JpaRepository<TreatmentCourse, Long> {
  @Query("select c from TreatmentCourse c where c.id = :id")
  Optional<TreatmentCourse> byId(Long id);

  @Query("select c from TreatmentCourse c where c.caseId = :caseId and c.endedOn is null")
  Optional<TreatmentCourse> openOf(Long caseId);

  @Query("select c from TreatmentCourse c where c.endedOn is null order by c.id")
  List<TreatmentCourse> open();

  @Query("select c from TreatmentCourse c where c.entryId = :entryId")
  Optional<TreatmentCourse> byEntry(Long entryId);
}

interface TreatmentVisitRepository extends JpaRepository<TreatmentVisit, Long> {
  @Query("select v from TreatmentVisit v where v.id = :id")
  Optional<TreatmentVisit> byId(Long id);

  @Query("select v from TreatmentVisit v where v.courseId = :courseId order by v.plannedOn, v.id")
  List<TreatmentVisit> of(Long courseId);

  @Query("select v from TreatmentVisit v where v.courseId in :courseIds order by v.plannedOn, v.id")
  List<TreatmentVisit> ofAll(Collection<Long> courseIds);

  @Query("select v from TreatmentVisit v where v.entryId = :entryId")
  Optional<TreatmentVisit> byEntry(Long entryId);
}

interface PestLookRepository extends JpaRepository<PestLook, Long> {
  @Query("select l from PestLook l where l.plantId = :plantId order by l.lookedOn desc, l.id desc")
  List<PestLook> of(Long plantId);

  @Query("select l from PestLook l where l.lookedOn >= :from order by l.lookedOn desc, l.id desc")
  List<PestLook> since(LocalDate from);

  @Query("select l from PestLook l where l.entryId = :entryId")
  Optional<PestLook> byEntry(Long entryId);
}

interface IsolationRepository extends JpaRepository<Isolation, Long> {
  @Query("select i from Isolation i where i.plantId = :plantId and i.endedOn is null")
  Optional<Isolation> openOf(Long plantId);

  @Query("select i from Isolation i where i.endedOn is null order by i.beganOn")
  List<Isolation> open();

  @Query("select i from Isolation i where i.entryId = :entryId")
  Optional<Isolation> byEntry(Long entryId);
}
