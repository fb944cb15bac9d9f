package org.mildlantern.core.feed;

import java.util.Map;

/**
 * What is known of a water, from its supplier’s sheet or a keeper’s own readings; null where
 * nothing is. What is not known is estimated from the rest, or from what kind of water it is.
 * Estimates are rules of thumb for drinking water of calcium, magnesium and bicarbonate.
 *
 * @param ecUsCm conductivity at 25 °C, µS/cm
 * @param hardness of calcium and magnesium, mg/l as CaCO₃
 * @param alkalinity (carbonate hardness), mg/l as CaCO₃
 * @param sodium mg/l
 * @param chloride mg/l
 */
public record WaterSheet(
    Kind kind,
    Double ecUsCm,
    Double hardness,
    Double alkalinity,
    Double sodium,
    Double chloride,
    Double ph,
    Disinfectant disinfectant) {
  /** Of hard and soft tap waters each mS/cm brings so much CaCO₃. */
  private static final double HARDNESS_OF_EC = 0.5;

  /** Most of the hardness of tap water is carbonate. */
  private static final double CARBONATE = 0.8;

  /** Ratio of sodium from which it begins to harm, and from which it does severely. */
  private static final double SOME_SODIUM = 3;

  private static final double MUCH_SODIUM = 9;

  /** So little sodium harms nothing, whatever else there is, mg/l. Rule of thumb. */
  private static final double LITTLE = 50;

  /** What sodium does to media and roots (Ayers & Westcot 1985). */
  public enum Sodium {
    HARMLESS,
    SOME,
    MUCH
  }

  /** Where a water comes from. */
  public enum Kind {
    TAP("tap", 500, 150, 1100),
    RAIN("rain", 25, 8, 70),
    RO("reverse osmosis", 20, 5, 60),
    DISTILLED("distilled", 3, 1, 10),
    /** Its calcium and magnesium are changed for sodium. */
    SOFTENED("softened", 550, 200, 1200),
    BOTTLED("bottled", 400, 60, 900);

    private final String label;
    private final Band ec;

    Kind(String label, double ec, double low, double high) {
      this.label = label;
      this.ec = Band.about(ec, low, high);
    }

    public String label() {
      return label;
    }

    boolean isPure() {
      return this == RAIN || this == RO || this == DISTILLED;
    }
  }

  /** What keeps it clean on its way. */
  public enum Disinfectant {
    NONE("none"),
    /** Goes off when the water stands for a day. */
    CHLORINE("chlorine"),
    /** Does not go off. */
    CHLORAMINE("chloramine"),
    UNKNOWN("not known");

    private final String label;

    Disinfectant(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  public WaterSheet {
    within(ecUsCm, 0, 20_000, "conductivity is 0 to 20,000 µS/cm");
    within(hardness, 0, 2_000, "hardness is 0 to 2,000 ppm");
    within(alkalinity, 0, 2_000, "alkalinity is 0 to 2,000 ppm");
    within(sodium, 0, 5_000, "sodium is 0 to 5,000 mg/l");
    within(chloride, 0, 5_000, "chloride is 0 to 5,000 mg/l");
    within(ph, 3, 11, "pH is 3 to 11");
    if (kind == null || disinfectant == null) {
      throw new IllegalArgumentException("what kind of water it is, is needed");
    }
  }

  private static void within(Double value, double least, double most, String what) {
    if (value != null && !(value >= least && value <= most)) {
      throw new IllegalArgumentException(what);
    }
  }

  /** Of which only the kind is known. */
  public static WaterSheet of(Kind kind) {
    return new WaterSheet(kind, null, null, null, null, null, null, Disinfectant.UNKNOWN);
  }

  /** Conductivity, µS/cm. */
  public Band ec() {
    if (ecUsCm != null) {
      return Band.read(ecUsCm);
    }
    if (hardness != null && kind != Kind.SOFTENED && !kind.isPure()) {
      return Band.read(hardness).times(1 / HARDNESS_OF_EC, 0.3);
    }
    return kind.ec;
  }

  /** Calcium and magnesium, mg/l as CaCO₃. */
  public Band hard() {
    if (hardness != null) {
      return Band.read(hardness);
    }
    if (kind == Kind.SOFTENED) {
      return Band.about(5, 0, 40);
    }
    return kind.isPure()
        ? ec().times(0.2, 0.8)
        : alkalinity != null
            ? Band.read(alkalinity).times(1 / CARBONATE, 0.3)
            : ec().times(HARDNESS_OF_EC, 0.3);
  }

  /** What buffers its pH upwards, mg/l as CaCO₃. */
  public Band alkaline() {
    if (alkalinity != null) {
      return Band.read(alkalinity);
    }
    return kind.isPure()
        ? ec().times(0.15, 0.8)
        : kind == Kind.SOFTENED
            ? ec().times(HARDNESS_OF_EC * CARBONATE, 0.4)
            : hard().times(CARBONATE, 0.25);
  }

  /** mg/l. */
  public Band salt() {
    if (sodium != null) {
      return Band.read(sodium);
    }
    return kind == Kind.SOFTENED
        // Each milliequivalent of hardness is changed for one of sodium.
        ? ec().times(HARDNESS_OF_EC / Solution.CACO3 * Element.NA.weight(), 0.3)
        : ec().times(0.05, 0.8);
  }

  /** Sodium adsorption ratio. */
  public double sar() {
    return sar(salt().value() / Element.NA.weight(), hard().value() / Solution.CACO3);
  }

  public Sodium hazard() {
    return sar() < SOME_SODIUM || salt().value() < LITTLE
        ? Sodium.HARMLESS
        : sar() < MUCH_SODIUM ? Sodium.SOME : Sodium.MUCH;
  }

  /**
   * Of milliequivalents in a litre (Richards 1954).
   *
   * @param hardness calcium and magnesium together
   */
  public static double sar(double sodium, double hardness) {
    return sodium / Math.sqrt(Math.max(hardness, 0.02) / 2);
  }

  /** What it brings to a mix, hardness as two parts of calcium to one of magnesium. */
  public Solution solution() {
    double meq = hard().value() / Solution.CACO3;
    double chlorides = chloride == null ? salt().value() * 1.5 : chloride;
    return new Solution(
        Map.of(
            Element.CA,
            meq * 2 / 3 * Element.CA.weight() / 2,
            Element.MG,
            meq / 3 * Element.MG.weight() / 2,
            Element.NA,
            salt().value(),
            Element.CL,
            chlorides),
        null,
        alkaline().value());
  }

  /** Whether letting it stand for a day takes something off that harms. */
  public boolean standingHelps() {
    return disinfectant == Disinfectant.CHLORINE;
  }
}
