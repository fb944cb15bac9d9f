package org.mildlantern.app.feed;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.feed.Element;
import org.mildlantern.core.feed.Label;
import org.mildlantern.core.feed.Nitrogen;
import org.mildlantern.core.words.Units;

/**
 * What the label of a feed says. Shares in % by weight.
 *
 * @param convention whether P and K are printed as oxides, as most labels do
 * @param nitrate part of the nitrogen, so ammonium and urea; null where the label does not say
 * @param liquid whether it is measured in ml
 * @param density of a liquid, g/ml, or null
 * @param dose of the label in g or ml for a litre, or null
 * @param months for which slow-release grains last at 21 °C; null for what is dissolved
 */
record ProductForm(
    @NotBlank(message = "A feed needs a name.") @Size(max = 80, message = "At most 80 characters.")
        String name,
    @NotNull(message = "Are P and K printed as oxides (P₂O₅, K₂O) or as elements?")
        Convention convention,
    @NotNull(message = "The first number, N.")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double n,
    @NotNull(message = "The second number, P.")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double p,
    @NotNull(message = "The third number, K.")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double k,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double ca,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double mg,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double s,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double fe,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double nitrate,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double ammonium,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double urea,
    Boolean liquid,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0.5", message = "Between 0.5 and 3 g/ml.")
        @DecimalMax(value = "3", message = "Between 0.5 and 3 g/ml.")
        Double density,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0.001", message = "Between 0.001 and 1000.")
        @DecimalMax(value = "1000", message = "Between 0.001 and 1000.")
        Double dose,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0.5", message = "Between half a month and 36 months.")
        @DecimalMax(value = "36", message = "Between half a month and 36 months.")
        Double months) {
  static final ProductForm EMPTY =
      new ProductForm(
          null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
          null);

  /** How P and K are printed. */
  enum Convention {
    OXIDE("P₂O₅ and K₂O (most labels)"),
    ELEMENT("P and K as elements");

    private final String label;

    Convention(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  ProductForm {
    liquid = Boolean.TRUE.equals(liquid);
  }

  /** Whether some forms of the nitrogen are told of. */
  private boolean saysForms() {
    return nitrate != null || ammonium != null || urea != null;
  }

  private static double or0(Double share) {
    return share == null ? 0 : share;
  }

  /**
   * The label as elements.
   *
   * @throws IllegalArgumentException where its figures cannot be together
   */
  Label label() {
    Label label = convention == Convention.OXIDE ? Label.oxide(n, p, k) : Label.elements(n, p, k);
    for (Map.Entry<Element, Double> more :
        Map.of(Element.CA, or0(ca), Element.MG, or0(mg), Element.S, or0(s), Element.FE, or0(fe))
            .entrySet()) {
      if (more.getValue() > 0) {
        label = label.with(more.getKey(), more.getValue());
      }
    }
    return saysForms() ? label.with(new Nitrogen(or0(nitrate), or0(ammonium), or0(urea))) : label;
  }

  /** Whether it is strewn, and not dissolved. */
  boolean grains() {
    return months != null;
  }

  /** {@code 20-10-20}. */
  String printed() {
    return figure(n) + "-" + figure(p) + "-" + figure(k);
  }

  private static String figure(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }
}
