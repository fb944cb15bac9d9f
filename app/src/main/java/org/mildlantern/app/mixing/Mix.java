package org.mildlantern.app.mixing;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.treatment.Dose;

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
  private double made;

  @Enumerated(EnumType.STRING)
  private LabelRate.Per per;

  private double amount;
  private LocalDate mixedOn;
  private LocalDate backOn;

  protected Mix() {}

  Mix(
      Long itemId,
      Long visitId,
      String usedFor,
      LabelRate rate,
      double made,
      double amount,
      LocalDate mixedOn) {
    this.itemId = itemId;
    this.visitId = visitId;
    this.usedFor = usedFor;
    this.rate = rate.printed();
    this.per = rate.per();
    this.made = made;
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

  /** For how much it was, in words. */
  String words() {
    return Dose.amount(made, Dose.noun(per));
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
