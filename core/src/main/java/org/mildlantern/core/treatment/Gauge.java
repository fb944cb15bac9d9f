package org.mildlantern.core.treatment;

import java.util.Comparator;
import java.util.List;

/**
 * What a keeper measures a product with. Jugs and spoons of the kitchen are none.
 *
 * @param step smallest part that can be read off, ml or g
 * @param most largest amount in one go, ml or g
 */
public enum Gauge {
  SYRINGE_1("1 ml syringe", false, 0.02, 1),
  SYRINGE_5("5 ml syringe", false, 0.2, 5),
  SYRINGE_10("10 ml syringe", false, 0.5, 10),
  SYRINGE_20("20 ml syringe", false, 1, 20),
  CYLINDER("100 ml measuring cylinder", false, 1, 100),
  SCALE_FINE("scale to 0.01 g", true, 0.01, 100),
  SCALE_POCKET("scale to 0.1 g", true, 0.1, 500),
  SCALE_KITCHEN("kitchen scale to 1 g", true, 1, 5000);

  private static final int MOST_GOES = 4;

  private final String label;
  private final boolean solid;
  private final double step;
  private final double most;

  Gauge(String label, boolean solid, double step, double most) {
    this.label = label;
    this.solid = solid;
    this.step = step;
    this.most = most;
  }

  public String label() {
    return label;
  }

  public boolean solid() {
    return solid;
  }

  /** The amount rounded to what can be read off, never above the limit. */
  double rounded(double amount, double limit) {
    double steps = Math.rint(amount / step);
    if (steps * step > limit * (1 + 1e-9)) {
      steps = Math.floor(limit / step + 1e-9);
    }
    return steps * step;
  }

  /** The least that can be measured with an error of a tenth. */
  double least() {
    return 5 * step;
  }

  /** How many fills an amount takes. */
  public int goes(double amount) {
    return (int) Math.max(1, Math.ceil(amount / most - 1e-9));
  }

  /**
   * Those of a kind that come nearest to an amount without passing the limit, the best first; what
   * takes more than {@value #MOST_GOES} fills is none.
   */
  static List<Gauge> nearest(List<Gauge> owned, boolean solid, double amount, double limit) {
    return owned.stream()
        .filter(gauge -> gauge.solid == solid && gauge.goes(amount) <= MOST_GOES)
        .sorted(
            Comparator.comparingDouble((Gauge g) -> g.roughness(amount, limit))
                .thenComparing(g -> g.goes(amount))
                .thenComparing(Comparator.comparingDouble(g -> g.most)))
        .toList();
  }

  /** The share by which rounding is off, to the nearest percent: less than that decides nothing. */
  private double roughness(double amount, double limit) {
    return Math.rint(100 * Math.abs(rounded(amount, limit) - amount) / amount);
  }
}
