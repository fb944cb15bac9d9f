package org.mildlantern.app.quarantine;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** A look for a pest or a disease, with what was counted; 0 is as telling as more. */
@Entity
class PestLook {
  /** What is looked for when nothing particular is suspected. */
  static final String ANYTHING = "anything";

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private String pest;
  private LocalDate lookedOn;
  private int counted;
  private Long entryId;

  protected PestLook() {}

  PestLook(Long plantId, String pest, LocalDate lookedOn, int counted, Long entryId) {
    this.plantId = plantId;
    this.pest = pest;
    this.lookedOn = lookedOn;
    this.counted = counted;
    this.entryId = entryId;
  }

  Long id() {
    return id;
  }

  Long plantId() {
    return plantId;
  }

  String pest() {
    return pest;
  }

  LocalDate lookedOn() {
    return lookedOn;
  }

  int counted() {
    return counted;
  }

  boolean found() {
    return counted > 0;
  }
}
