package org.mildlantern.core.water;

/**
 * A first guess of how fast a pot draws, before anything was noted: leaves and surface lose so many
 * millilitres a day at a demand of 1, shared by what the pot holds. A plant that fits its pot loses
 * about 0.22 ml a day through leaves and surface for each cm² of surface (rule of thumb);
 * succulents a third of it, thirsty leaves half as much again.
 */
public final class Pace {
  private static final double ML_PER_CM2 = 0.22;
  private static final double LEAST = 0.012;
  private static final double MOST = 0.8;

  private Pace() {}

  /**
   * The factor in shares of the available water a day.
   *
   * @param thirst how the kind's leaves compare with usual ones, 1 for usual
   */
  public static double guess(PotShape pot, Holding holding, double thirst) {
    double perDay = ML_PER_CM2 * thirst * pot.surfaceCm2() / holding.availableMl();
    return Math.max(LEAST, Math.min(MOST, perDay));
  }
}
