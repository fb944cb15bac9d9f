package org.mildlantern.core.air;

/**
 * A room whose air is changed for that of outdoors.
 *
 * <p>What is breathed into it settles at the balance: outdoor water plus what is given, over what
 * the changed air carries off.
 *
 * @param volume m³
 * @param airChanges times an hour that its air is changed; a closed window 0.3 to 0.6, a tilted one
 *     2 to 4 (rule of thumb)
 */
public record Room(double volume, double airChanges) {
  public Room {
    if (!(volume >= 0.01 && volume <= 100_000)) {
      throw new IllegalArgumentException("a room holds 0.01 to 100,000 m³");
    }
    if (!(airChanges > 0 && airChanges <= 100)) {
      throw new IllegalArgumentException("air is changed more than 0 and up to 100 times an hour");
    }
  }

  /** Hours until half of what was breathed into it at once has gone with the changed air. */
  public double halfGone() {
    return Math.log(2) / airChanges;
  }

  /** Its air when nothing moistens it. */
  public Air without(Air outdoor, double celsius) {
    return moistened(outdoor, celsius, 0);
  }

  /**
   * Its air when water is given all the time.
   *
   * @param grams g an hour
   */
  public Air moistened(Air outdoor, double celsius, double grams) {
    // Cold air that comes in grows as it warms: its water is spread over more room.
    double coming = outdoor.absolute() * (outdoor.celsius() + 273.15) / (celsius + 273.15);
    return Air.holding(celsius, coming + grams / (volume * airChanges));
  }

  /** Water that holds a humidity, g an hour; 0 where it is as moist without. */
  public double gramsFor(Air outdoor, Air target) {
    double missing = target.absolute() - without(outdoor, target.celsius()).absolute();
    return Math.max(0, missing) * volume * airChanges;
  }
}
