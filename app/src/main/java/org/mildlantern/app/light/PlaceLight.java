package org.mildlantern.app.light;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.light.Outside;

/** What is known of how a place is lit. */
@Entity
class PlaceLight {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long placeId;
  private double faces;
  private double distance;

  @Enumerated(EnumType.STRING)
  private Outside outside;

  private Double width;
  private Double height;
  private Double sill;

  @Enumerated(EnumType.STRING)
  private Glass glass;

  private Double passes;
  private Double leaves;
  private Double lampPpf;
  private Double lampDistance;
  private Double lampHours;
  private Double roomWidth;
  private Double roomDepth;
  private Double along;
  private Integer holds;
  private Double overOut;
  private Double overAbove;

  protected PlaceLight() {}

  PlaceLight(Long placeId) {
    this.placeId = placeId;
  }

  Long placeId() {
    return placeId;
  }

  void describe(WindowForm form) {
    this.faces = form.direction() % 360;
    this.distance = form.away();
    this.outside = form.outside();
    this.width = form.width();
    this.height = form.height();
    this.sill = form.sill();
    this.glass = form.glass();
    this.passes = form.passes();
    this.leaves = form.leaves();
    this.lampPpf = form.lampPpf();
    this.lampDistance = form.lampDistance();
    this.lampHours = form.lampHours();
  }

  void describe(RoomForm form) {
    this.roomWidth = form.width();
    this.roomDepth = form.depth();
    this.along = form.along();
    this.holds = form.holds();
    this.overOut = form.overOut();
    this.overAbove = form.overAbove();
  }

  RoomForm room() {
    return new RoomForm(roomWidth, roomDepth, along, holds, overOut, overAbove);
  }

  WindowForm form() {
    return new WindowForm(
        faces,
        distance,
        outside,
        width,
        height,
        sill,
        glass,
        passes,
        leaves,
        lampPpf,
        lampDistance,
        lampHours,
        null,
        null);
  }
}
