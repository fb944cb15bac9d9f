package org.mildlantern.core.water;

import java.util.stream.IntStream;

/**
 * What becomes of a pot's water when it is not watered.
 *
 * @param low share left, of which nine in ten lie above, at the end of each day; index 0 is now
 * @param middle share left, half above and half below
 * @param high share left, of which nine in ten lie below
 * @param dry the chance at the end of each day that the threshold has been passed
 */
public record Forecast(double[] low, double[] middle, double[] high, double[] dry) {
  private static final int BINS = 200;
  private static final double TAIL = 0.1;

  /** Joint values of less chance than this are left out. */
  private static final double NEGLIGIBLE = 1e-10;

  /**
   * Follows every joint value of level and factor.
   *
   * @param demand of each day to come
   * @param threshold share of available water at which it wants to be looked at
   */
  public static Forecast of(PotFilter now, double[] demand, double threshold) {
    int days = demand.length;
    PotFilter filter = now.copy().wander(unforeseen(now, demand, threshold));
    double[] low = new double[days + 1];
    double[] middle = new double[days + 1];
    double[] high = new double[days + 1];
    double[] dry = new double[days + 1];
    double[][] level = new double[PotFilter.FACTORS][];
    double[][] mass = new double[PotFilter.FACTORS][];
    for (int f = 0; f < PotFilter.FACTORS; f++) {
      int factor = f;
      int[] held =
          IntStream.range(0, PotFilter.LEVELS)
              .filter(l -> filter.mass(factor, l) > NEGLIGIBLE)
              .toArray();
      level[f] = IntStream.of(held).mapToDouble(PotFilter::level).toArray();
      mass[f] = IntStream.of(held).mapToDouble(l -> filter.mass(factor, l)).toArray();
    }
    double[] bins = new double[BINS + 1];
    for (int day = 0; day <= days; day++) {
      java.util.Arrays.fill(bins, 0);
      double below = 0;
      for (int f = 0; f < PotFilter.FACTORS; f++) {
        if (day > 0) {
          step(level[f], filter.factor(f), demand[day - 1]);
        }
        for (int l = 0; l < level[f].length; l++) {
          below += level[f][l] <= threshold ? mass[f][l] : 0;
          bins[(int) (level[f][l] * BINS + 0.5)] += mass[f][l];
        }
      }
      dry[day] = below;
      low[day] = quantile(bins, TAIL);
      middle[day] = quantile(bins, 0.5);
      high[day] = quantile(bins, 1 - TAIL);
    }
    return new Forecast(low, middle, high, dry);
  }

  /**
   * What the days to come may do to the draw until the threshold is reached, as a variance of the
   * factor's logarithm: scatter averages out over the days, wandering adds up.
   */
  private static double unforeseen(PotFilter now, double[] demand, double threshold) {
    double usual = Math.max(1e-6, java.util.Arrays.stream(demand).average().orElse(1));
    double days =
        Math.max(
            1, Math.min(demand.length, Drying.until(now.mean(), now.pace(), threshold) / usual));
    return PotFilter.SCATTER * PotFilter.SCATTER / days
        + PotFilter.WANDER * PotFilter.WANDER * days / 3;
  }

  private static void step(double[] levels, double factor, double demand) {
    double straight = factor * demand;
    double shrink = Math.exp(-straight / Drying.SLOWS);
    for (int l = 0; l < levels.length; l++) {
      double x = levels[l];
      if (x - straight >= Drying.SLOWS) {
        levels[l] = x - straight;
      } else if (x <= Drying.SLOWS) {
        levels[l] = x * shrink;
      } else {
        levels[l] = Drying.after(x, factor, demand);
      }
    }
  }

  private static double quantile(double[] bins, double share) {
    double sum = 0;
    for (int bin = 0; bin < bins.length; bin++) {
      sum += bins[bin];
      if (sum >= share - 1e-12) {
        return (double) bin / BINS;
      }
    }
    return 1;
  }

  /** Days until the chance of having passed the threshold reaches a share; -1 when it does not. */
  public int dayOf(double share) {
    for (int day = 0; day < dry.length; day++) {
      if (dry[day] >= share) {
        return day;
      }
    }
    return -1;
  }

  /** Days from now up to the last on which the chance is still under a share; 0 when it is not. */
  public int lastUnder(double share) {
    int first = dayOf(share);
    return first < 0 ? dry.length - 1 : Math.max(0, first - 1);
  }

  /** {@link #dayOf} with the part of the day, straight between day ends. */
  public double timeOf(double share) {
    int day = dayOf(share);
    if (day <= 0) {
      return day;
    }
    double step = dry[day] - dry[day - 1];
    return day - 1 + (step <= 0 ? 1 : (share - dry[day - 1]) / step);
  }
}
