package org.mildlantern.app.plants;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.season.Stage;

/** A plant of the collection. */
@Entity
class Plant {
  /** Where a plant is walked to which the keeper gave no order: after those with one. */
  static final int LAST = 10_000;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private String code;
  private String taxonId;
  private String name;
  private String formId;
  private Long placeId;

  @Embedded private Pot pot;
  private int walk = LAST;
  private String mediumId;
  private String ownMedium;
  private LocalDate mediumSince;

  @Enumerated(EnumType.STRING)
  private WaterGiven waterUsed;

  @Enumerated(EnumType.STRING)
  private Stage stage;

  private LocalDate stageSince;
  private LocalDate arrivedOn;
  private String notes;
  private LocalDate archivedOn;

  /** The list that it came with, or null. */
  private Long importId;

  /** Its row in that list, from 0, or null. */
  private Integer importRow;

  protected Plant() {}

  Plant(Long placeId) {
    this.placeId = placeId;
  }

  /** Takes over all that the form says, but not the place and the stage: they are history. */
  void describe(String newCode, Identity identity, PlantForm form) {
    this.code = newCode;
    this.taxonId = identity.taxonId();
    this.name = identity.name();
    this.formId = identity.formId();
    this.pot = form.pot();
    this.mediumId = form.mediumId();
    this.ownMedium = form.ownMedium();
    this.mediumSince = form.mediumSince();
    this.waterUsed = form.waterUsed();
    this.arrivedOn = form.arrivedOn();
    this.notes = form.notes() == null ? "" : form.notes().strip();
  }

  Long id() {
    return id;
  }

  String code() {
    return code;
  }

  String taxonId() {
    return taxonId;
  }

  String name() {
    return name;
  }

  String formId() {
    return formId;
  }

  Long placeId() {
    return placeId;
  }

  Pot pot() {
    return pot;
  }

  void walkAt(int position) {
    this.walk = position;
  }

  String mediumId() {
    return mediumId;
  }

  String ownMedium() {
    return ownMedium;
  }

  void cameWith(Long list, int row) {
    this.importId = list;
    this.importRow = row;
  }

  Integer importRow() {
    return importRow;
  }

  LocalDate mediumSince() {
    return mediumSince;
  }

  WaterGiven waterUsed() {
    return waterUsed;
  }

  Stage stage() {
    return stage;
  }

  LocalDate stageSince() {
    return stageSince;
  }

  LocalDate arrivedOn() {
    return arrivedOn;
  }

  String notes() {
    return notes;
  }

  LocalDate archivedOn() {
    return archivedOn;
  }

  void moveTo(Long place) {
    this.placeId = place;
  }

  void potted(String medium, LocalDate since, Double cm) {
    this.pot = pot.wide(cm);
    this.mediumId = medium;
    this.mediumSince = since;
  }

  void comesTo(Stage newStage, LocalDate since) {
    this.stage = newStage;
    this.stageSince = since;
  }

  void archive(LocalDate day) {
    this.archivedOn = day;
  }
}
