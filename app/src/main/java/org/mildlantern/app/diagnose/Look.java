package org.mildlantern.app.diagnose;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
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
  private String mended = "";

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
  void say(Spoken spoken) {
    this.said = spoken.text();
    this.mended = String.join(" ", spoken.mended());
  }

  Spoken spoken() {
    return new Spoken(said, mended.isEmpty() ? List.of() : List.of(mended.split(" ")));
  }

  void finish(Instant now) {
    this.finishedAt = now;
  }
}
