package org.mildlantern.app.cases;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** A worry about one plant, with its suspected cause. */
@Entity
class PlantCase {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private int number;
  private Long plantId;
  private Long lookId;
  private String causeId;
  private double probability;
  private LocalDate openedOn;
  private LocalDate closedOn;

  @Enumerated(EnumType.STRING)
  private Outcome outcome;

  private String learned;

  protected PlantCase() {}

  PlantCase(
      int number, Long plantId, Long lookId, String causeId, double probability, LocalDate day) {
    this.number = number;
    this.plantId = plantId;
    this.lookId = lookId;
    this.causeId = causeId;
    this.probability = probability;
    this.openedOn = day;
    this.learned = "";
  }

  Long id() {
    return id;
  }

  int number() {
    return number;
  }

  Long plantId() {
    return plantId;
  }

  Long lookId() {
    return lookId;
  }

  String causeId() {
    return causeId;
  }

  double probability() {
    return probability;
  }

  LocalDate openedOn() {
    return openedOn;
  }

  LocalDate closedOn() {
    return closedOn;
  }

  Outcome outcome() {
    return outcome;
  }

  String learned() {
    return learned;
  }

  boolean open() {
    return closedOn == null;
  }

  void lookedAgain(Long look) {
    this.lookId = look;
  }

  void close(LocalDate day, Outcome how, String lesson) {
    this.closedOn = day;
    this.outcome = how;
    this.learned = lesson;
  }

  void reopen() {
    this.closedOn = null;
    this.outcome = null;
    this.learned = "";
  }
}
