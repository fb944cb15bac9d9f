package org.mildlantern.core.light;

/** What a window is glazed with. */
public enum Glass {
  NONE("no glass", 0, 1, 20),
  SINGLE("single", 1, 0.89, 5.8),
  DOUBLE("double", 2, 0.80, 2.8),
  TRIPLE("triple", 3, 0.71, 0.9),
  /** Double, with a coating that keeps warmth in. */
  LOW_E("coated double", 2, 0.74, 1.2),
  /** Lets light through in all directions. */
  FROSTED("frosted", 1, 0.70, 5.8);

  /** Refraction of glass. */
  private static final double INDEX = 1.526;

  private final String label;
  private final int panes;
  private final double straight;
  private final double loss;

  Glass(String label, int panes, double straight, double loss) {
    this.label = label;
    this.panes = panes;
    this.straight = straight;
    this.loss = loss;
  }

  /** Warmth that it lets out (U), W/(m² K), in the middle of the pane. Usual figures. */
  public double loss() {
    return loss;
  }

  public String label() {
    return label;
  }

  public boolean scatters() {
    return this == FROSTED;
  }

  /** Share of daylight that passes straight on. Rule of thumb, clean glass. */
  public double straight() {
    return straight;
  }

  /**
   * Share that passes at an angle: as straight on, less what the panes throw back by Fresnel (as
   * Duffie & Beckman 2013 sum it up over several panes).
   *
   * @param degrees from the straight line through the pane, 0 to 90
   */
  public double passes(double degrees) {
    return panes == 0 ? 1 : straight * thrown(degrees) / thrown(0);
  }

  private double thrown(double degrees) {
    double in = Math.toRadians(Math.min(89.5, Math.max(0.1, Math.abs(degrees))));
    double out = Math.asin(Math.sin(in) / INDEX);
    double across = Math.pow(Math.sin(out - in) / Math.sin(out + in), 2);
    double along = Math.pow(Math.tan(out - in) / Math.tan(out + in), 2);
    return (through(across) + through(along)) / 2;
  }

  private double through(double back) {
    return (1 - back) / (1 + (2 * panes - 1) * back);
  }
}
