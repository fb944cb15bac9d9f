package org.mildlantern.core.diagnosis;

import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * A function of a set of up to three causes, written as a sum over its subsets (Möbius inversion):
 * base + one term a cause + one a pair + one a triple.
 *
 * <p>It takes only the product of the members' chances not to show an observation, so terms are
 * zero but among the few causes that can show it. Its mean over any distribution of sets needs only
 * the chances of single causes, pairs and triples.
 */
final class Interactions {
  final double base;

  /** Positions of the causes that matter, ascending. */
  final int[] members;

  final double[] single;
  final double[][] pair;
  final double[][][] triple;

  /**
   * @param no for each cause the probability that it does not show the observation
   * @param function of the product of {@code no} over the set
   * @param additive whether pairs and triples add nothing beyond their members
   */
  Interactions(double[] no, DoubleUnaryOperator function, boolean additive) {
    members = IntStream.range(0, no.length).filter(i -> no[i] < 1).toArray();
    int m = members.length;
    base = function.applyAsDouble(1);
    single = new double[m];
    for (int i = 0; i < m; i++) {
      single[i] = function.applyAsDouble(no[members[i]]) - base;
    }
    pair = additive ? null : new double[m][m];
    triple = additive ? null : new double[m][m][m];
    if (additive) {
      return;
    }
    for (int i = 0; i < m; i++) {
      for (int j = i + 1; j < m; j++) {
        double both = no[members[i]] * no[members[j]];
        pair[i][j] = function.applyAsDouble(both) - base - single[i] - single[j];
      }
    }
    for (int i = 0; i < m; i++) {
      for (int j = i + 1; j < m; j++) {
        for (int k = j + 1; k < m; k++) {
          double all = no[members[i]] * no[members[j]] * no[members[k]];
          triple[i][j][k] =
              function.applyAsDouble(all)
                  - base
                  - single[i]
                  - single[j]
                  - single[k]
                  - pair[i][j]
                  - pair[i][k]
                  - pair[j][k];
        }
      }
    }
  }

  /** Mean over a distribution of sets. */
  double mean(SetDistribution sets) {
    double sum = base;
    for (int i = 0; i < members.length; i++) {
      sum += single[i] * sets.of(members[i]);
      for (int j = i + 1; pair != null && j < members.length; j++) {
        sum += pair[i][j] * sets.of(members[i], members[j]);
        for (int k = j + 1; k < members.length; k++) {
          sum += triple[i][j][k] * sets.of(members[i], members[j], members[k]);
        }
      }
    }
    return sum;
  }

  /** Mean over the sets that hold the cause, times the probability of the cause. */
  double meanWith(int cause, SetDistribution sets) {
    double sum = base * sets.of(cause);
    for (int i = 0; i < members.length; i++) {
      sum += single[i] * sets.of(cause, members[i]);
      for (int j = i + 1; pair != null && j < members.length; j++) {
        sum += pair[i][j] * sets.of(cause, members[i], members[j]);
        boolean held = cause == members[i] || cause == members[j];
        for (int k = j + 1; k < members.length; k++) {
          if (held || cause == members[k]) {
            sum += triple[i][j][k] * sets.of(members[i], members[j], members[k]);
          }
        }
      }
    }
    return sum;
  }

  /** Sum over the sets with exactly this many relevant causes, zero to two, of their raw weight. */
  double rawSum(int size, SetDistribution sets) {
    double sum = base * sets.raw(size);
    for (int i = 0; i < members.length; i++) {
      sum += single[i] * sets.raw(size, members[i]);
      for (int j = i + 1; pair != null && size == 2 && j < members.length; j++) {
        sum += pair[i][j] * sets.rawPair(members[i], members[j]);
      }
    }
    return sum;
  }
}
