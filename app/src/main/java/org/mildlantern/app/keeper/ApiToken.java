package org.mildlantern.app.keeper;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A bearer token of the open interface; only its SHA-256 is kept. */
@Entity
class ApiToken {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long keeperId;
  private String name;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String hash;

  private Instant createdAt;
  private Instant lastUsedAt;
  private Instant revokedAt;

  protected ApiToken() {}

  ApiToken(Long keeperId, String name, String hash, Instant createdAt) {
    this.keeperId = keeperId;
    this.name = name;
    this.hash = hash;
    this.createdAt = createdAt;
  }

  Long id() {
    return id;
  }

  Long keeperId() {
    return keeperId;
  }

  String name() {
    return name;
  }

  Instant createdAt() {
    return createdAt;
  }

  Instant lastUsedAt() {
    return lastUsedAt;
  }

  void used(Instant now) {
    this.lastUsedAt = now;
  }

  void revoke(Instant now) {
    this.revokedAt = now;
  }
}
