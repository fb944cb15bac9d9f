package org.mildlantern.app.light;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.light.FloorPlan;
import org.mildlantern.core.light.Glass;

/** A window of a place’s room besides its main one. Lengths in cm. */
@Entity
class PlaceWindow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long placeId;

  @Enumerated(EnumType.STRING)
  private FloorPlan.Wall wall;

  private double along;
  private double width;
  private double height;
  private double sill;

  @Enumerated(EnumType.STRING)
  private Glass glass;

  @Embedded private BlindForm blind;
  @Embedded private OverForm over;

  protected PlaceWindow() {}

  PlaceWindow(Long placeId, FurtherForm form) {
    this.placeId = placeId;
    this.wall = form.wall();
    this.along = form.along();
    this.width = form.width();
    this.height = form.height();
    this.sill = form.sill();
    this.glass = form.glass();
    this.blind = form.blind();
    this.over = form.over();
  }

  void slideTo(double newAlong) {
    this.along = newAlong;
  }

  Long id() {
    return id;
  }

  Long placeId() {
    return placeId;
  }

  FurtherForm form() {
    return new FurtherForm(wall, along, width, height, sill, glass, blind, over);
  }
}
