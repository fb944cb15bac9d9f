package org.mildlantern.core.said;

import java.util.Arrays;
import java.util.List;

/**
 * Moves rows of weights down their slope by its moments (Adam: Kingma & Ba 2015, their figures).
 */
final class Moments {
  private static final float FIRST = 0.9f;
  private static final float SECOND = 0.999f;
  private static final float LEAST = 1e-8f;

  private final List<float[]> rows;
  private final List<float[]> slopes;
  private final List<float[]> first;
  private final List<float[]> second;
  private int moves;

  /**
   * Of some rows.
   *
   * @param slopes added to by others between the moves
   */
  Moments(List<float[]> rows, List<float[]> slopes) {
    this.rows = rows;
    this.slopes = slopes;
    this.first = rows.stream().map(row -> new float[row.length]).toList();
    this.second = rows.stream().map(row -> new float[row.length]).toList();
  }

  /** Moves the rows, none of their weights by much more than the rate, and levels the slopes. */
  void move(float rate) {
    moves++;
    float start = (float) (1 - Math.pow(FIRST, moves));
    float startSquare = (float) (1 - Math.pow(SECOND, moves));
    for (int i = 0; i < rows.size(); i++) {
      move(rows.get(i), slopes.get(i), first.get(i), second.get(i), rate / start, startSquare);
      Arrays.fill(slopes.get(i), 0);
    }
  }

  private static void move(
      float[] row, float[] slope, float[] first, float[] second, float rate, float startSquare) {
    for (int i = 0; i < row.length; i++) {
      first[i] = FIRST * first[i] + (1 - FIRST) * slope[i];
      second[i] = SECOND * second[i] + (1 - SECOND) * slope[i] * slope[i];
      row[i] -= rate * first[i] / ((float) Math.sqrt(second[i] / startSquare) + LEAST);
    }
  }
}
