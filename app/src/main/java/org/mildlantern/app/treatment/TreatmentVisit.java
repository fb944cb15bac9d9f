package org.mildlantern.app.treatment;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.List;
import org.hibernate.annotations.TenantId;

/** One treatment of a course, planned, done or skipped. */
@Entity
class TreatmentVisit {
  enum State {
    PLANNED,
    DONE,
    SKIPPED
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long courseId;
  private LocalDate plannedOn;
  private String means;

  @Enumerated(EnumType.STRING)
  private State state;

  private LocalDate answeredOn;
  private Long entryId;
  private String reason;

  /** The visit with which it goes together, its own for the first; null for one alone. */
  private Long togetherId;

  protected TreatmentVisit() {}

  TreatmentVisit(Long courseId, LocalDate plannedOn, List<String> means) {
    this.courseId = courseId;
    this.plannedOn = plannedOn;
    this.means = String.join(",", means);
    this.state = State.PLANNED;
  }

  Long id() {
    return id;
  }

  Long courseId() {
    return courseId;
  }

  LocalDate plannedOn() {
    return plannedOn;
  }

  List<String> means() {
    return List.of(means.split(","));
  }

  State state() {
    return state;
  }

  /** The day that counts: when it was done, or when it is to be done. */
  LocalDate day() {
    return state == State.DONE ? answeredOn : plannedOn;
  }

  Long entryId() {
    return entryId;
  }

  /** Why it was made against a warning, or skipped; null when nothing was said. */
  String reason() {
    return reason;
  }

  void answer(State how, LocalDate day, Long entry, String why) {
    this.reason = why == null || why.isEmpty() ? null : why;
    this.state = how;
    this.answeredOn = day;
    this.entryId = entry;
  }

  Long togetherId() {
    return togetherId;
  }

  void goWith(Long first) {
    this.togetherId = first;
  }

  void plan(LocalDate day) {
    this.plannedOn = day;
  }
}
