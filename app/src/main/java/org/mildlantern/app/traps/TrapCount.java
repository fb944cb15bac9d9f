package org.mildlantern.app.traps;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** What the sticky traps of a place held on a day. */
@Entity
class TrapCount {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long placeId;
  private LocalDate countedOn;
  private int traps;
  private int counted;

  protected TrapCount() {}

  TrapCount(Long placeId, LocalDate countedOn) {
    this.placeId = placeId;
    this.countedOn = countedOn;
  }

  Long id() {
    return id;
  }

  Long placeId() {
    return placeId;
  }

  LocalDate countedOn() {
    return countedOn;
  }

  int traps() {
    return traps;
  }

  int counted() {
    return counted;
  }

  void count(int newTraps, int newCounted) {
    this.traps = newTraps;
    this.counted = newCounted;
  }
}
