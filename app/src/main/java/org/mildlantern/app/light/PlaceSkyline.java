package org.mildlantern.app.light;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;

/** Something that stands out above the rest of the skyline of a place. */
@Entity
class PlaceSkyline {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long placeId;
  private double begins;
  private double ends;
  private double up;
  private boolean tree;

  protected PlaceSkyline() {}

  PlaceSkyline(Long placeId, SkylineForm form) {
    this.placeId = placeId;
    this.begins = form.begins() % 360;
    this.ends = form.ends() % 360;
    this.up = form.up();
    this.tree = Boolean.TRUE.equals(form.tree());
  }

  void shape(double from, double to, double rises) {
    this.begins = turn(from);
    this.ends = turn(to);
    this.up = rises;
  }

  private static double turn(double degrees) {
    return (degrees % 360 + 360) % 360;
  }

  Long id() {
    return id;
  }

  Long placeId() {
    return placeId;
  }

  SkylineForm form() {
    return new SkylineForm(begins, ends, up, tree);
  }
}
