package org.mildlantern.app.mixing;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelReader;
import org.mildlantern.core.label.LabelReading;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.label.Product;

/** A rate of a product for a use, as its label prints it and its keeper confirmed it. */
@Entity
class CabinetRate {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long itemId;
  private String usedFor;
  private String rate;
  private String asRead;
  private Double least;
  private Double most;

  @Enumerated(EnumType.STRING)
  private LabelRate.What what;

  @Enumerated(EnumType.STRING)
  private LabelRate.Per per;

  @Enumerated(EnumType.STRING)
  private LabelUse.Crop crop;

  @Enumerated(EnumType.STRING)
  private LabelUse.Method method;

  private String against;

  protected CabinetRate() {}

  CabinetRate(Long itemId, String usedFor, LabelRate rate, LabelUse use) {
    this.itemId = itemId;
    this.usedFor = usedFor;
    this.rate = rate.printed();
    this.asRead = rate.asRead();
    this.least = rate.least();
    this.most = rate.most();
    this.what = rate.what();
    this.per = rate.per();
    this.crop = use.crop();
    this.method = use.method();
    this.against = String.join(",", new TreeSet<>(use.against()));
  }

  Long id() {
    return id;
  }

  Long itemId() {
    return itemId;
  }

  String usedFor() {
    return usedFor;
  }

  String printed() {
    return rate;
  }

  /**
   * What it comes to; empty when it was never confirmed and can be read in two ways or not at all.
   */
  Optional<LabelRate> rate(Product product) {
    if (least != null) {
      return Optional.of(new LabelRate(rate, asRead, least, most, what, per));
    }
    return LabelReader.read(rate, product, null) instanceof LabelReading.Read read
        ? Optional.of(read.rate())
        : Optional.empty();
  }

  /** What the label gives it for, if its keeper said so. */
  Optional<LabelUse> use() {
    return Optional.ofNullable(crop)
        .map(
            of ->
                new LabelUse(
                    of, method, against.isEmpty() ? Set.of() : Set.of(against.split(","))));
  }
}
