package org.mildlantern.app.treatment;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.treatment.VisitChecks.Patch;

/** One leaf treated some days before the whole plant is. */
@Entity
class PatchTest {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long plantId;
  private String means;
  private LocalDate begunOn;

  @Enumerated(EnumType.STRING)
  private Patch result;

  private Long begunEntryId;
  private Long readEntryId;

  protected PatchTest() {}

  PatchTest(Long plantId, String means, LocalDate begunOn, Long begunEntryId) {
    this.plantId = plantId;
    this.means = means;
    this.begunOn = begunOn;
    this.begunEntryId = begunEntryId;
  }

  Long id() {
    return id;
  }

  Long plantId() {
    return plantId;
  }

  String means() {
    return means;
  }

  LocalDate begunOn() {
    return begunOn;
  }

  Patch state() {
    return result == null ? Patch.WAITING : result;
  }

  void read(Patch how, Long entry) {
    this.result = how;
    this.readEntryId = entry;
  }
}
