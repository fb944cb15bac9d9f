package org.mildlantern.core.season;

/**
 * Figures that change with the latitude, alike in both hemispheres, between the rows of a table.
 *
 * @param rows latitude, 0 first and 90 last, then the figures
 */
public record ByLatitude(double[]... rows) {
  /**
   * The figures of a latitude.
   *
   * @throws IllegalArgumentException when it is not −90 to 90
   */
  public double[] at(double latitude) {
    double there = Math.abs(latitude);
    for (int i = 1; i < rows.length; i++) {
      if (there <= rows[i][0]) {
        double between = (there - rows[i - 1][0]) / (rows[i][0] - rows[i - 1][0]);
        double[] figures = new double[rows[i].length - 1];
        for (int j = 0; j < figures.length; j++) {
          figures[j] = rows[i - 1][j + 1] + between * (rows[i][j + 1] - rows[i - 1][j + 1]);
        }
        return figures;
      }
    }
    throw new IllegalArgumentException("a latitude is −90 to 90, not " + latitude);
  }
}
