package org.mildlantern.app.keeper;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
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

  @Enumerated(EnumType.STRING)
  private TokenScope scope;

  private LocalDate expiresOn;

  protected ApiToken() {}

  ApiToken(
      Long keeperId,
      String name,
      String hash,
      Instant createdAt,
      TokenScope scope,
      LocalDate expiresOn) {
    this.keeperId = keeperId;
    this.name = name;
    this.hash = hash;
    this.createdAt = createdAt;
    this.scope = scope;
    this.expiresOn = expiresOn;
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

  TokenScope scope() {
    return scope;
  }

  /** The last day on which it holds, or null. */
  LocalDate expiresOn() {
    return expiresOn;
  }

  /** Notes a use; to the minute, so that not every call writes. */
  void used(Instant now) {
    if (lastUsedAt == null || lastUsedAt.plusSeconds(60).isBefore(now)) {
      this.lastUsedAt = now;
    }
  }

  void revoke(Instant now) {
    this.revokedAt = now;
  }
}
