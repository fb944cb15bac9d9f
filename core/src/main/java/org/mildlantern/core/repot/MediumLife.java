package org.mildlantern.core.repot;

import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Watering;

/**
 * How long a medium lasts for a plant: that of its label, less where it is kept wet and where hard
 * water is poured, as both rot and clog it; minerals do not rot. Rules of thumb.
 */
public final class MediumLife {
  private static final double WET = 0.85;
  private static final double HARD = 0.9;
  private static final double HARD_PPM = 150;
  private static final double MONTHS = 12;

  private MediumLife() {}

  /**
   * In years, and no more than the rhythm of the kind allows.
   *
   * @param rhythm of the kind, or null
   * @param mineral whether all of it is stone or burnt clay
   * @param limePpm alkalinity of its water as CaCO₃, or null where that is not known
   */
  public static double years(
      Kind kind, Medium medium, Rhythm rhythm, boolean mineral, Double limePpm) {
    boolean wet = kind.water() == Watering.WET_FEET || kind.water() == Watering.EVENLY_MOIST;
    double years = medium.lifeMonths() / MONTHS;
    if (wet && !mineral) {
      years *= WET;
    }
    if (limePpm != null && limePpm > HARD_PPM) {
      years *= HARD;
    }
    return rhythm == null ? years : Math.min(years, rhythm.meanYears());
  }
}
