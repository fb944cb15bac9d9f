package org.mildlantern.core.feed;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.core.working.Working;

/**
 * What is dissolved in a water, and how well it conducts.
 *
 * <p>Conductivity by the sum over the ions of what each conducts alone (CRC Handbook, limiting
 * values at 25 °C), lessened as they hinder each other (Debye, Hückel & Onsager). Where a label
 * does not say the forms of its nitrogen, as much is taken for nitrate as balances the charges;
 * urea conducts nothing, so that a feed of urea reads lower than this.
 *
 * <p>Example: 0.01 mol of potassium chloride in a litre gives 1.41 mS/cm.
 *
 * @param ppm mg/l of each element
 * @param forms of the nitrogen that carry a charge, or null where they are not known
 * @param alkalinity mg/l as CaCO₃
 */
public record Solution(Map<Element, Double> ppm, Forms forms, double alkalinity) {
  /** S cm² for each equivalent. */
  private static final double NITRATE = 71.4;

  private static final double AMMONIUM = 73.5;
  private static final double POTASSIUM = 73.5;
  private static final double PHOSPHATE = 36.0;
  private static final double CALCIUM = 59.5;
  private static final double MAGNESIUM = 53.0;
  private static final double SULPHATE = 80.0;
  private static final double SODIUM = 50.1;
  private static final double CHLORIDE = 76.3;
  private static final double BICARBONATE = 44.5;

  /** What is not told of, so that charges balance. */
  private static final double SOME_ANION = 76;

  private static final double SOME_CATION = 60;

  /** mg of CaCO₃ for each milliequivalent. */
  public static final double CACO3 = 50.04;

  /**
   * Nitrogen with a charge.
   *
   * @param nitrate mg/l as N
   * @param ammonium mg/l as N
   */
  public record Forms(double nitrate, double ammonium) {}

  public Solution {
    ppm = Map.copyOf(ppm);
    if (ppm.values().stream().anyMatch(mg -> !(mg >= 0 && mg <= 1e6)) || !(alkalinity >= 0)) {
      throw new IllegalArgumentException("what is dissolved is 0 mg/l or more");
    }
  }

  public double of(Element element) {
    return ppm.getOrDefault(element, 0.0);
  }

  /** Both in one water. */
  public Solution and(Solution other) {
    EnumMap<Element, Double> sum = new EnumMap<>(Element.class);
    sum.putAll(ppm);
    other.ppm.forEach((element, mg) -> sum.merge(element, mg, Double::sum));
    Forms mine = known();
    Forms its = other.known();
    return new Solution(
        sum,
        new Forms(mine.nitrate() + its.nitrate(), mine.ammonium() + its.ammonium()),
        alkalinity + other.alkalinity);
  }

  /** The same with so much of it in a litre, 0 to 1 for a thinner one. */
  public Solution times(double share) {
    return new Solution(
        ppm.entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue() * share)),
        forms == null ? null : new Forms(forms.nitrate * share, forms.ammonium * share),
        alkalinity * share);
  }

  /** Milliequivalents in a litre. */
  private double meq(Element element, int charge) {
    return of(element) * charge / element.weight();
  }

  private Forms known() {
    if (forms != null) {
      return forms;
    }
    double n = meq(Element.N, 1);
    double others =
        meq(Element.K, 1) + meq(Element.CA, 2) + meq(Element.MG, 2) + meq(Element.NA, 1);
    double anions = meq(Element.P, 1) + meq(Element.S, 2) + meq(Element.CL, 1) + alkalinity / CACO3;
    double nitrate = Math.max(0, Math.min(n, (others + n - anions) / 2));
    return new Forms(nitrate * Element.N.weight(), (n - nitrate) * Element.N.weight());
  }

  /** An ion: milliequivalents, charge and what it conducts. */
  private record Ion(double meq, int charge, double conducts) {}

  /** Conductivity at 25 °C, mS/cm. */
  public double ecMsCm() {
    Forms n = known();
    List<Ion> cations =
        List.of(
            new Ion(n.ammonium() / Element.N.weight(), 1, AMMONIUM),
            new Ion(meq(Element.K, 1), 1, POTASSIUM),
            new Ion(meq(Element.CA, 2), 2, CALCIUM),
            new Ion(meq(Element.MG, 2), 2, MAGNESIUM),
            new Ion(meq(Element.NA, 1), 1, SODIUM));
    List<Ion> anions =
        List.of(
            new Ion(n.nitrate() / Element.N.weight(), 1, NITRATE),
            new Ion(meq(Element.P, 1), 1, PHOSPHATE),
            new Ion(meq(Element.S, 2), 2, SULPHATE),
            new Ion(meq(Element.CL, 1), 1, CHLORIDE),
            new Ion(alkalinity / CACO3, 1, BICARBONATE));
    double lacking = sum(cations) - sum(anions);
    double conducts =
        conducted(cations)
            + conducted(anions)
            + Math.abs(lacking) * (lacking > 0 ? SOME_ANION : SOME_CATION);
    double salts = Math.max(sum(cations), sum(anions));
    if (salts == 0) {
      return 0;
    }
    double strength = (strength(cations) + strength(anions) + Math.abs(lacking)) / 2000;
    double alone = conducts / salts;
    double hindered = (60.2 + 0.229 * alone) * charges(cations, anions) * Math.sqrt(strength);
    // Beyond what the law holds for they never hinder each other by more than half.
    return salts * Math.max(alone / 2, alone - hindered) / 1000;
  }

  /**
   * How much more ions of two charges hinder each other than those of one, fitted to calcium
   * chloride and magnesium sulphate of a hundredth of an equivalent (CRC Handbook).
   */
  private static double charges(List<Ion> cations, List<Ion> anions) {
    double up = charge(cations) - 1;
    double down = charge(anions) - 1;
    return 1 + 0.38 * up + 0.38 * down + 2.0 * up * down;
  }

  private static double charge(List<Ion> ions) {
    return sum(ions) == 0 ? 1 : strength(ions) / sum(ions);
  }

  private static double sum(List<Ion> ions) {
    return ions.stream().mapToDouble(Ion::meq).sum();
  }

  private static double conducted(List<Ion> ions) {
    return ions.stream().mapToDouble(ion -> ion.meq() * ion.conducts()).sum();
  }

  /** Twice the ionic strength, mmol/l. */
  private static double strength(List<Ion> ions) {
    return ions.stream().mapToDouble(ion -> ion.meq() * ion.charge()).sum();
  }

  public Working working() {
    return new Working(
        "Conductivity of the mix",
        "sum over ions of what each conducts × how much there is, less what they hinder each other",
        ppm.entrySet().stream()
            .filter(e -> e.getValue() > 0)
            .sorted(Map.Entry.comparingByKey())
            .map(
                e ->
                    new Working.Step(
                        e.getKey().symbol(), String.format(Locale.ROOT, "%.1f mg/l", e.getValue())))
            .toList(),
        String.format(Locale.ROOT, "%.2f mS/cm", ecMsCm()),
        "CRC Handbook of Chemistry and Physics, limiting conductivities; Onsager 1927");
  }
}
