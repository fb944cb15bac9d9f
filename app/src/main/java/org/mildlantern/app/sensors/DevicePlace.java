package org.mildlantern.app.sensors;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.hibernate.annotations.TenantId;

/** Where a device was, from when to when; without an end it is there still. */
@Entity
class DevicePlace {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long deviceId;
  private Long placeId;

  /** The stand, or null for the usual one. */
  private Long spotId;

  private Instant since;
  private Instant until;

  protected DevicePlace() {}

  DevicePlace(Long deviceId, Long placeId, Long spotId, Instant since) {
    this.deviceId = deviceId;
    this.placeId = placeId;
    this.spotId = spotId;
    this.since = since;
  }

  Long deviceId() {
    return deviceId;
  }

  Long placeId() {
    return placeId;
  }

  Long spotId() {
    return spotId;
  }

  Instant since() {
    return since;
  }

  Instant until() {
    return until;
  }

  void end(Instant at) {
    this.until = at;
  }
}
