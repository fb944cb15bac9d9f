package org.mildlantern.app.light;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
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

  @Embedded private BlindForm blind;
  private Double leaves;

  @Embedded
  @AttributeOverride(name = "ppf", column = @Column(name = "lamp_ppf"))
  @AttributeOverride(name = "watts", column = @Column(name = "lamp_watts"))
  @AttributeOverride(name = "kind", column = @Column(name = "lamp_kind"))
  @AttributeOverride(name = "beam", column = @Column(name = "lamp_beam"))
  @AttributeOverride(name = "distance", column = @Column(name = "lamp_distance"))
  @AttributeOverride(name = "hours", column = @Column(name = "lamp_hours"))
  private LampForm lamp;

  private Double roomWidth;
  private Double roomDepth;
  private Double along;
  private Integer holds;
  @Embedded private OverForm over;

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
    this.blind = form.blind();
    this.leaves = form.leaves();
    this.lamp = form.lamp();
  }

  void describe(RoomForm form) {
    this.roomWidth = form.width();
    this.roomDepth = form.depth();
    this.along = form.along();
    this.holds = form.holds();
    this.over = form.over();
  }

  RoomForm room() {
    return new RoomForm(roomWidth, roomDepth, along, holds, over);
  }

  WindowForm form() {
    return new WindowForm(
        faces, distance, outside, width, height, sill, glass, blind, leaves, lamp, null, null);
  }
}
