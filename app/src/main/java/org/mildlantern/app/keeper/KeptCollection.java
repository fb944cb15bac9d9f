package org.mildlantern.app.keeper;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.mildlantern.core.words.Units;

/** The plants of one keeper, with where on earth they stand. */
@Entity
@Table(name = "collection")
class KeptCollection {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private Long keeperId;
  private String name;
  private double latitude;
  private String zone;
  private LocalDate demoAnchor;

  @Enumerated(EnumType.STRING)
  private Located located = Located.KEEPER;

  @Enumerated(EnumType.STRING)
  private Units units;

  private boolean learns = true;

  protected KeptCollection() {}

  KeptCollection(Long keeperId, String name, double latitude, String zone) {
    this.keeperId = keeperId;
    this.name = name;
    this.latitude = latitude;
    this.zone = zone;
  }

  Long id() {
    return id;
  }

  Long keeperId() {
    return keeperId;
  }

  String name() {
    return name;
  }

  double latitude() {
    return latitude;
  }

  String zone() {
    return zone;
  }

  /** What the keeper reads and types in; null where it is as usual where the collection stands. */
  Units chosenUnits() {
    return units;
  }

  Units units() {
    return units != null ? units : Towns.ofZone(zone).map(Towns.Town::units).orElse(Units.METRIC);
  }

  void measureIn(Units chosen) {
    this.units = chosen;
  }

  boolean learns() {
    return learns;
  }

  void learn(boolean whether) {
    this.learns = whether;
  }

  LocalDate demoAnchor() {
    return demoAnchor;
  }

  void anchorDemo(LocalDate day) {
    this.demoAnchor = day;
  }

  Located located() {
    return located;
  }

  /** Where it stands, and how that is known. */
  void locate(double newLatitude, String newZone, Located how) {
    this.latitude = newLatitude;
    this.zone = newZone;
    this.located = how;
  }

  void describe(String newName, double newLatitude, String newZone) {
    this.name = newName;
    this.latitude = newLatitude;
    this.zone = newZone;
    this.located = Located.KEEPER;
  }
}
