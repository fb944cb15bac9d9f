package org.mildlantern.core.reliability;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;

/**
 * Whether a stated chance comes true as often as it says, on cases drawn from the knowledge.
 *
 * <p>The expected calibration error is the mean distance between the stated and the true share over
 * ten equal bins, each bin weighted by its number of statements (Naeini et al. 2015). Only
 * statements of one in a hundred or more count, or the many certain "no" would hide the rest.
 */
public record Calibration(int cases, List<Bin> bins, double error) {
  private static final int BINS = 10;
  private static final double LEAST = 0.01;
  private static final int CHECKS = 4;
  private static final int NODES_EACH = 4;

  /** Statements between two chances, their mean and how many came true. */
  public record Bin(double from, double to, int statements, double stated, double cameTrue) {}

  public static Calibration of(Knowledge knowledge, int cases, RandomGenerator random) {
    Sampler sampler = new Sampler(knowledge, random);
    Diagnostician diagnostician = new Diagnostician(knowledge);
    int[] count = new int[BINS];
    double[] stated = new double[BINS];
    int[] cameTrue = new int[BINS];
    for (int n = 0; n < cases; n++) {
      Sampler.Drawn drawn = sampler.draw();
      var question = drawn.bare().with(sampler.looks(drawn, CHECKS, NODES_EACH));
      for (Map.Entry<Cause, Double> entry :
          diagnostician.posterior(question).probabilities().entrySet()) {
        double p = entry.getValue();
        if (p >= LEAST) {
          int bin = Math.min(BINS - 1, (int) (p * BINS));
          count[bin]++;
          stated[bin] += p;
          cameTrue[bin] += drawn.causes().contains(entry.getKey().id()) ? 1 : 0;
        }
      }
    }
    int all = 0;
    for (int c : count) {
      all += c;
    }
    List<Bin> bins = new ArrayList<>();
    double error = 0;
    for (int b = 0; b < BINS; b++) {
      double mean = count[b] == 0 ? 0 : stated[b] / count[b];
      double share = count[b] == 0 ? 0 : cameTrue[b] / (double) count[b];
      bins.add(new Bin(b / (double) BINS, (b + 1) / (double) BINS, count[b], mean, share));
      error += Math.abs(mean - share) * count[b] / all;
    }
    return new Calibration(cases, List.copyOf(bins), error);
  }
}
