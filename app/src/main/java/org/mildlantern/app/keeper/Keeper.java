package org.mildlantern.app.keeper;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** A person with an account. */
@Entity
class Keeper {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String email;
  private String name;
  private String passwordHash;
  private Instant createdAt;

  protected Keeper() {}

  Keeper(String email, String name, String passwordHash, Instant createdAt) {
    this.email = email;
    this.name = name;
    this.passwordHash = passwordHash;
    this.createdAt = createdAt;
  }

  void lockWith(String newHash) {
    this.passwordHash = newHash;
  }

  Long id() {
    return id;
  }

  String email() {
    return email;
  }

  String name() {
    return name;
  }

  String passwordHash() {
    return passwordHash;
  }
}
