package org.mildlantern.core.diagnosis;

/**
 * The distribution over all sets of up to three causes, given weights of causes, pairs and triples
 * that multiply. Causes that predict nothing, the rest, enter by their elementary symmetric sums.
 */
final class SetDistribution {
  private final int n;
  private final Triples triples;
  private final double[] one;
  private final double[][] two;
  private final double[] three;
  private final double[] rest;
  private final double[] bySize = new double[4];
  private final double[] twoWith;
  private final double[] marginal;
  private final double[][] together;
  private final double total;

  /**
   * @param one weight of each relevant cause
   * @param pair factor of each pair i &lt; j
   * @param triple factor of each triple, in the order of {@link Triples}
   * @param rest sums over the sets of at most m of the other causes, m from 0 to 3
   */
  SetDistribution(double[] one, double[][] pair, double[] triple, Triples triples, double[] rest) {
    this.n = one.length;
    this.triples = triples;
    this.one = one;
    this.rest = rest;
    this.two = new double[n][n];
    this.three = new double[triples.count()];
    this.twoWith = new double[n];
    double[] threeWith = new double[n];
    this.together = new double[n][n];
    bySize[0] = 1;
    int t = 0;
    for (int i = 0; i < n; i++) {
      bySize[1] += one[i];
      for (int j = i + 1; j < n; j++) {
        double ij = one[i] * one[j] * pair[i][j];
        two[i][j] = ij;
        bySize[2] += ij;
        twoWith[i] += ij;
        twoWith[j] += ij;
        double sum = 0;
        for (int k = j + 1; k < n; k++, t++) {
          double ijk = ij * one[k] * pair[i][k] * pair[j][k] * triple[t];
          three[t] = ijk;
          sum += ijk;
          together[i][k] += ijk;
          together[j][k] += ijk;
          threeWith[k] += ijk;
        }
        together[i][j] += sum;
        threeWith[i] += sum;
        threeWith[j] += sum;
        bySize[3] += sum;
      }
    }
    double all = 0;
    for (int m = 0; m <= 3; m++) {
      all += bySize[m] * rest[3 - m];
    }
    total = all;
    marginal = new double[n];
    for (int i = 0; i < n; i++) {
      marginal[i] = (one[i] * rest[2] + twoWith[i] * rest[1] + threeWith[i] * rest[0]) / total;
      for (int j = i + 1; j < n; j++) {
        together[i][j] = (two[i][j] * rest[1] + together[i][j] * rest[0]) / total;
      }
    }
  }

  double total() {
    return total;
  }

  /** Probability of the cause. */
  double of(int i) {
    return marginal[i];
  }

  /** Probability of both causes, of one when they are the same. */
  double of(int i, int j) {
    return i == j ? marginal[i] : i < j ? together[i][j] : together[j][i];
  }

  /** Probability of all three causes, some of which may be the same. */
  double of(int i, int j, int k) {
    if (i == j || j == k) {
      return of(i, k);
    }
    return i == k ? of(i, j) : three[triples.index(i, j, k)] * rest[0] / total;
  }

  /** Raw weight of the sets with exactly this many relevant causes. */
  double raw(int size) {
    return bySize[size];
  }

  /** Raw weight of the sets with exactly this many relevant causes, zero to two, and this one. */
  double raw(int size, int cause) {
    return size == 0 ? 0 : size == 1 ? one[cause] : twoWith[cause];
  }

  double rawPair(int i, int j) {
    return i < j ? two[i][j] : two[j][i];
  }

  /** The triples of n things in their order, and the place of each. */
  static final class Triples {
    private final int[] first;
    private final int[] second;
    private final int count;

    Triples(int n) {
      first = new int[n];
      second = new int[n];
      for (int i = 0; i < n; i++) {
        first[i] = threeOf(n) - threeOf(n - i) + twoOf(n - i - 1);
        second[i] = twoOf(n - i);
      }
      count = threeOf(n);
    }

    private static int twoOf(int n) {
      return n * (n - 1) / 2;
    }

    private static int threeOf(int n) {
      return n * (n - 1) * (n - 2) / 6;
    }

    int count() {
      return count;
    }

    int index(int a, int b, int c) {
      int low = Math.min(a, Math.min(b, c));
      int high = Math.max(a, Math.max(b, c));
      int middle = a + b + c - low - high;
      return first[low] - second[middle] + high - middle - 1;
    }
  }
}
