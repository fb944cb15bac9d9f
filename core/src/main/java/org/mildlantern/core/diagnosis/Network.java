package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The arithmetic: independent causes, noisy-OR over observations, summed over every set of up to
 * three causes.
 *
 * <p>A cause that predicts none of the observations leaves every likelihood as it is, so sets are
 * enumerated over the other, relevant, causes only, and the rest enter through the elementary
 * symmetric sums of their odds. The logarithm of a set's likelihood is written as a sum over its
 * members, pairs and triples ({@link Interactions}), so that its weight is a product of few
 * factors. The result is the same as that of plain enumeration.
 *
 * <p>Example: one cause with prior odds 1 to 9 and a sign that it shows with probability 0.9 while
 * the leak is 0.1. Seen, the odds become 1/9 × 0.91/0.1, so the probability is 0.503.
 */
final class Network {
  static final int MOST_TOGETHER = 3;

  private final double[] odds;
  private final double[] priors;
  private final List<Likelihood> seen;
  private final boolean[] present;
  private final int[] relevant;
  private final int[] rest;
  private final double[] restSums;
  private final Interactions[] logLikelihood;
  private final SetDistribution.Triples triples;
  private final double[] ones;
  private final double[][] pairs;
  private final double[] threes;
  private final SetDistribution posterior;

  /**
   * @param odds prior odds of each cause, above zero
   * @param seen each observation
   * @param present for each observation, whether something was there
   */
  Network(double[] odds, List<Likelihood> seen, boolean[] present) {
    this.odds = odds;
    this.priors = Arrays.stream(odds).map(o -> o / (1 + o)).toArray();
    this.seen = seen;
    this.present = present;
    this.relevant = IntStream.range(0, odds.length).filter(this::predictsAny).toArray();
    this.rest = IntStream.range(0, odds.length).filter(i -> !predictsAny(i)).toArray();
    this.restSums = cumulative(elementary(rest, -1));
    this.logLikelihood = new Interactions[seen.size()];
    int n = relevant.length;
    this.triples = new SetDistribution.Triples(n);
    this.ones = new double[n];
    this.pairs = new double[n][n];
    this.threes = new double[triples.count()];
    for (int f = 0; f < logLikelihood.length; f++) {
      logLikelihood[f] = seen.get(f).log(relevant);
      add(logLikelihood[f]);
    }
    this.posterior = tempered(1);
  }

  private void add(Interactions terms) {
    int[] at = terms.members;
    for (int i = 0; i < at.length; i++) {
      ones[at[i]] += terms.single[i];
      for (int j = i + 1; terms.pair != null && j < at.length; j++) {
        pairs[at[i]][at[j]] += terms.pair[i][j];
        for (int k = j + 1; k < at.length; k++) {
          threes[triples.index(at[i], at[j], at[k])] += terms.triple[i][j][k];
        }
      }
    }
  }

  /** The distribution over sets with every likelihood raised to the power t. */
  private SetDistribution tempered(double t) {
    int n = relevant.length;
    double[] one = new double[n];
    double[][] pair = new double[n][n];
    for (int i = 0; i < n; i++) {
      one[i] = odds[relevant[i]] * Math.exp(t * ones[i]);
      for (int j = i + 1; j < n; j++) {
        pair[i][j] = factor(t * pairs[i][j]);
      }
    }
    double[] triple = new double[threes.length];
    for (int s = 0; s < triple.length; s++) {
      triple[s] = factor(t * threes[s]);
    }
    return new SetDistribution(one, pair, triple, triples, restSums);
  }

  /** Most interactions are none, which spares most exponentials. */
  private static double factor(double log) {
    return log == 0 ? 1 : Math.exp(log);
  }

  private boolean predictsAny(int cause) {
    return seen.stream().anyMatch(likelihood -> likelihood.tells(cause));
  }

  /** Whether the cause shows something that was seen; every cause does when nothing was. */
  boolean explainsAny(int cause) {
    boolean anySeen = false;
    for (int f = 0; f < present.length; f++) {
      if (present[f] && seen.get(f).least(cause) < 0.95) {
        return true;
      }
      anySeen |= present[f];
    }
    return !anySeen;
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
    return present.length;
  }

  /** Marginal probability of each cause given all observations. */
  double[] marginals() {
    return marginals(posterior);
  }

  /** Marginals before any observation, under the same limit of three causes. */
  double[] priorMarginals() {
    return marginals(tempered(0));
  }

  private double[] marginals(SetDistribution sets) {
    double[] marginals = new double[odds.length];
    for (int i = 0; i < relevant.length; i++) {
      marginals[relevant[i]] = sets.of(i);
    }
    for (int cause : rest) {
      double[] others = cumulative(elementary(rest, cause));
      double sum = 0;
      for (int m = 0; m < MOST_TOGETHER; m++) {
        sum += sets.raw(m) * others[MOST_TOGETHER - 1 - m];
      }
      marginals[cause] = odds[cause] * sum / sets.total();
    }
    return marginals;
  }

  /**
   * The most probable single set of causes. Once something was seen it holds at least one cause, if
   * any cause is relevant: the question is then which, not whether.
   */
  int[] bestSet() {
    int n = relevant.length;
    boolean anySeen = false;
    for (boolean seen : present) {
      anySeen |= seen;
    }
    int[] best = {};
    double most = anySeen && n > 0 ? Double.NEGATIVE_INFINITY : 0;
    double[] log = new double[n];
    for (int i = 0; i < n; i++) {
      log[i] = Math.log(odds[relevant[i]]) + ones[i];
    }
    int t = 0;
    for (int i = 0; i < n; i++) {
      if (log[i] > most) {
        most = log[i];
        best = new int[] {i};
      }
      for (int j = i + 1; j < n; j++) {
        double ij = log[i] + log[j] + pairs[i][j];
        if (ij > most) {
          most = ij;
          best = new int[] {i, j};
        }
        for (int k = j + 1; k < n; k++, t++) {
          double ijk = ij + log[k] + pairs[i][k] + pairs[j][k] + threes[t];
          if (ijk > most) {
            most = ijk;
            best = new int[] {i, j, k};
          }
        }
      }
    }
    return Arrays.stream(best).map(i -> relevant[i]).toArray();
  }

  /** Probability of the observation as it was seen, under exactly this set of causes. */
  double likelihoodUnder(int[] set, int observation) {
    return seen.get(observation).under(set);
  }

  /** Probability of the observation as it was seen on any such plant, before all the others. */
  double likelihoodInGeneral(int observation) {
    return seen.get(observation).inGeneral(priors);
  }

  /**
   * For a seen observation, the posterior probability that some cause and not the leak shows it.
   */
  double explainedShare(int observation) {
    Likelihood likelihood = seen.get(observation);
    double unasked = likelihood.under();
    return likelihood
        .interactions(relevant, under -> Math.max(0, 1 - unasked / under))
        .mean(posterior);
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
    double[][] weights = new double[odds.length][present.length];
    for (int n = 0; n < GaussLegendre.NODES.length; n++) {
      addGradient(tempered(GaussLegendre.NODES[n]), weights, GaussLegendre.WEIGHTS[n]);
    }
    double[] before = priorMarginals();
    double[] after = marginals();
    for (int i = 0; i < odds.length; i++) {
      closeTo(weights[i], logit(after[i]) - logit(before[i]));
    }
    return weights;
  }

  private void addGradient(SetDistribution sets, double[][] weights, double scale) {
    double[] marginals = marginals(sets);
    List<double[]> othersOfRest = new ArrayList<>();
    for (int cause : rest) {
      othersOfRest.add(cumulative(elementary(rest, cause)));
    }
    for (int f = 0; f < present.length; f++) {
      Interactions terms = logLikelihood[f];
      double mean = terms.mean(sets);
      for (int i = 0; i < relevant.length; i++) {
        int cause = relevant[i];
        weights[cause][f] += scale * tilt(terms.meanWith(i, sets), mean, marginals[cause]);
      }
      double[] bySize = {terms.rawSum(0, sets), terms.rawSum(1, sets), terms.rawSum(2, sets)};
      for (int r = 0; r < rest.length; r++) {
        double[] others = othersOfRest.get(r);
        double with = 0;
        for (int m = 0; m < MOST_TOGETHER; m++) {
          with += bySize[m] * others[MOST_TOGETHER - 1 - m];
        }
        with *= odds[rest[r]] / sets.total();
        weights[rest[r]][f] += scale * tilt(with, mean, marginals[rest[r]]);
      }
    }
  }

  /** Mean with the cause less mean without it. */
  private static double tilt(double with, double mean, double probability) {
    double p = Math.min(1 - 1e-15, Math.max(1e-300, probability));
    return with / p - (mean - with) / (1 - p);
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
