package org.mildlantern.core.feed;

/**
 * How a keeper reads the salts of a pot, with what turns the reading into the conductivity of the
 * water in it, and how far that may be off. After Cavins et al. 2000 (Monitoring and managing pH
 * and EC using the PourThru extraction method) and Warncke 1986, rounded; rules of thumb for bark
 * and sphagnum.
 */
public enum SaltReading {
  /** An hour after a watering a little water is poured on, and what runs out first is caught. */
  POUR_THROUGH("pour-through", 1.0, 0.15),
  /** Pressed out of the medium. */
  SQUEEZE("pressed out", 1.0, 0.2),
  /** All that ran out of a watering. */
  DRAIN("what ran out below", 1.3, 0.3),
  SATURATED_PASTE("saturated paste", 1.4, 0.2),
  /** A part of medium stirred in two parts of water. */
  ONE_TO_TWO("one part in two of water", 3.2, 0.3),
  PROBE("probe in the pot", 1.5, 0.4);

  private final String label;
  private final double factor;
  private final double spread;

  SaltReading(String label, double factor, double spread) {
    this.label = label;
    this.factor = factor;
    this.spread = spread;
  }

  public String label() {
    return label;
  }

  /** Conductivity of the water in the pot, mS/cm. */
  public double pore(double readMsCm) {
    return readMsCm * factor;
  }

  /** Standard deviation of its logarithm. */
  public double spread() {
    return spread;
  }
}
