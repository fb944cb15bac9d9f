package org.mildlantern.core.diagnosis;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/**
 * A function of a set of up to three causes, written as a sum over its subsets (Möbius inversion):
 * base + one term a cause + one a pair + one a triple.
 *
 * <p>It takes only sums of products of the members' chances not to show an observation, so terms
 * are zero but among the few causes that can show it. Its mean over any distribution of sets needs
 * only the chances of single causes, pairs and triples.
 */
final class Interactions {
  final double base;

  /** Positions of the causes that matter, ascending. */
  final int[] members;

  final double[] single;
  final double[][] pair;
  final double[][][] triple;

  /**
   * @param members positions of the causes that matter, ascending
   * @param factors of the terms whose sum the function takes
   * @param no for each member and term, what the member multiplies the term by
   * @param additive whether pairs and triples add nothing beyond their members
   */
  Interactions(
      int[] members,
      double[] factors,
      double[][] no,
      DoubleUnaryOperator function,
      boolean additive) {
    this.members = members;
    int m = members.length;
    double[] one = new double[factors.length];
    base = function.applyAsDouble(Arrays.stream(factors).sum());
    single = new double[m];
    for (int i = 0; i < m; i++) {
      times(factors, no[i], one);
      single[i] = function.applyAsDouble(sum(one)) - base;
    }
    pair = additive ? null : new double[m][m];
    triple = additive ? null : new double[m][m][m];
    if (additive) {
      return;
    }
    double[] two = new double[factors.length];
    for (int i = 0; i < m; i++) {
      times(factors, no[i], one);
      for (int j = i + 1; j < m; j++) {
        times(one, no[j], two);
        pair[i][j] = function.applyAsDouble(sum(two)) - base - single[i] - single[j];
      }
    }
    for (int i = 0; i < m; i++) {
      times(factors, no[i], one);
      for (int j = i + 1; j < m; j++) {
        times(one, no[j], two);
        for (int k = j + 1; k < m; k++) {
          triple[i][j][k] =
              function.applyAsDouble(product(two, no[k]))
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

  private static void times(double[] terms, double[] no, double[] into) {
    for (int t = 0; t < terms.length; t++) {
      into[t] = terms[t] * no[t];
    }
  }

  private static double product(double[] terms, double[] no) {
    double sum = 0;
    for (int t = 0; t < terms.length; t++) {
      sum += terms[t] * no[t];
    }
    return sum;
  }

  private static double sum(double[] terms) {
    double sum = 0;
    for (double term : terms) {
      sum += term;
    }
    return sum;
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
