package org.mildlantern.core.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * The light of a day outdoors in steps of ten minutes: what comes straight from the sun and what
 * comes from the sky.
 *
 * @param overcast how far the sky is that of a covered day, 0 to 1
 */
public record Daylight(Sun sun, List<Step> steps, double overcast) {
  /** W/m² (Gueymard 2004). */
  static final double SOLAR_CONSTANT = 1361;

  /**
   * µmol of photons that plants use in each joule of daylight: 0.45 of it at 4.57 (McCree 1972).
   */
  public static final double MICROMOL_A_JOULE = 0.45 * 4.57;

  private static final double STEP_HOURS = 1 / 6.0;

  /** Below this height the sun gives next to nothing and the formulas fail. */
  private static final double LOWEST = 2;

  /**
   * Ten minutes.
   *
   * @param at solar time of their middle, in hours
   * @param beam straight from the sun onto a plane that faces it, W/m²
   * @param sky onto a level plane from the whole sky, W/m²
   */
  record Step(double at, Sun.Position sun, double beam, double sky) {
    double level() {
      return beam * Math.sin(Math.toRadians(Math.max(0, sun.up()))) + sky;
    }
  }

  /** The mean day of its season. */
  public static Daylight mean(double latitude, LocalDate day) {
    return of(latitude, day, Clearness.of(latitude, day));
  }

  /** A day without a cloud. */
  public static Daylight clear(double latitude, LocalDate day) {
    return of(latitude, day, Clearness.CLEAR);
  }

  /**
   * A day of a clearness: the sky's share by Erbs, Klein & Duffie (1982), spread over the day by
   * Collares-Pereira & Rabl (1979), and the sky light about the sun counted with the sun (Hay
   * 1979).
   */
  static Daylight of(double latitude, LocalDate day, double clearness) {
    Sun sun = Sun.of(latitude, day);
    double ws = sun.sunset();
    List<Step> steps = new ArrayList<>();
    if (ws > 0) {
      double whole = clearness * sun.aboveTheAir() * 1e6;
      double sky = whole * skyShare(ws, clearness);
      double a = 0.409 + 0.5016 * Math.sin(ws - Math.PI / 3);
      double b = 0.6609 - 0.4767 * Math.sin(ws - Math.PI / 3);
      for (double at = STEP_HOURS / 2; at < 24; at += STEP_HOURS) {
        double w = Sun.hourAngle(at);
        if (Math.abs(w) < ws) {
          double spread = spread(w, ws);
          steps.add(
              step(at, sun, whole * spread * (a + b * Math.cos(w)) / 3600, sky * spread / 3600));
        }
      }
    }
    return new Daylight(
        sun, List.copyOf(steps), Math.max(0, Math.min(1, (0.65 - clearness) / 0.4)));
  }

  private static Step step(double at, Sun sun, double level, double sky) {
    Sun.Position there = sun.at(at);
    double rise = Math.sin(Math.toRadians(Math.max(LOWEST, there.up())));
    double above = SOLAR_CONSTANT * sun.distance();
    double beam = Math.max(0, Math.min(level - sky, above * rise)) / rise;
    double aboutTheSun = sky * Math.min(1, beam / above);
    return new Step(at, there, beam + aboutTheSun / rise, sky - aboutTheSun);
  }

  /** Share of a day's sky light in each hour (Liu & Jordan 1960). */
  private static double spread(double w, double ws) {
    return Math.PI / 24 * (Math.cos(w) - Math.cos(ws)) / (Math.sin(ws) - ws * Math.cos(ws));
  }

  /** How much of a day's light comes from the sky (Erbs, Klein & Duffie 1982, monthly means). */
  private static double skyShare(double ws, double k) {
    double within = Math.max(0.3, Math.min(0.8, k));
    return ws <= Math.toRadians(81.4)
        ? 1.391 + within * (-3.560 + within * (4.189 - 2.137 * within))
        : 1.311 + within * (-3.022 + within * (3.427 - 1.821 * within));
  }

  /** Photons on a level square metre in the open, mol a day. */
  public double dli() {
    return steps.stream().mapToDouble(Step::level).sum() * molOfWatts();
  }

  /** mol in a step for each W/m². */
  static double molOfWatts() {
    return STEP_HOURS * 3600 * MICROMOL_A_JOULE / 1e6;
  }

  static double stepHours() {
    return STEP_HOURS;
  }
}
