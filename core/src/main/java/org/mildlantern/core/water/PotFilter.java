package org.mildlantern.core.water;

import java.util.Arrays;

/**
 * What is known of a pot: how much of its available water is left, and how fast it draws, learned
 * together from whatever was noted.
 *
 * <p>A point-mass filter (Bucy & Senne 1971) on a grid of {@value #FACTORS} factors by {@value
 * #LEVELS} levels: every joint value carries its probability, time moves it along the exact
 * solution of {@link Drying}, and a reading multiplies it by its likelihood. The factor wanders
 * slowly, as plants grow and seasons turn, and each day's draw scatters about the model.
 *
 * <p>It changes in place; {@link #copy} gives another to go on with.
 */
public final class PotFilter {
  static final int FACTORS = 45;
  static final int LEVELS = 81;

  /** Slowest and fastest factors that are thought of, in shares a day at a demand of 1. */
  private static final double SLOWEST = 0.008;

  private static final double FASTEST = 1.2;
  private static final double STEP = Math.log(FASTEST / SLOWEST) / (FACTORS - 1);

  /** How the logarithm of a first guess of the factor may be off. */
  private static final double GUESS_ERROR = 0.55;

  /** How the logarithm of the factor wanders in a day. */
  static final double WANDER = 0.014;

  /** How a day's draw scatters about the model, as a share of it. */
  static final double SCATTER = 0.15;

  /**
   * Mass below this is dropped: it moves nothing, and numbers near zero are slow to reckon with.
   */
  private static final double NEGLIGIBLE = 1e-14;

  private final double[] factors = new double[FACTORS];
  private double[][] mass = new double[FACTORS][LEVELS];

  /**
   * A pot of which nothing was noted: any level, and a first guess of its factor.
   *
   * @param guess the factor, in shares of the available water a day at a demand of 1
   */
  public PotFilter(double guess) {
    for (int f = 0; f < FACTORS; f++) {
      factors[f] = SLOWEST * Math.exp(STEP * f);
      double z = Math.log(factors[f] / guess) / GUESS_ERROR;
      Arrays.fill(mass[f], Math.exp(-0.5 * z * z));
    }
    normalise();
  }

  private PotFilter(PotFilter other) {
    System.arraycopy(other.factors, 0, factors, 0, FACTORS);
    for (int f = 0; f < FACTORS; f++) {
      mass[f] = other.mass[f].clone();
    }
  }

  public PotFilter copy() {
    return new PotFilter(this);
  }

  static double level(int index) {
    return (double) index / (LEVELS - 1);
  }

  double factor(int index) {
    return factors[index];
  }

  double mass(int factor, int level) {
    return mass[factor][level];
  }

  /**
   * Lets time pass.
   *
   * @param demand added up over the days
   * @param days that pass, above 0
   */
  public PotFilter dry(double demand, double days) {
    wander(WANDER * WANDER * days);
    double spread = SCATTER * demand / Math.sqrt(Math.max(1, days)) * Math.sqrt(3);
    double[][] after = new double[FACTORS][LEVELS];
    for (int f = 0; f < FACTORS; f++) {
      draw(f, demand, 2.0 / 3, after[f]);
      draw(f, demand + spread, 1.0 / 6, after[f]);
      draw(f, Math.max(0, demand - spread), 1.0 / 6, after[f]);
    }
    mass = after;
    return this;
  }

  /** Moves a share of the mass of a factor along {@link Drying}, with one exponential for all. */
  private void draw(int f, double demand, double share, double[] after) {
    double straight = factors[f] * demand;
    double shrink = Math.exp(-straight / Drying.SLOWS);
    for (int l = 0; l < LEVELS; l++) {
      double here = mass[f][l] * share;
      if (here < NEGLIGIBLE) {
        continue;
      }
      double x = level(l);
      if (x - straight >= Drying.SLOWS) {
        put(after, x - straight, here);
      } else if (x <= Drying.SLOWS) {
        put(after, x * shrink, here);
      } else {
        put(after, CROSSING[l] * shrink, here);
      }
    }
  }

  /** For each level, what would be left of it at the bend if it had dried exponentially so far. */
  private static final double[] CROSSING = new double[LEVELS];

  static {
    for (int l = 0; l < LEVELS; l++) {
      CROSSING[l] = Drying.SLOWS * Math.exp((level(l) - Drying.SLOWS) / Drying.SLOWS);
    }
  }

  /** Lets the factor wander by a variance of its logarithm. */
  PotFilter wander(double variance) {
    int passes = (int) Math.max(1, Math.ceil(variance / (2 * STEP * STEP) / 0.2));
    double share = variance / passes / (2 * STEP * STEP);
    for (int pass = 0; pass < passes; pass++) {
      double[][] after = new double[FACTORS][LEVELS];
      for (int f = 0; f < FACTORS; f++) {
        int down = Math.max(0, f - 1);
        int up = Math.min(FACTORS - 1, f + 1);
        for (int l = 0; l < LEVELS; l++) {
          double here = mass[f][l];
          if (here < NEGLIGIBLE) {
            continue;
          }
          after[f][l] += here * (1 - 2 * share);
          after[down][l] += here * share;
          after[up][l] += here * share;
        }
      }
      mass = after;
    }
    return this;
  }

  /** Shares mass between the two levels about a value, so that none is lost and the mean stays. */
  private static void put(double[] levels, double value, double amount) {
    double at = value * (LEVELS - 1);
    int low = Math.max(0, Math.min(LEVELS - 2, (int) at));
    double up = Math.max(0, Math.min(1, at - low));
    levels[low] += amount * (1 - up);
    levels[low + 1] += amount * up;
  }

  /** Takes a reading in. */
  public PotFilter see(Reading reading) {
    for (int l = 0; l < LEVELS; l++) {
      double likelihood = reading.likelihood(level(l));
      for (int f = 0; f < FACTORS; f++) {
        mass[f][l] *= likelihood;
      }
    }
    normalise();
    return this;
  }

  /**
   * A watering until it ran off at the bottom: nearly full, though very dry medium may not take all
   * of it at once.
   */
  public PotFilter soak() {
    return refill(new double[] {0.01, 0.05, 0.12}, new double[] {0.6, 0.3, 0.1});
  }

  /** A watering of which nothing else is known: mostly full, sometimes half. */
  public PotFilter water() {
    return refill(new double[] {0.03, 0.12, 0.5}, new double[] {0.6, 0.28, 0.12});
  }

  /** What is missing shrinks to one of some shares, each with its chance. */
  private PotFilter refill(double[] missing, double[] chances) {
    double[][] after = new double[FACTORS][LEVELS];
    for (int f = 0; f < FACTORS; f++) {
      for (int l = 0; l < LEVELS; l++) {
        double here = mass[f][l];
        for (int k = 0; here > NEGLIGIBLE && k < missing.length; k++) {
          put(after[f], 1 - (1 - level(l)) * missing[k], here * chances[k]);
        }
      }
    }
    mass = after;
    return this;
  }

  /**
   * A watering of a known amount of which nothing ran off.
   *
   * @param share the amount as a share of the available water
   */
  public PotFilter add(double share) {
    double[][] after = new double[FACTORS][LEVELS];
    for (int f = 0; f < FACTORS; f++) {
      for (int l = 0; l < LEVELS; l++) {
        put(after[f], Math.min(1, level(l) + 0.9 * share), mass[f][l] / 3);
        put(after[f], Math.min(1, level(l) + share), mass[f][l] / 3);
        put(after[f], Math.min(1, level(l) + 0.75 * share), mass[f][l] / 3);
      }
    }
    mass = after;
    return this;
  }

  /** The pot was changed: any level, and the factor is off by more than before. */
  public PotFilter repot() {
    wander(0.3 * 0.3);
    for (int f = 0; f < FACTORS; f++) {
      double of = Arrays.stream(mass[f]).sum();
      for (int l = 0; l < LEVELS; l++) {
        mass[f][l] = of * (0.2 + level(l)) / LEVELS;
      }
    }
    normalise();
    return this;
  }

  private void normalise() {
    double sum = 0;
    for (double[] levels : mass) {
      for (double m : levels) {
        sum += m;
      }
    }
    for (double[] levels : mass) {
      for (int l = 0; l < LEVELS; l++) {
        levels[l] /= sum;
      }
    }
  }

  /** The expected share of available water left. */
  public double mean() {
    double sum = 0;
    for (double[] levels : mass) {
      for (int l = 0; l < LEVELS; l++) {
        sum += levels[l] * level(l);
      }
    }
    return sum;
  }

  /** The chance that no more than a share is left. */
  public double below(double share) {
    double sum = 0;
    for (double[] levels : mass) {
      for (int l = 0; l < LEVELS; l++) {
        sum += level(l) <= share ? levels[l] : 0;
      }
    }
    return sum;
  }

  /** The mean of the factor's logarithm, as a factor. */
  public double pace() {
    return Math.exp(logMoment(1));
  }

  /** The spread of the factor's logarithm. */
  public double paceError() {
    double mean = logMoment(1);
    return Math.sqrt(Math.max(0, logMoment(2) - mean * mean));
  }

  private double logMoment(int power) {
    double sum = 0;
    for (int f = 0; f < FACTORS; f++) {
      sum += Arrays.stream(mass[f]).sum() * Math.pow(Math.log(factors[f]), power);
    }
    return sum;
  }
}
