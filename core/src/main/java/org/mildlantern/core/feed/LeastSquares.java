package org.mildlantern.core.feed;

/** Least squares of a few unknowns, by the normal equations. */
final class LeastSquares {
  /** Columns this much alike say the same. */
  private static final double ALIKE = 1e-9;

  private LeastSquares() {}

  /**
   * The unknowns that bring the rows nearest to what is wished, where only some are taken.
   *
   * @param taken bit by bit
   * @return null where that would need one below 0, or where two say the same
   */
  static double[] solve(double[][] rows, double[] wished, int taken) {
    int all = rows[0].length;
    int[] columns = new int[Integer.bitCount(taken)];
    for (int c = 0, k = 0; c < all; c++) {
      if ((taken >> c & 1) == 1) {
        columns[k++] = c;
      }
    }
    int n = columns.length;
    double[][] m = new double[n][n + 1];
    for (int i = 0; i < n; i++) {
      for (int r = 0; r < rows.length; r++) {
        for (int j = 0; j < n; j++) {
          m[i][j] += rows[r][columns[i]] * rows[r][columns[j]];
        }
        m[i][n] += rows[r][columns[i]] * wished[r];
      }
    }
    for (int i = 0; i < n; i++) {
      int pivot = i;
      for (int r = i + 1; r < n; r++) {
        pivot = Math.abs(m[r][i]) > Math.abs(m[pivot][i]) ? r : pivot;
      }
      double[] swap = m[i];
      m[i] = m[pivot];
      m[pivot] = swap;
      if (Math.abs(m[i][i]) < ALIKE) {
        return null;
      }
      for (int r = 0; r < n; r++) {
        if (r != i) {
          double by = m[r][i] / m[i][i];
          for (int c = i; c <= n; c++) {
            m[r][c] -= by * m[i][c];
          }
        }
      }
    }
    double[] solution = new double[all];
    for (int i = 0; i < n; i++) {
      double x = m[i][n] / m[i][i];
      if (x < 0) {
        return null;
      }
      solution[columns[i]] = x;
    }
    return solution;
  }
}
