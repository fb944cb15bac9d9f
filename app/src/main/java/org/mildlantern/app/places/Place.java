package org.mildlantern.app.places;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.round.PlaceKind;

/** A place where plants stand. */
@Entity
class Place {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private String name;

  @Enumerated(EnumType.STRING)
  private PlaceKind kind;

  private Double temperature;
  private Double humidity;
  private int position;

  protected Place() {}

  Place(int position) {
    this.position = position;
  }

  void describe(String newName, PlaceKind newKind, Double newTemperature, Double newHumidity) {
    this.name = newName;
    this.kind = newKind;
    this.temperature = newTemperature;
    this.humidity = newHumidity;
  }

  PlaceView view() {
    return new PlaceView(id, name, kind, temperature, humidity, position);
  }
}
