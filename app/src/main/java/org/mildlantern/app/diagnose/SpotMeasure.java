package org.mildlantern.app.diagnose;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.growth.SpotChange;

/** One measure of a spot on a plant. */
@Entity
class SpotMeasure {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private String spot;
  private LocalDate measuredOn;
  private double mm;
  private double errorMm;
  private Long entryId;

  protected SpotMeasure() {}

  SpotMeasure(
      Long plantId, String spot, LocalDate measuredOn, double mm, double errorMm, Long entryId) {
    this.plantId = plantId;
    this.spot = spot;
    this.measuredOn = measuredOn;
    this.mm = mm;
    this.errorMm = errorMm;
    this.entryId = entryId;
  }

  Long id() {
    return id;
  }

  Long plantId() {
    return plantId;
  }

  String spot() {
    return spot;
  }

  SpotChange.Measure measure() {
    return new SpotChange.Measure(measuredOn, mm, errorMm);
  }
}
