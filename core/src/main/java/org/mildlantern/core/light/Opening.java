package org.mildlantern.core.light;

/**
 * A window in a wall, from inside.
 *
 * @param faces direction that it looks out to, degrees from north clockwise
 * @param width metres
 * @param height metres
 * @param sill its lower edge above the floor, metres
 * @param over a balcony or overhang above it
 * @param blind a curtain or blind before it
 * @param reveal how deep it sits in its wall, metres, measured from the pane outwards
 */
public record Opening(
    double faces,
    double width,
    double height,
    double sill,
    Glass glass,
    Over over,
    Blind blind,
    double reveal) {

  /**
   * A roof that stands out over a window.
   *
   * @param out how far it stands out, metres; 0 for none
   * @param above how far above the window's upper edge, metres
   */
  public record Over(double out, double above) {
    public static final Over NONE = new Over(0, 0);
  }

  /** One whose pane is flush with the outside of its wall. */
  public Opening(
      double faces, double width, double height, double sill, Glass glass, Over over, Blind blind) {
    this(faces, width, height, sill, glass, over, blind, 0);
  }

  public Opening {
    require(reveal >= 0 && reveal <= 2, "a window sits 0 to 2 m deep in its wall");
    require(width > 0 && width <= 20, "a window is 0 to 20 m wide");
    require(height > 0 && height <= 10, "a window is 0 to 10 m high");
    require(sill >= 0 && sill <= 20, "a sill is 0 to 20 m above the floor");
  }

  private static void require(boolean holds, String what) {
    if (!holds) {
      throw new IllegalArgumentException(what);
    }
  }

  double area() {
    return width * height;
  }

  /** Degrees between a direction and the straight line out of it. */
  double aside(Sun.Position there) {
    return Math.toDegrees(
        Math.acos(
            Math.max(
                -1,
                Math.min(
                    1,
                    Math.cos(Math.toRadians(there.up()))
                        * Math.cos(Math.toRadians(there.from() - faces))))));
  }

  private boolean isWithin(double x, double z) {
    return Math.abs(x) <= width / 2 && z >= sill && z <= sill + height;
  }

  /** Whether one looks out through it from a spot in a direction, past what stands over it. */
  boolean isSeenThrough(Spot spot, Sun.Position there) {
    double turn = Math.toRadians(there.from() - faces);
    if (Math.cos(turn) <= 1e-6) {
      return false;
    }
    double x = spot.side() + spot.distance() * Math.tan(turn);
    double rise = Math.tan(Math.toRadians(there.up())) / Math.cos(turn);
    double z = spot.height() + spot.distance() * rise;
    double outerX = x + reveal * Math.tan(turn);
    double outerZ = z + reveal * rise;
    return isWithin(x, z)
        && isWithin(outerX, outerZ)
        && z + over.out() * rise <= sill + height + (over.out() > 0 ? over.above() : 1e9);
  }
}
