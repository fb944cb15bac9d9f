package org.mildlantern.app.air;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.hibernate.annotations.TenantId;

/** The room of a place. */
@Entity
class PlaceAir {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long placeId;
  private double volume;

  @Enumerated(EnumType.STRING)
  private Airing airing;

  private Double glass;
  private Double watts;

  protected PlaceAir() {}

  PlaceAir(Long placeId) {
    this.placeId = placeId;
  }

  void describe(AirForm form) {
    this.volume = form.volume();
    this.airing = form.airing();
    this.glass = form.glass();
    this.watts = form.watts();
  }

  AirForm form() {
    return new AirForm(volume, airing, glass, watts);
  }
}
