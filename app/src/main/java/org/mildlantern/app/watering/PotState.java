package org.mildlantern.app.watering;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.water.WaterOutlook;

/** When a pot is to be looked at next, as it was worked out from what was known then. */
@Entity
class PotState {
  @Id private Long plantId;
  @TenantId private Long collectionId;
  private String known;
  private LocalDate lookOn;
  private LocalDate soonest;
  private LocalDate latest;
  private double shareLeft;
  private double readyChance;
  private double drinkMl;
  private String reason;
  private LocalDate bears;
  private boolean weighed;

  protected PotState() {}

  PotState(Long plantId, String known, WaterOutlook outlook, String reason) {
    this.plantId = plantId;
    this.known = known;
    this.lookOn = outlook.lookOn();
    this.soonest = outlook.soonest();
    this.latest = outlook.latest();
    this.shareLeft = outlook.left();
    this.readyChance = outlook.readyChance();
    this.drinkMl = outlook.drinkMl();
    this.reason = reason;
    this.bears = outlook.bears();
    this.weighed = outlook.story().drainedGrams() != null;
  }

  Long plantId() {
    return plantId;
  }

  String known() {
    return known;
  }

  LocalDate lookOn() {
    return lookOn;
  }

  double readyChance() {
    return readyChance;
  }

  double drinkMl() {
    return drinkMl;
  }

  double shareLeft() {
    return shareLeft;
  }

  String reason() {
    return reason;
  }

  /** The last day to which its look may be put off. */
  LocalDate bears() {
    return bears;
  }

  /** Whether a weight tells how much water it holds. */
  boolean weighed() {
    return weighed;
  }

  LocalDate soonest() {
    return soonest;
  }

  LocalDate latest() {
    return latest;
  }
}
