package org.mildlantern.app.feed;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.feed.Hardness;
import org.mildlantern.core.feed.WaterSheet;

/** A water of the collection. Hardness and alkalinity in mg/l as CaCO₃. */
@Entity
class OwnWater {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private String name;

  @Enumerated(EnumType.STRING)
  private WaterSheet.Kind kind;

  private Double ecUsCm;
  private Double hardness;

  @Enumerated(EnumType.STRING)
  private Hardness hardnessIn;

  private Double alkalinity;
  private Double sodium;
  private Double chloride;
  private Double ph;

  @Enumerated(EnumType.STRING)
  private WaterSheet.Disinfectant disinfectant;

  private Double cost;

  protected OwnWater() {}

  static OwnWater fresh() {
    return new OwnWater();
  }

  void describe(WaterForm form) {
    WaterSheet sheet = form.sheet();
    this.name = form.name().strip();
    this.kind = form.kind();
    this.ecUsCm = sheet.ecUsCm();
    this.hardness = sheet.hardness();
    this.hardnessIn = form.unit();
    this.alkalinity = sheet.alkalinity();
    this.sodium = form.sodium();
    this.chloride = form.chloride();
    this.ph = form.ph();
    this.disinfectant = form.disinfectant();
    this.cost = form.cost();
  }

  Long id() {
    return id;
  }

  String name() {
    return name;
  }

  Double cost() {
    return cost;
  }

  WaterSheet sheet() {
    return new WaterSheet(kind, ecUsCm, hardness, alkalinity, sodium, chloride, ph, disinfectant);
  }

  WaterForm form() {
    return new WaterForm(
        name,
        kind,
        ecUsCm,
        ecUsCm == null ? null : MeterShows.US_CM,
        null,
        in(hardness),
        in(alkalinity),
        hardnessIn,
        sodium,
        chloride,
        ph,
        disinfectant,
        cost);
  }

  private Double in(Double ppm) {
    return ppm == null ? null : (Double) (Math.round(hardnessIn.from(ppm) * 100) / 100.0);
  }
}
