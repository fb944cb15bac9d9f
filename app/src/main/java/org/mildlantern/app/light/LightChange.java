package org.mildlantern.app.light;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.light.SunYear;

/**
 * What a stand had on a clear day before its place was drawn anew, and since. It counts once the
 * keeper says that the light did change, and not only its drawing.
 */
@Entity
class LightChange {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long placeId;
  private Long spotId;
  private LocalDate day;
  private double beforeDli;
  private double beforeHours;
  private double beforePeak;
  private double afterDli;
  private double afterHours;
  private double afterPeak;
  private boolean meant;

  protected LightChange() {}

  LightChange(Long placeId, Long spotId, LocalDate day, SunYear.Clear before, SunYear.Clear after) {
    this.placeId = placeId;
    this.spotId = spotId;
    this.day = day;
    this.beforeDli = before.dli();
    this.beforeHours = before.directHours();
    this.beforePeak = before.peakPpfd();
    this.afterDli = after.dli();
    this.afterHours = after.directHours();
    this.afterPeak = after.peakPpfd();
  }

  Long placeId() {
    return placeId;
  }

  /** Null for the usual stand. */
  Long spotId() {
    return spotId;
  }

  LocalDate day() {
    return day;
  }

  SunYear.Clear before() {
    return new SunYear.Clear(beforeDli, beforeHours, beforePeak);
  }

  SunYear.Clear after() {
    return new SunYear.Clear(afterDli, afterHours, afterPeak);
  }

  boolean meant() {
    return meant;
  }

  void mean() {
    this.meant = true;
  }
}
