package org.mildlantern.core.light;

/**
 * How much of the sky's light a level leaf gets at a spot, outdoors or through one window, worked
 * out once for all hours, without a blind.
 *
 * @param even share under an even sky, that through glass as it passes
 * @param covered share under a covered sky, three times as bright above as at the horizon (CIE)
 * @param houses share of the light outdoors that houses and what stands over a window throw back
 * @param pane share of what a scattering pane sends in that meets the leaf
 * @param front share of the sky in front of the pane that is not hidden
 */
record SeenSky(double even, double covered, double houses, double pane, double front) {
  /** Parts of a window each way. */
  private static final int PARTS = 24;

  /** Degrees of a patch of the open sky. */
  private static final double PATCH = 2.5;

  /** Light that ground and houses throw back. Rule of thumb. */
  static final double GROUND = 0.2;

  static SeenSky outdoors(Skyline skyline) {
    double even = 0;
    double covered = 0;
    double all = 0;
    double allCovered = 0;
    for (double up = PATCH / 2; up < 90; up += PATCH) {
      double weight = Math.sin(Math.toRadians(up)) * Math.cos(Math.toRadians(up));
      for (double from = PATCH / 2; from < 360; from += PATCH) {
        double passes = skyline.passes(new Sun.Position(up, from));
        all += weight;
        allCovered += weight * covered(up);
        even += weight * passes;
        covered += weight * passes * covered(up);
      }
    }
    double seen = even / all;
    return new SeenSky(seen, covered / allCovered, (1 - seen) * GROUND / 2, 0, 1);
  }

  /**
   * Brightness of a covered sky at a height, beside that of an even one that is as bright in all.
   */
  private static double covered(double up) {
    return (1 + 2 * Math.sin(Math.toRadians(up))) * 3 / 7;
  }

  static SeenSky through(Opening window, Skyline skyline, Spot spot) {
    double even = 0;
    double covered = 0;
    double houses = 0;
    double pane = 0;
    double patch = window.area() / PARTS / PARTS;
    for (int i = 0; i < PARTS; i++) {
      double x = window.width() * ((i + 0.5) / PARTS - 0.5) - spot.side();
      for (int j = 0; j < PARTS; j++) {
        double z = window.sill() + window.height() * (j + 0.5) / PARTS - spot.height();
        if (z <= 0) {
          continue;
        }
        double away = Math.sqrt(x * x + z * z + spot.distance() * spot.distance());
        double straight = spot.distance() / away;
        double up = Math.toDegrees(Math.asin(z / away));
        double from = window.faces() + Math.toDegrees(Math.atan2(x, spot.distance())) + 360;
        Sun.Position there = new Sun.Position(up, from % 360);
        double share = patch * straight / (away * away) * (z / away) / Math.PI;
        double through = share * window.glass().passes(Math.toDegrees(Math.acos(straight)));
        double clear = window.isSeenThrough(spot, there) ? skyline.passes(there) : 0;
        pane += share;
        even += through * clear;
        covered += through * clear * covered(up);
        houses += through * (1 - clear) * GROUND / 2;
      }
    }
    return window.glass().scatters()
        ? new SeenSky(0, 0, 0, pane, front(window, skyline))
        : new SeenSky(even, covered, houses, 0, front(window, skyline));
  }

  private static double front(Opening window, Skyline skyline) {
    double seen = 0;
    double all = 0;
    for (double up = PATCH / 2; up < 90; up += PATCH) {
      for (double from = PATCH / 2; from < 360; from += PATCH) {
        Sun.Position there = new Sun.Position(up, from);
        double weight =
            Math.cos(Math.toRadians(window.aside(there))) * Math.cos(Math.toRadians(up));
        if (weight > 0) {
          all += weight;
          seen += weight * skyline.passes(there);
        }
      }
    }
    return seen / all;
  }

  double of(double overcast) {
    return (1 - overcast) * even + overcast * covered;
  }
}
