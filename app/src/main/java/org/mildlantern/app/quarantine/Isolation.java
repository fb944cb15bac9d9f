package org.mildlantern.app.quarantine;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** A plant's time apart, with its reason; pest is null when nothing was found on it. */
@Entity
class Isolation {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long plantId;
  private String pest;
  private String why;
  private LocalDate beganOn;
  private LocalDate endedOn;
  private String endedWhy;
  private Long entryId;
  private Long endEntryId;

  protected Isolation() {}

  Isolation(Long plantId, String pest, String why, LocalDate beganOn, Long entryId) {
    this.plantId = plantId;
    this.pest = pest;
    this.why = why;
    this.beganOn = beganOn;
    this.entryId = entryId;
  }

  Long plantId() {
    return plantId;
  }

  String pest() {
    return pest;
  }

  String why() {
    return why;
  }

  LocalDate beganOn() {
    return beganOn;
  }

  /** Ends it, or goes on with it when day is null. */
  void end(LocalDate day, String reason, Long entry) {
    this.endedOn = day;
    this.endEntryId = entry;
    this.endedWhy = reason;
  }
}
