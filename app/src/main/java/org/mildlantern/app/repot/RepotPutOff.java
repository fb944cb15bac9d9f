package org.mildlantern.app.repot;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** A repotting that was put off. */
@Entity
class RepotPutOff {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long plantId;
  private LocalDate until;
  private String reason;

  protected RepotPutOff() {}

  RepotPutOff(Long plantId) {
    this.plantId = plantId;
  }

  void until(LocalDate day, String why) {
    this.until = day;
    this.reason = why;
  }

  Long plantId() {
    return plantId;
  }

  LocalDate until() {
    return until;
  }

  String reason() {
    return reason;
  }
}
