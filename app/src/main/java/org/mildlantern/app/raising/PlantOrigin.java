package org.mildlantern.app.raising;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;

/** Where a plant came from. */
@Entity
class PlantOrigin {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private Long parentId;
  private Long batchId;

  protected PlantOrigin() {}

  PlantOrigin(Long plantId, Long parentId, Long batchId) {
    this.plantId = plantId;
    this.parentId = parentId;
    this.batchId = batchId;
  }

  Long plantId() {
    return plantId;
  }

  Long parentId() {
    return parentId;
  }

  Long batchId() {
    return batchId;
  }
}
