package org.mildlantern.app.light;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.hibernate.annotations.TenantId;

/** A stand in a place besides its usual one: a shelf, a table, the floor. Lengths in cm. */
@Entity
class PlaceSpot {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long placeId;
  private String name;
  private double across;
  private double back;
  private Double height;
  private Integer holds;
  private Double passes;
  private Double ppf;
  private Double lampDistance;
  private Double lampHours;

  protected PlaceSpot() {}

  PlaceSpot(Long placeId) {
    this.placeId = placeId;
  }

  void describe(SpotForm form) {
    this.name = form.name().strip();
    this.across = form.across();
    this.back = form.back();
    this.height = form.height();
    this.holds = form.holds();
    this.passes = form.passes();
    this.ppf = form.ppf();
    this.lampDistance = form.lampDistance();
    this.lampHours = form.lampHours();
  }

  void moveTo(double newAcross, double newBack) {
    this.across = newAcross;
    this.back = newBack;
  }

  Long id() {
    return id;
  }

  Long placeId() {
    return placeId;
  }

  SpotForm form() {
    return new SpotForm(name, across, back, height, holds, passes, ppf, lampDistance, lampHours);
  }
}
