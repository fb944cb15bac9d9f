package org.mildlantern.core.feed;

/** How much water a roof gives, and how long a filter lasts. */
public final class Supply {
  /** Share of the rain on a hard roof that reaches the barrel. Rule of thumb. */
  private static final double CAUGHT = 0.8;

  private static final double WEEKS_DIFFER = 2;

  private Supply() {}

  /** Litres of a month off a roof, with how far a month may differ. */
  public static Band roof(double squareMetres, double rainMm) {
    if (!(squareMetres > 0 && squareMetres <= 10_000 && rainMm >= 0 && rainMm <= 3000)) {
      throw new IllegalArgumentException("a roof of 0 to 10,000 m², rain of 0 to 3000 mm");
    }
    double litres = squareMetres * rainMm * CAUGHT;
    return Band.about(litres, litres / WEEKS_DIFFER, litres * WEEKS_DIFFER);
  }

  /**
   * Rain of a mean month, mm: wet near the equator, dry about the tropics, middling beyond, less
   * towards the poles. Rule of thumb, off by half or twice in many places.
   */
  public static double rain(double latitude) {
    double from = Math.abs(latitude);
    return from < 12 ? 160 : from < 35 ? 45 : from < 60 ? 60 : 40;
  }

  /**
   * Litres that a softening or deionising cartridge lasts.
   *
   * @param litres that its label promises
   * @param at hardness for which the label promises them, mg/l as CaCO₃
   * @param hardness of the water that it gets, mg/l as CaCO₃
   */
  public static double cartridge(double litres, double at, double hardness) {
    if (!(litres > 0 && litres <= 1e6 && at > 0 && hardness > 0)) {
      throw new IllegalArgumentException("a cartridge takes some litres of some hardness");
    }
    return litres * at / hardness;
  }
}
