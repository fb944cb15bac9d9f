package org.mildlantern.app.away;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** What was expected of a plant in an absence, and what was found. */
@Entity
class TripPlant {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long tripId;
  private Long plantId;
  private double expected;
  private boolean watered;

  @Enumerated(EnumType.STRING)
  private Found found;

  private LocalDate foundOn;
  private Long entryId;
  private LocalDate pestsOn;

  protected TripPlant() {}

  TripPlant(Long tripId, Long plantId, double expected, boolean watered) {
    this.tripId = tripId;
    this.plantId = plantId;
    this.expected = expected;
    this.watered = watered;
  }

  /** How a plant is found on the return. */
  enum Found {
    WELL,
    THIRSTY,
    HARMED,
    DEAD;

    /** Whether it drinks in steps and stands in shade at first. */
    boolean nursed() {
      return this == THIRSTY || this == HARMED;
    }

    boolean harm() {
      return this == HARMED || this == DEAD;
    }
  }

  Long tripId() {
    return tripId;
  }

  Long plantId() {
    return plantId;
  }

  /** The chance of harm as it was planned, 0 to 1. */
  double expected() {
    return expected;
  }

  /** Whether the visitor was to water it. */
  boolean watered() {
    return watered;
  }

  /** How it was found, or null. */
  Found found() {
    return found;
  }

  LocalDate foundOn() {
    return foundOn;
  }

  Long entryId() {
    return entryId;
  }

  void find(Found found, LocalDate day, Long entryId) {
    this.found = found;
    this.foundOn = day;
    this.entryId = entryId;
  }

  /** It is not known how it was found after all. */
  void forget() {
    find(null, null, null);
  }

  /** When pests were looked for after the return, or null. */
  LocalDate pestsOn() {
    return pestsOn;
  }

  void lookedForPests(LocalDate day) {
    this.pestsOn = day;
  }
}
