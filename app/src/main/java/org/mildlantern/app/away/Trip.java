package org.mildlantern.app.away;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** An absence that was planned. */
@Entity
class Trip {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private LocalDate fromDay;
  private LocalDate untilDay;
  private String call;
  private Integer cupMl;
  private Instant madeAt;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String linkHash;

  private LocalDate backOn;

  protected Trip() {}

  Trip(LocalDate fromDay, LocalDate untilDay, String call, Integer cupMl, Instant madeAt) {
    this.fromDay = fromDay;
    this.untilDay = untilDay;
    this.call = call;
    this.cupMl = cupMl;
    this.madeAt = madeAt;
  }

  Long id() {
    return id;
  }

  LocalDate fromDay() {
    return fromDay;
  }

  LocalDate untilDay() {
    return untilDay;
  }

  /** Whom the visitor calls, in the keeper's words; may be empty. */
  String call() {
    return call;
  }

  /** What the visitor's cup holds, ml, or null. */
  Integer cupMl() {
    return cupMl;
  }

  void measureBy(Integer ml) {
    this.cupMl = ml;
  }

  boolean hasLink() {
    return linkHash != null;
  }

  /** Leads a visitor by this secret; null ends the link. */
  void lead(String hash) {
    this.linkHash = hash;
  }

  /** The day of the return; as planned until the keeper says that it is another. */
  LocalDate back() {
    return backOn == null ? untilDay : backOn;
  }

  /** Whether it took as long as what is expected of plants was worked out for. */
  boolean asPlanned() {
    return back().equals(untilDay);
  }

  /** The keeper is back; nobody is led any more. */
  void isBack(LocalDate day) {
    this.backOn = day;
    this.linkHash = null;
  }

  /** Whether the keeper has returned. */
  boolean over(LocalDate today) {
    return backOn != null || !today.isBefore(untilDay);
  }
}
