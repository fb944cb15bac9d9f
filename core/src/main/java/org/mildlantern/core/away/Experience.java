package org.mildlantern.core.away;

import java.util.List;

/**
 * What absences taught: by how much plants of a collection fare better or worse than was expected.
 *
 * <p>The log odds of harm are moved by one figure for all plants, the most likely one under a
 * normal prior of mean 0 and standard deviation {@value #PRIOR_SD} (rule of thumb) given what was
 * found; that is logistic calibration of the intercept alone (Cox 1958). For example, ten plants
 * that were expected to be harmed with a chance of one half each, and of which two were, move it to
 * about −0.7: an expected half is then a third.
 *
 * @param shift of the log odds; 0 when nothing was learnt
 * @param plants of how many it is known what became of them
 */
public record Experience(double shift, int plants) {
  /** Before anything is known, a shift of so much is one standard deviation. */
  private static final double PRIOR_SD = 0.7;

  /** Nothing was expected surer than so, since a model is never that sure. */
  private static final double SUREST = 0.005;

  private static final int STEPS = 40;

  public static final Experience NONE = new Experience(0, 0);

  /**
   * What became of a plant.
   *
   * @param expected chance of harm, 0 to 1
   * @param harmed whether it was
   */
  public record Found(double expected, boolean harmed) {
    public Found {
      if (!(expected >= 0 && expected <= 1)) {
        throw new IllegalArgumentException("a chance from 0 to 1");
      }
    }
  }

  /** Learns from all that is known. */
  public static Experience of(List<Found> all) {
    double shift = 0;
    for (int step = 0; step < STEPS; step++) {
      double slope = -shift / (PRIOR_SD * PRIOR_SD);
      double curve = 1 / (PRIOR_SD * PRIOR_SD);
      for (Found found : all) {
        double chance = moved(Math.min(1 - SUREST, Math.max(SUREST, found.expected())), shift);
        slope += (found.harmed() ? 1 : 0) - chance;
        curve += chance * (1 - chance);
      }
      shift += slope / curve;
    }
    return new Experience(shift, all.size());
  }

  /** A chance as it is after what was learnt; what cannot be stays so. */
  public double of(double chance) {
    return chance <= 0 || chance >= 1 || shift == 0 ? chance : moved(chance, shift);
  }

  /** The same for all days. */
  public Survival of(Survival survival) {
    return shift == 0 ? survival : survival.mapped(this::of);
  }

  private static double moved(double chance, double shift) {
    return 1 / (1 + Math.exp(-(Math.log(chance / (1 - chance)) + shift)));
  }
}
