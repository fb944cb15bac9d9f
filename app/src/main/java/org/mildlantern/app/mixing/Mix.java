package org.mildlantern.app.mixing;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** A batch that was mixed and drawn from the cabinet. */
@Entity
class Mix {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long itemId;
  private Long visitId;
  private String usedFor;
  private String rate;
  private double litres;
  private double amount;
  private LocalDate mixedOn;
  private LocalDate backOn;

  protected Mix() {}

  Mix(
      Long itemId,
      Long visitId,
      String usedFor,
      String rate,
      double litres,
      double amount,
      LocalDate mixedOn) {
    this.itemId = itemId;
    this.visitId = visitId;
    this.usedFor = usedFor;
    this.rate = rate;
    this.litres = litres;
    this.amount = amount;
    this.mixedOn = mixedOn;
  }

  Long id() {
    return id;
  }

  Long itemId() {
    return itemId;
  }

  Long visitId() {
    return visitId;
  }

  String usedFor() {
    return usedFor;
  }

  double litres() {
    return litres;
  }

  double amount() {
    return amount;
  }

  LocalDate mixedOn() {
    return mixedOn;
  }

  boolean takenBack() {
    return backOn != null;
  }

  void takeBack(LocalDate day) {
    this.backOn = day;
  }
}
