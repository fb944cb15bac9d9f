package org.mildlantern.app.mixing;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;

/** A rate of a product for a use, as its label prints it. */
@Entity
class CabinetRate {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long itemId;
  private String usedFor;
  private String rate;

  protected CabinetRate() {}

  CabinetRate(Long itemId, String usedFor, String rate) {
    this.itemId = itemId;
    this.usedFor = usedFor;
    this.rate = rate;
  }

  Long id() {
    return id;
  }

  Long itemId() {
    return itemId;
  }

  String usedFor() {
    return usedFor;
  }

  String rate() {
    return rate;
  }
}
