package org.mildlantern.app.places;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;

/** A place where plants stand. */
@Entity
class Place {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private String name;

  @Enumerated(EnumType.STRING)
  private PlaceKind kind;

  private Double temperature;
  private Double humidity;
  private Double coldest;
  private Double warmest;

  @Enumerated(EnumType.STRING)
  private LightClass light;

  @Embedded private Near near;
  private int position;

  /** The list that it came with, or null. */
  private Long importId;

  protected Place() {}

  Place(int position) {
    this.position = position;
  }

  void describe(PlaceForm form) {
    this.name = form.name().strip();
    this.kind = form.kind();
    this.temperature = form.temperature();
    this.humidity = form.humidity();
    this.coldest = form.coldest();
    this.warmest = form.warmest();
    this.light = form.light();
    this.near = form.near();
  }

  void cameWith(Long list) {
    this.importId = list;
  }

  void walkAt(int newPosition) {
    this.position = newPosition;
  }

  PlaceView view() {
    return new PlaceView(
        id,
        name,
        kind,
        temperature,
        humidity,
        new PlaceView.Surroundings(coldest, warmest, light, near == null ? Near.UNKNOWN : near),
        position);
  }
}
