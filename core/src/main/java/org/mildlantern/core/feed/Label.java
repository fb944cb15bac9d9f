package org.mildlantern.core.feed;

import java.util.EnumMap;
import java.util.Map;

/**
 * What a product holds, % by weight of each element.
 *
 * <p>Example: 20-20-20 of the oxide convention is N 20, P 8.73, K 16.6; a gram in a litre gives 200
 * ppm of nitrogen.
 *
 * @param percent by element, as elements
 * @param forms of the nitrogen, or null where the label does not say
 */
public record Label(Map<Element, Double> percent, Nitrogen forms) {
  /** Ions weigh more than their elements, and nothing more than all: a label may add up to this. */
  private static final double MOST = 100;

  /** How far the forms may be from the total, by rounding. */
  private static final double ROUNDED = 0.6;

  public Label {
    EnumMap<Element, Double> copy = new EnumMap<>(Element.class);
    percent.forEach(
        (element, share) -> {
          if (!(share >= 0 && share <= MOST)) {
            throw new IllegalArgumentException(element.symbol() + " is 0 to 100 %");
          }
          copy.put(element, share);
        });
    percent = Map.copyOf(copy);
    if (sum(percent) > MOST) {
      throw new IllegalArgumentException("a label adds up to 100 % at most");
    }
    if (forms != null && Math.abs(forms.total() - percent.getOrDefault(Element.N, 0.0)) > ROUNDED) {
      throw new IllegalArgumentException("the forms of nitrogen add up to N");
    }
  }

  /**
   * As most labels print it: N, P₂O₅, K₂O.
   *
   * @throws IllegalArgumentException where it adds up to more than 100 % as printed
   */
  public static Label oxide(double n, double p2o5, double k2o) {
    if (n + p2o5 + k2o > MOST) {
      throw new IllegalArgumentException("a label adds up to 100 % at most");
    }
    return new Label(
        Map.of(
            Element.N, n,
            Element.P, Element.P.ofOxide(p2o5),
            Element.K, Element.K.ofOxide(k2o)),
        null);
  }

  /** As labels of some countries print it: N, P, K. */
  public static Label elements(double n, double p, double k) {
    return new Label(Map.of(Element.N, n, Element.P, p, Element.K, k), null);
  }

  /** The same with one element more. */
  public Label with(Element element, double share) {
    EnumMap<Element, Double> more = new EnumMap<>(Element.class);
    more.putAll(percent);
    more.put(element, share);
    return new Label(more, forms);
  }

  public Label with(Nitrogen known) {
    return new Label(percent, known);
  }

  private static double sum(Map<Element, Double> percent) {
    return percent.values().stream().mapToDouble(Double::doubleValue).sum();
  }

  public double of(Element element) {
    return percent.getOrDefault(element, 0.0);
  }

  /**
   * What it gives in water.
   *
   * @param gramsPerLitre of the product, 0 to 1000
   */
  public Solution at(double gramsPerLitre) {
    if (!(gramsPerLitre >= 0 && gramsPerLitre <= 1000)) {
      throw new IllegalArgumentException("a dose is 0 to 1000 g in a litre");
    }
    EnumMap<Element, Double> ppm = new EnumMap<>(Element.class);
    percent.forEach((element, share) -> ppm.put(element, share * 10 * gramsPerLitre));
    double n = percent.getOrDefault(Element.N, 0.0);
    return new Solution(
        ppm,
        forms == null || n == 0
            ? null
            : new Solution.Forms(
                forms.nitrate() * 10 * gramsPerLitre, forms.ammonium() * 10 * gramsPerLitre),
        0);
  }

  /** Grams in a litre that give so many ppm of an element; it must have some of it. */
  public double gramsFor(Element element, double ppm) {
    if (of(element) <= 0) {
      throw new IllegalArgumentException("there is no " + element.symbol() + " in it");
    }
    return ppm / (of(element) * 10);
  }
}
