package org.mildlantern.app.diagnose;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.hibernate.annotations.TenantId;

/** One inspection of a plant; open until it is finished. */
@Entity
class Look {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private Instant startedAt;
  private Instant finishedAt;
  private String said = "";

  protected Look() {}

  Look(Long plantId, Instant startedAt) {
    this.plantId = plantId;
    this.startedAt = startedAt;
  }

  Long id() {
    return id;
  }

  Long plantId() {
    return plantId;
  }

  Instant startedAt() {
    return startedAt;
  }

  boolean open() {
    return finishedAt == null;
  }

  /** What the keeper said of the plant. */
  void say(String text) {
    this.said = text;
  }

  String said() {
    return said;
  }

  void finish(Instant now) {
    this.finishedAt = now;
  }
}
