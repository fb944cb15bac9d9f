package org.mildlantern.app.sensors;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.hibernate.annotations.TenantId;

/** A logger's file that waits until its columns are agreed. */
@Entity
class LoggerFile {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long placeId;
  private String name;
  private String body;
  private Instant opened;

  protected LoggerFile() {}

  LoggerFile(Long placeId, String name, String body, Instant opened) {
    this.placeId = placeId;
    this.name = name;
    this.body = body;
    this.opened = opened;
  }

  Long id() {
    return id;
  }

  Long placeId() {
    return placeId;
  }

  String name() {
    return name;
  }

  String body() {
    return body;
  }

  Instant opened() {
    return opened;
  }
}
