package org.mildlantern.core.repot;

import org.mildlantern.core.knowledge.Way;

/**
 * How wide a pot roots and growth ask for. Rules of thumb: a plant that fears wet feet has a finger
 * of room around its roots, one that is hungry two; a plant that walks along its rhizome has room
 * for two years of that; a cup plant stands in a small pot; a small tree stays in its own.
 *
 * @param cm inner width at the rim
 * @param deep whether a pot deeper than wide suits it
 */
public record PotSize(double cm, boolean deep) {
  private static final double NARROWEST = 5;
  private static final double CUP_SHARE = 1.1;
  private static final int YEARS = 2;
  private static final double WIDEST = 200;
  private static final double WIDER = 2;
  private static final double MINUTES = 6;
  private static final double MINUTES_PER_CM = 0.8;
  private static final double TREES = 2.5;

  /**
   * For what is taken out of its pot.
   *
   * @param rootsCm width of its roots, after dead ones are off, above 0
   * @param yearCm how far it walks in a year, 0 for what stays where it is
   * @throws IllegalArgumentException where a width is out of range
   */
  public static PotSize of(Way way, double rootsCm, double yearCm) {
    if (!(rootsCm > 0 && rootsCm <= WIDEST) || !(yearCm >= 0 && yearCm <= 50)) {
      throw new IllegalArgumentException("roots are 0 to 200 cm wide and walk 0 to 50 cm a year");
    }
    double room =
        switch (way.id()) {
          case "dry-store", "single-stem-orchid", "storage", "forest-cactus" -> 2;
          case "bulb-orchid", "die-back-orchid", "thin-root-orchid", "wet-foot-orchid" -> 2;
          case "conifer", "hardy-tree", "tender-tree", "some-tree" -> 0;
          default -> 4;
        };
    if (way.id().equals("cup")) {
      return new PotSize(Math.max(NARROWEST, Math.ceil(rootsCm * CUP_SHARE)), false);
    }
    double wide = rootsCm + room + YEARS * yearCm;
    return new PotSize(Math.max(NARROWEST, Math.ceil(wide)), way.tags().contains("bog"));
  }

  /** The width that comes after one in cm where roots fill the pot. Rule of thumb. */
  public static double next(double cm) {
    return Math.max(cm, Math.min(WIDEST, cm + WIDER));
  }

  /**
   * Minutes to repot what stands in a pot of that width in cm. Rule of thumb.
   *
   * @param tree small trees take longer, as their roots are combed and cut
   */
  public static double minutes(double cm, boolean tree) {
    return (MINUTES + MINUTES_PER_CM * cm) * (tree ? TREES : 1);
  }
}
