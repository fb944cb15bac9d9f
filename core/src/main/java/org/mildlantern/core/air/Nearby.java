package org.mildlantern.core.air;

/**
 * What a stand feels of a thing in its room that warms it, dries it or blows on it. Reaches and
 * strengths are rules of thumb for a home.
 */
public enum Nearby {
  /** Warm and dry air rises along it. */
  RADIATOR("radiator", 6, 0.7),
  /** Warm air blows out of it. */
  VENT("warm-air vent", 8, 1.0),
  /** Cold air comes in whenever it is opened; it does not warm. */
  DOOR("door to the outside", 0, 1.2);

  /** What is felt: so many degrees, or a draught within this reach. */
  private static final double FELT = 1.5;

  private final String label;
  private final double warms;
  private final double reach;

  Nearby(String label, double warms, double reach) {
    this.label = label;
    this.warms = warms;
    this.reach = reach;
  }

  public String label() {
    return label;
  }

  /** How much warmer than the room the air is at a distance while the heating is on, K. */
  public double warmer(double metres) {
    return warms * Math.exp(-metres / reach);
  }

  /** Whether a stand so far off is dried by it. */
  public boolean heats(double metres) {
    return warmer(metres) >= FELT;
  }

  /** Whether air moves on a stand so far off. */
  public boolean blows(double metres) {
    return this != RADIATOR && metres <= reach;
  }

  /** The air at a distance: the water of the room’s air in warmer air. */
  public Air at(Air room, double metres) {
    return Air.holding(
        Math.min(60, room.celsius() + warmer(metres)),
        room.absolute() * (room.celsius() + 273.15) / (room.celsius() + warmer(metres) + 273.15));
  }
}
