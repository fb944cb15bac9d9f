package org.mildlantern.app.keeper;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Leads its keeper to a new password, once; only the fingerprint of its secret is kept. */
@Entity
class PasswordReset {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long keeperId;
  private String hash;
  private Instant madeAt;

  protected PasswordReset() {}

  PasswordReset(Long keeperId, String hash, Instant madeAt) {
    this.keeperId = keeperId;
    this.hash = hash;
    this.madeAt = madeAt;
  }

  Long keeperId() {
    return keeperId;
  }

  Instant madeAt() {
    return madeAt;
  }
}
