package org.mildlantern.app.light;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.air.Nearby;
import org.mildlantern.core.light.FloorPlan;

/** A radiator, vent or door of a place’s room. Lengths in cm. */
@Entity
class PlaceThing {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long placeId;

  @Enumerated(EnumType.STRING)
  private Nearby kind;

  @Enumerated(EnumType.STRING)
  private FloorPlan.Wall wall;

  private double along;

  protected PlaceThing() {}

  PlaceThing(Long placeId, ThingForm form) {
    this.placeId = placeId;
    this.kind = form.kind();
    this.wall = form.wall();
    this.along = form.along();
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

  ThingForm form() {
    return new ThingForm(kind, wall, along);
  }
}
