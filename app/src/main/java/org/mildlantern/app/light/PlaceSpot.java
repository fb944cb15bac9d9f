package org.mildlantern.app.light;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
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

  @Embedded
  @AttributeOverride(name = "ppf", column = @Column(name = "ppf"))
  @AttributeOverride(name = "watts", column = @Column(name = "lamp_watts"))
  @AttributeOverride(name = "kind", column = @Column(name = "lamp_kind"))
  @AttributeOverride(name = "beam", column = @Column(name = "lamp_beam"))
  @AttributeOverride(name = "distance", column = @Column(name = "lamp_distance"))
  @AttributeOverride(name = "hours", column = @Column(name = "lamp_hours"))
  private LampForm lamp;

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
    this.lamp = form.lamp();
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
    return new SpotForm(name, across, back, height, holds, passes, lamp);
  }
}
