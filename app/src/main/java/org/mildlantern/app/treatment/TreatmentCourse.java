package org.mildlantern.app.treatment;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** A course that a keeper picked for a case, with the infestation and the warmth it began in. */
@Entity
class TreatmentCourse {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long caseId;
  private Long plantId;
  private String pest;
  private String school;
  private int females;
  private double celsius;
  private double takes;
  private LocalDate begunOn;
  private LocalDate endedOn;
  private Long entryId;
  private Long endEntryId;

  /** The course with which its visits go together, its own for the first; null for one alone. */
  private Long partyId;

  protected TreatmentCourse() {}

  TreatmentCourse(
      Long caseId,
      Long plantId,
      String pest,
      String school,
      int females,
      double celsius,
      double takes,
      LocalDate begunOn,
      Long entryId) {
    this.caseId = caseId;
    this.plantId = plantId;
    this.pest = pest;
    this.school = school;
    this.females = females;
    this.celsius = celsius;
    this.takes = takes;
    this.begunOn = begunOn;
    this.entryId = entryId;
  }

  Long id() {
    return id;
  }

  Long caseId() {
    return caseId;
  }

  Long plantId() {
    return plantId;
  }

  String pest() {
    return pest;
  }

  String school() {
    return school;
  }

  int females() {
    return females;
  }

  double takes() {
    return takes;
  }

  double celsius() {
    return celsius;
  }

  LocalDate begunOn() {
    return begunOn;
  }

  Long partyId() {
    return partyId;
  }

  void goWith(Long first) {
    this.partyId = first;
  }

  boolean open() {
    return endedOn == null;
  }

  /** Ends it, or goes on with it when day is null. */
  void end(LocalDate day, Long entry) {
    this.endedOn = day;
    this.endEntryId = entry;
  }
}
