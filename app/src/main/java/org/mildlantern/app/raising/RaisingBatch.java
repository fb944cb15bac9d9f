package org.mildlantern.app.raising;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Optional;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.raising.Cross;
import org.mildlantern.core.raising.RaisingWay;

/** Pieces or seed that were begun together. */
@Entity
class RaisingBatch {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private int number;
  private Long parentId;
  private String name;

  @Enumerated(EnumType.STRING)
  private RaisingWay way;

  private LocalDate begunOn;
  private String seed;
  private String pollen;
  private String grex;
  private String notes;
  private LocalDate closedOn;

  protected RaisingBatch() {}

  RaisingBatch(int number, Long parentId, BatchForm form, String name, LocalDate begunOn) {
    this.number = number;
    this.parentId = parentId;
    this.name = name;
    this.way = form.way();
    this.begunOn = begunOn;
    this.seed = form.seed();
    this.pollen = form.pollen();
    this.grex = form.grex();
    this.notes = form.notes();
  }

  void close(LocalDate day) {
    this.closedOn = day;
  }

  Long id() {
    return id;
  }

  int number() {
    return number;
  }

  Long parentId() {
    return parentId;
  }

  String name() {
    return name;
  }

  RaisingWay way() {
    return way;
  }

  LocalDate begunOn() {
    return begunOn;
  }

  Optional<Cross> cross() {
    return seed == null ? Optional.empty() : Optional.of(new Cross(seed, pollen));
  }

  String grex() {
    return grex;
  }

  String notes() {
    return notes;
  }

  LocalDate closedOn() {
    return closedOn;
  }
}
