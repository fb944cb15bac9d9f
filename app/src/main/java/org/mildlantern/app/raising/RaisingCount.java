package org.mildlantern.app.raising;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.raising.Counts;

/** Some pieces of a batch that came to a step. */
@Entity
class RaisingCount {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long batchId;

  @Enumerated(EnumType.STRING)
  private Counts.Step step;

  private int number;
  private LocalDate day;

  protected RaisingCount() {}

  RaisingCount(Long batchId, Counts.Step step, int number, LocalDate day) {
    this.batchId = batchId;
    this.step = step;
    this.number = number;
    this.day = day;
  }

  Long id() {
    return id;
  }

  Long batchId() {
    return batchId;
  }

  Counts.Step step() {
    return step;
  }

  int number() {
    return number;
  }

  LocalDate day() {
    return day;
  }
}
