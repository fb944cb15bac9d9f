package org.mildlantern.app.light;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;

/** On which spot of its place a plant stands; without one it stands on the usual spot. */
@Entity
class Standing {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private Long spotId;

  protected Standing() {}

  Standing(Long plantId, Long spotId) {
    this.plantId = plantId;
    this.spotId = spotId;
  }

  Long plantId() {
    return plantId;
  }

  Long spotId() {
    return spotId;
  }

  void moveTo(Long spot) {
    this.spotId = spot;
  }
}
