package org.mildlantern.core.diagnosis;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * The arithmetic: independent causes, noisy-OR over observations, summed over every set of up to
 * three causes.
 *
 * <p>A cause that predicts none of the observations leaves every likelihood as it is, so sets are
 * enumerated over the other, relevant, causes only, and the rest enter through the elementary
 * symmetric sums of their odds. The result is the same as that of plain enumeration.
 *
 * <p>Example: one cause with prior odds 1 to 9 and a sign that it shows with probability 0.9 while
 * the leak is 0.1. Seen, the odds become 1/9 × 0.91/0.1, so the probability is 0.503.
 */
final class Network {
  static final int MOST_TOGETHER = 3;

  /** A set with less than this cannot be seen in a weight; the sum is closed exactly anyway. */
  private static final double NEGLIGIBLE = 1e-10;

  private final double[] odds;
  private final double[][] no;
  private final double[] leakNo;
  private final boolean[] present;
  private final int[] relevant;
  private final int[] rest;
  private final int[][] sets;
  private final double[] logPrior;
  private final double[] logLikelihood;
  private final double[] logLikelihoodSum;
  private final double[] restSums;
  private final Tempered posterior;

  /**
   * @param odds prior odds of each cause, above zero
   * @param no for each observation and cause, the probability that the cause does not show it
   * @param leakNo for each observation, the probability that it is absent without any cause
   * @param present for each observation, whether it was seen
   */
  Network(double[] odds, double[][] no, double[] leakNo, boolean[] present) {
    this.odds = odds;
    this.no = no;
    this.leakNo = leakNo;
    this.present = present;
    this.relevant = IntStream.range(0, odds.length).filter(this::predictsAny).toArray();
    this.rest = IntStream.range(0, odds.length).filter(i -> !predictsAny(i)).toArray();
    this.sets = setsOf(relevant);
    int observations = no.length;
    this.logPrior = new double[sets.length];
    this.logLikelihood = new double[sets.length * observations];
    this.logLikelihoodSum = new double[sets.length];
    double[] logOdds = logs(odds);
    double[] logLeakNo = logs(leakNo);
    double[][] logNo = Arrays.stream(no).map(Network::logs).toArray(double[][]::new);
    for (int s = 0; s < sets.length; s++) {
      for (int cause : sets[s]) {
        logPrior[s] += logOdds[cause];
      }
      for (int f = 0; f < observations; f++) {
        double log =
            present[f] ? Math.log(likelihood(sets[s], f)) : logAbsent(sets[s], f, logNo, logLeakNo);
        logLikelihood[s * observations + f] = log;
        logLikelihoodSum[s] += log;
      }
    }
    this.restSums = cumulative(elementary(rest, -1));
    this.posterior = new Tempered(1);
  }

  private boolean predictsAny(int cause) {
    for (double[] row : no) {
      if (row[cause] < 1) {
        return true;
      }
    }
    return false;
  }

  /** Whether the cause shows something that was seen; every cause does when nothing was. */
  boolean explainsAny(int cause) {
    boolean anySeen = false;
    for (int f = 0; f < no.length; f++) {
      if (present[f] && no[f][cause] < 0.95) {
        return true;
      }
      anySeen |= present[f];
    }
    return !anySeen;
  }

  /** All subsets with up to three members, the empty set first. */
  static int[][] setsOf(int[] of) {
    int n = of.length;
    int count = 1 + n + n * (n - 1) / 2 + n * (n - 1) * (n - 2) / 6;
    int[][] sets = new int[count][];
    int s = 0;
    sets[s++] = new int[0];
    for (int i = 0; i < n; i++) {
      sets[s++] = new int[] {of[i]};
      for (int j = i + 1; j < n; j++) {
        sets[s++] = new int[] {of[i], of[j]};
        for (int k = j + 1; k < n; k++) {
          sets[s++] = new int[] {of[i], of[j], of[k]};
        }
      }
    }
    return sets;
  }

  private static double[] logs(double[] values) {
    return Arrays.stream(values).map(Math::log).toArray();
  }

  /** The logarithm of an absence is a plain sum, which spares most logarithms. */
  private static double logAbsent(int[] set, int f, double[][] logNo, double[] logLeakNo) {
    double log = logLeakNo[f];
    for (int cause : set) {
      log += logNo[f][cause];
    }
    return log;
  }

  private double likelihood(int[] set, int f) {
    double absent = leakNo[f];
    for (int cause : set) {
      absent *= no[f][cause];
    }
    return present[f] ? 1 - absent : absent;
  }

  /** Elementary symmetric sums e0..e3 of the odds of the causes, leaving one out. */
  private double[] elementary(int[] causes, int leftOut) {
    double[] e = {1, 0, 0, 0};
    for (int cause : causes) {
      if (cause != leftOut) {
        for (int m = MOST_TOGETHER; m > 0; m--) {
          e[m] += e[m - 1] * odds[cause];
        }
      }
    }
    return e;
  }

  private static double[] cumulative(double[] e) {
    double[] sums = e.clone();
    for (int m = 1; m < sums.length; m++) {
      sums[m] += sums[m - 1];
    }
    return sums;
  }

  int observations() {
    return no.length;
  }

  int causes() {
    return odds.length;
  }

  /** Marginal probability of each cause given all observations. */
  double[] marginals() {
    return posterior.marginals();
  }

  /**
   * The most probable single set of causes. Once something was seen it holds at least one cause, if
   * any cause is relevant: the question is then which, not whether.
   */
  int[] bestSet() {
    boolean anySeen = false;
    for (boolean seen : present) {
      anySeen |= seen;
    }
    int best = anySeen && sets.length > 1 ? 1 : 0;
    for (int s = best + 1; s < sets.length; s++) {
      if (logPrior[s] + logLikelihoodSum[s] > logPrior[best] + logLikelihoodSum[best]) {
        best = s;
      }
    }
    return sets[best];
  }

  /** Probability of the observation as it was seen, under exactly this set of causes. */
  double likelihoodUnder(int[] set, int observation) {
    return likelihood(set, observation);
  }

  /**
   * For a seen observation, the posterior probability that some cause and not the leak shows it.
   */
  double explainedShare(int observation) {
    double share = 0;
    for (int s = 0; s < sets.length; s++) {
      double seen = likelihood(sets[s], observation);
      share += posterior.probability(s) * (1 - (1 - leakNo[observation]) / seen);
    }
    return share;
  }

  /**
   * What each observation adds to the log-odds of each cause, in nats: {@code
   * [cause][observation]}.
   *
   * <p>In a network with rival causes the weight of a finding depends on the others, so it is
   * averaged along the straight path from no evidence to all of it (the Aumann–Shapley value,
   * 1974): the integral over t of the mean log-likelihood with the cause minus that without it,
   * every likelihood raised to t. For a lone cause this is Good's weight of evidence. The sum over
   * observations is exactly the change of the log-odds, and no order is preferred.
   */
  double[][] weights() {
    double[][] weights = new double[odds.length][no.length];
    for (int n = 0; n < GaussLegendre.NODES.length; n++) {
      new Tempered(GaussLegendre.NODES[n]).addGradient(weights, GaussLegendre.WEIGHTS[n]);
    }
    double[] before = new Tempered(0).marginals();
    double[] after = marginals();
    for (int i = 0; i < odds.length; i++) {
      closeTo(weights[i], logit(after[i]) - logit(before[i]));
    }
    return weights;
  }

  /** Marginals before any observation, under the same limit of three causes. */
  double[] priorMarginals() {
    return new Tempered(0).marginals();
  }

  /** Spreads the small remainder of the quadrature in proportion to the parts. */
  private static void closeTo(double[] parts, double total) {
    double sum = Arrays.stream(parts).sum();
    double size = Arrays.stream(parts).map(Math::abs).sum();
    if (size > 0) {
      for (int f = 0; f < parts.length; f++) {
        parts[f] += (total - sum) * Math.abs(parts[f]) / size;
      }
    }
  }

  static double logit(double p) {
    double q = Math.min(1 - 1e-15, Math.max(1e-300, p));
    return Math.log(q) - Math.log1p(-q);
  }

  /** The distribution over sets with every likelihood raised to the power t. */
  private final class Tempered {
    private final double[] raw = new double[sets.length];
    private final double[] bySize = new double[MOST_TOGETHER + 1];
    private final double total;

    Tempered(double t) {
      double top = Double.NEGATIVE_INFINITY;
      for (int s = 0; s < sets.length; s++) {
        raw[s] = logPrior[s] + t * logLikelihoodSum[s];
        top = Math.max(top, raw[s]);
      }
      for (int s = 0; s < sets.length; s++) {
        raw[s] = Math.exp(raw[s] - top);
        bySize[sets[s].length] += raw[s];
      }
      double sum = 0;
      for (int m = 0; m <= MOST_TOGETHER; m++) {
        sum += bySize[m] * restSums[MOST_TOGETHER - m];
      }
      total = sum;
    }

    /** Probability that exactly this set of relevant causes is at work, with any of the rest. */
    double probability(int s) {
      return raw[s] * restSums[MOST_TOGETHER - sets[s].length] / total;
    }

    double[] marginals() {
      double[] marginals = new double[odds.length];
      for (int s = 0; s < sets.length; s++) {
        double p = probability(s);
        for (int cause : sets[s]) {
          marginals[cause] += p;
        }
      }
      for (int cause : rest) {
        marginals[cause] = odds[cause] * withRest(cause) / total;
      }
      return marginals;
    }

    private double withRest(int cause) {
      double[] others = cumulative(elementary(rest, cause));
      double sum = 0;
      for (int m = 0; m < MOST_TOGETHER; m++) {
        sum += bySize[m] * others[MOST_TOGETHER - 1 - m];
      }
      return sum;
    }

    void addGradient(double[][] weights, double scale) {
      int observations = no.length;
      double[] mean = new double[observations];
      double[][] within = new double[odds.length][observations];
      double[][] sizeSums = new double[MOST_TOGETHER + 1][observations];
      for (int s = 0; s < sets.length; s++) {
        double p = probability(s);
        if (p < NEGLIGIBLE) {
          continue;
        }
        int at = s * observations;
        double[] sizeSum = sizeSums[sets[s].length];
        for (int f = 0; f < observations; f++) {
          sizeSum[f] += raw[s] * logLikelihood[at + f];
        }
        for (int cause : sets[s]) {
          double[] row = within[cause];
          for (int f = 0; f < observations; f++) {
            row[f] += p * logLikelihood[at + f];
          }
        }
      }
      for (int m = 0; m <= MOST_TOGETHER; m++) {
        for (int f = 0; f < observations; f++) {
          mean[f] += sizeSums[m][f] * restSums[MOST_TOGETHER - m] / total;
        }
      }
      for (int cause : rest) {
        double[] others = cumulative(elementary(rest, cause));
        for (int m = 0; m < MOST_TOGETHER; m++) {
          double factor = odds[cause] * others[MOST_TOGETHER - 1 - m] / total;
          for (int f = 0; f < observations; f++) {
            within[cause][f] += factor * sizeSums[m][f];
          }
        }
      }
      double[] marginals = marginals();
      for (int i = 0; i < odds.length; i++) {
        double p = Math.min(1 - 1e-15, Math.max(1e-300, marginals[i]));
        for (int f = 0; f < observations; f++) {
          weights[i][f] += scale * (within[i][f] / p - (mean[f] - within[i][f]) / (1 - p));
        }
      }
    }
  }

  /** Six-point Gauss–Legendre quadrature on 0 to 1 (Abramowitz & Stegun 1964, table 25.4). */
  private static final class GaussLegendre {
    private static final double[] HALF_NODES = {
      0.2386191860831969, 0.6612093864662645, 0.9324695142031521
    };
    private static final double[] HALF_WEIGHTS = {
      0.4679139345726910, 0.3607615730481386, 0.1713244923791704
    };
    static final double[] NODES = new double[6];
    static final double[] WEIGHTS = new double[6];

    static {
      for (int i = 0; i < 3; i++) {
        NODES[2 * i] = (1 - HALF_NODES[i]) / 2;
        NODES[2 * i + 1] = (1 + HALF_NODES[i]) / 2;
        WEIGHTS[2 * i] = HALF_WEIGHTS[i] / 2;
        WEIGHTS[2 * i + 1] = HALF_WEIGHTS[i] / 2;
      }
    }
  }
}
