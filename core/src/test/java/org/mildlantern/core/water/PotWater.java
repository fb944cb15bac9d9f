package org.mildlantern.core.water;

/**
 * The water in a pot, kept by the millilitre: what is given is absorbed or runs off, what is drawn
 * leaves.
 *
 * @param availableMl that the pot holds between just drained and dry
 * @param leftMl of it
 */
public record PotWater(double availableMl, double leftMl) {

  /**
   * A step.
   *
   * @param before ml left
   * @param absorbed ml of what was given
   * @param ranOff ml of what was given
   * @param drawn ml that plant and air took
   */
  public record Step(double before, double absorbed, double ranOff, double drawn, PotWater after) {}

  /** Gives water; what does not fit runs off. */
  public Step give(double millilitres) {
    double absorbed = Math.min(millilitres, availableMl - leftMl);
    return new Step(
        leftMl, absorbed, millilitres - absorbed, 0, new PotWater(availableMl, leftMl + absorbed));
  }

  /** Lets a demand draw with a factor. */
  public Step dry(double factor, double demand) {
    double left = availableMl * Drying.after(leftMl / availableMl, factor, demand);
    return new Step(leftMl, 0, 0, leftMl - left, new PotWater(availableMl, left));
  }

  public double share() {
    return leftMl / availableMl;
  }
}
