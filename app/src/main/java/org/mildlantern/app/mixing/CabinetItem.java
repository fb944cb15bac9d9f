package org.mildlantern.app.mixing;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** A bottle or bag that the keeper has. */
@Entity
class CabinetItem {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private String name;
  private String means;
  private Double stockPercent;
  private double amountLeft;
  private String unit;
  private LocalDate openedOn;
  private LocalDate expiresOn;
  private String notes;
  private LocalDate awayOn;
  private Integer labelDays;
  private Integer labelMost;

  Long id() {
    return id;
  }

  String name() {
    return name;
  }

  String means() {
    return means;
  }

  Double stockPercent() {
    return stockPercent;
  }

  double amountLeft() {
    return amountLeft;
  }

  String unit() {
    return unit;
  }

  LocalDate openedOn() {
    return openedOn;
  }

  LocalDate expiresOn() {
    return expiresOn;
  }

  String notes() {
    return notes;
  }

  Integer labelDays() {
    return labelDays;
  }

  Integer labelMost() {
    return labelMost;
  }

  boolean away() {
    return awayOn != null;
  }

  void describe(ItemForm form) {
    this.name = form.name().strip();
    this.means = form.means() == null || form.means().isBlank() ? null : form.means();
    this.stockPercent = form.stockPercent();
    this.amountLeft = form.amountLeft();
    this.unit = form.unit();
    this.openedOn = form.openedOn();
    this.expiresOn = form.expiresOn();
    this.notes = form.notes().strip();
    this.labelDays = form.labelDays();
    this.labelMost = form.labelMost();
  }

  void draw(double amount) {
    this.amountLeft = Math.max(0, amountLeft - amount);
  }

  void putBack(double amount) {
    this.amountLeft += amount;
  }

  void putAway(LocalDate day) {
    this.awayOn = day;
  }
}
