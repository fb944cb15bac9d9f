package org.mildlantern.core.feed;

import java.util.List;
import org.mildlantern.core.season.Months;

/**
 * What a way of life asks of feed and water. Rules of thumb.
 *
 * @param ppm nitrogen in the can: from where it is worth giving to where it is plenty
 * @param drinks at each how manieth watering, or null where days alone count
 * @param days at least so many between feeds, or null where nothing is given
 * @param months when it is fed, as in the north; null for whenever it grows
 * @param salts conductivity of the water in the pot from which it is harmed, mS/cm
 * @param water conductivity of the water it is given without feed, at most, µS/cm
 * @param lime alkalinity of that water, at most, mg/l as CaCO₃
 * @param ratio N, P₂O₅ and K₂O that suit it, as parts; null where nothing is given
 * @param roots whether anything may be given at the roots at all
 * @param leaf whether its leaves take feed
 * @param urea whether urea is worth its nitrogen there
 * @param say what else, in words
 */
public record Programme(
    String id,
    List<Double> ppm,
    Integer drinks,
    Integer days,
    Months months,
    double salts,
    double water,
    double lime,
    List<Double> ratio,
    boolean roots,
    boolean leaf,
    boolean urea,
    String say) {
  /** Salt-shy kinds bear so much of what their way of life bears. */
  private static final double SHY = 0.7;

  public Programme {
    ppm = List.copyOf(ppm);
    ratio = ratio == null ? List.of() : List.copyOf(ratio);
    if (ppm.size() != 2 || ppm.get(0) > ppm.get(1)) {
      throw new IllegalArgumentException("ppm is from a least to a most");
    }
    if (roots == (days == null)) {
      throw new IllegalArgumentException("what is fed at the roots says how often, and no other");
    }
  }

  /**
   * Nitrogen in the can for one of its kinds, ppm.
   *
   * @param strength 0 for the least that is worth giving, 1 for plenty
   */
  public double nitrogen(double strength) {
    return ppm.get(0) + strength * (ppm.get(1) - ppm.get(0));
  }

  /**
   * How far a product is from what suits it, by its ratio and by urea where that is worth little; 0
   * fits.
   *
   * @param product has nitrogen
   */
  public double unlike(Label product) {
    if (ratio.isEmpty()) {
      return 0;
    }
    double n = product.of(Element.N);
    double p = Element.P.asOxide(product.of(Element.P));
    double k = Element.K.asOxide(product.of(Element.K));
    double wasted = urea || product.forms() == null ? 0 : product.forms().ureaShare();
    return Math.abs(p / n - ratio.get(1) / ratio.get(0))
        + Math.abs(k / n - ratio.get(2) / ratio.get(0))
        + wasted;
  }

  /** Conductivity of the water in its pot from which it is harmed, mS/cm. */
  public double saltsFor(boolean shy) {
    return shy ? salts * SHY : salts;
  }

  /** Conductivity of the water without feed that one of its kinds bears, µS/cm. */
  public double waterFor(boolean shy) {
    return shy ? water * SHY : water;
  }

  /** Alkalinity of that water, mg/l as CaCO₃. */
  public double limeFor(boolean shy) {
    return shy ? lime * SHY : lime;
  }

  /** Days between feeds of a pot that is watered each so many days. */
  public int daysBetween(int wateredEvery) {
    return drinks == null ? days : Math.max(days, drinks * wateredEvery);
  }
}
