package org.mildlantern.app.treatment;

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
