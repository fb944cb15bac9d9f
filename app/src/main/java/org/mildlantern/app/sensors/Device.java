package org.mildlantern.app.sensors;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.hibernate.annotations.TenantId;

/** A device that measures at places, known by the key that it sends. */
@Entity
class Device {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private String key;
  private String name;

  protected Device() {}

  Long id() {
    return id;
  }

  String key() {
    return key;
  }

  String name() {
    return name;
  }

  void call(String newName) {
    this.name = newName;
  }
}
