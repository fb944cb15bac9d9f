package org.mildlantern.app.journal;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.journal.EntryKind;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.PotNote;

/**
 * One row of the day book. It is never changed; the only mark ever set on it is that a later row
 * supersedes it.
 */
@Entity
public class Entry {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private Instant at;

  @Enumerated(EnumType.STRING)
  private EntryKind kind;

  private String text;
  private Double volumeMl;
  private Double ppm;

  @Enumerated(EnumType.STRING)
  private Moisture moisture;

  private Double lost;
  private String potNote;
  private String readingKey;
  private Long placeId;
  private Long fromPlaceId;
  private String mediumBefore;
  private LocalDate mediumSinceBefore;
  private Long lookId;
  private Long caseId;
  private Long changeRef;
  private Long supersedesId;
  private boolean superseded;

  protected Entry() {}

  public Entry(Long plantId, Instant at, EntryKind kind, String text) {
    this.plantId = plantId;
    this.at = at;
    this.kind = kind;
    this.text = text;
  }

  public Entry volume(Double ml) {
    this.volumeMl = ml;
    return this;
  }

  public Entry strength(Double nitrogenPpm) {
    this.ppm = nitrogenPpm;
    return this;
  }

  public Entry felt(Moisture reading) {
    this.moisture = reading;
    return this;
  }

  public Entry ofPot(PotNote note) {
    this.potNote = note == null ? null : note.text();
    return this;
  }

  /** The key under which a device sent it, so that it is taken once. */
  public Entry sentAs(String key) {
    this.readingKey = key;
    return this;
  }

  public Entry lost(Double shareOfLeaves) {
    this.lost = shareOfLeaves;
    return this;
  }

  public Entry moved(Long from, Long to) {
    this.fromPlaceId = from;
    this.placeId = to;
    return this;
  }

  public Entry repotted(String oldMedium, LocalDate oldSince) {
    this.mediumBefore = oldMedium;
    this.mediumSinceBefore = oldSince;
    return this;
  }

  public Entry ofLook(Long look) {
    this.lookId = look;
    return this;
  }

  public Entry ofCase(Long theCase, Long change) {
    this.caseId = theCase;
    this.changeRef = change;
    return this;
  }

  Entry superseding(Entry old) {
    this.supersedesId = old.id;
    old.superseded = true;
    return this;
  }

  public Long id() {
    return id;
  }

  public Long plantId() {
    return plantId;
  }

  public Instant at() {
    return at;
  }

  public EntryKind kind() {
    return kind;
  }

  public String text() {
    return text;
  }

  public Double volumeMl() {
    return volumeMl;
  }

  public Double ppm() {
    return ppm;
  }

  public Moisture moisture() {
    return moisture;
  }

  /** Whether a device sent it. */
  public boolean sent() {
    return readingKey != null;
  }

  /** What it says of the pot's water beyond volume and feel, or null. */
  public PotNote potNote() {
    return PotNote.parse(potNote);
  }

  /** The share of its leaves that fell, 0 to 1, or null. */
  public Double lost() {
    return lost;
  }

  public Long placeId() {
    return placeId;
  }

  public Long fromPlaceId() {
    return fromPlaceId;
  }

  public String mediumBefore() {
    return mediumBefore;
  }

  public LocalDate mediumSinceBefore() {
    return mediumSinceBefore;
  }

  public Long lookId() {
    return lookId;
  }

  public Long caseId() {
    return caseId;
  }

  public Long changeRef() {
    return changeRef;
  }

  public boolean superseded() {
    return superseded;
  }

  /** Whether this row corrects an earlier one. */
  public boolean corrects() {
    return supersedesId != null && kind != EntryKind.RETRACTION;
  }
}
