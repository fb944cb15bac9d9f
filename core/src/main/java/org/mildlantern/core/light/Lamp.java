package org.mildlantern.core.light;

/**
 * A lamp above leaves.
 *
 * @param ppf photons that it gives, µmol/s
 * @param beam width of its light, degrees from edge to edge
 * @param distance to the leaves, metres
 * @param hours that it burns in a day
 * @param spread how well its photons are known: standard deviation of their logarithm
 */
public record Lamp(double ppf, double beam, double distance, double hours, double spread) {
  /** By its sheet: dust, age and what it hangs in. Rule of thumb. */
  private static final double BY_SHEET = 0.12;

  private static final double HOURS_TO_MOL = 0.0036;

  /** A bar of white LED of some 20 W over a shelf, for an hour. */
  public static final Lamp BAR = new Lamp(50, 120, 0.4, 1);

  /** Longer days keep plants awake that want their night, hours. Rule of thumb. */
  public static final double LONGEST = 16;

  /** One of which the sheet says the photons. */
  public Lamp(double ppf, double beam, double distance, double hours) {
    this(ppf, beam, distance, hours, BY_SHEET);
  }

  /** One of which the watts are known and what kind it is. */
  public static Lamp ofWatts(
      LampKind kind, double watts, double beam, double distance, double hours) {
    return new Lamp(kind.ppf(watts), beam, distance, hours, LampKind.BY_WATT);
  }

  public Lamp {
    if (!(ppf >= 0
        && ppf <= 10_000
        && beam >= 5
        && beam <= 360
        && distance >= 0.02
        && distance <= 20
        && hours >= 0
        && hours <= 24)) {
      throw new IllegalArgumentException(
          "a lamp gives 0 to 10,000 µmol/s in a beam of 5 to 360° from 0.02 to 20 m for 0 to 24 h");
    }
  }

  /** The same after what readings taught of it. */
  public Lamp after(Trust read) {
    return new Lamp(ppf * read.factor(), beam, distance, hours, read.spread());
  }

  /** Photons in the middle of its light, µmol/m²/s: evenly over its cone, by the square. */
  public double ppfd() {
    double cone = 2 * Math.PI * (1 - Math.cos(Math.toRadians(beam / 2)));
    return ppf / (cone * distance * distance);
  }

  /** Hours a day in which it gives so much, mol/m². */
  public double hoursFor(double dli) {
    return dli / (ppfd() * HOURS_TO_MOL);
  }

  /** mol/m² a day. */
  public double dli() {
    return ppfd() * hours * HOURS_TO_MOL;
  }
}
