package org.mildlantern.core.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * How a plant is brought from little light to much: by steps of half as much again, each for some
 * days, so that new leaves and the wax of old ones keep pace. Rule of thumb.
 *
 * <p>Example: from 2 to 9 mol a day takes four steps: a third of the new light at first, then half,
 * three quarters, all of it.
 */
public final class Hardening {
  /** Less than this needs no steps. */
  private static final double BORNE = 1.6;

  private static final double STEP = 1.5;
  private static final int MOST_STEPS = 6;
  private static final int STEP_DAYS = 4;

  private Hardening() {}

  /**
   * A step.
   *
   * @param from its first day
   * @param share of the light of the new stand, 0 to 1
   */
  public record Step(LocalDate from, double share) {}

  /**
   * The steps after a move.
   *
   * @param before light of the old stand, mol/m² a day
   * @param after light of the new one
   * @param wish of the kind, or null; below its low end nothing burns
   * @param moved day of the move
   * @return none where the change is small, or where even the new stand is dim for the kind
   */
  public static List<Step> after(double before, double after, LightWish wish, LocalDate moved) {
    double least = Math.max(0.2, before);
    boolean dim = wish != null && after <= wish.low();
    if (after / least < BORNE || dim) {
      return List.of();
    }
    int steps = Math.min(MOST_STEPS, (int) Math.ceil(Math.log(after / least) / Math.log(STEP)));
    double factor = Math.pow(after / least, 1.0 / steps);
    List<Step> all = new ArrayList<>();
    for (int i = 1; i <= steps; i++) {
      all.add(
          new Step(
              moved.plusDays((long) STEP_DAYS * (i - 1)),
              Math.min(1, least * Math.pow(factor, i) / after)));
    }
    return all;
  }
}
