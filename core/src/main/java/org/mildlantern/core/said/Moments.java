package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** Moves layers down their slope by its moments (Adam: Kingma & Ba 2015, with their figures). */
final class Moments {
  private static final float RATE = 0.002f;
  private static final float FIRST = 0.9f;
  private static final float SECOND = 0.999f;
  private static final float LEAST = 1e-8f;

  /** The last time goes in smaller steps. Rule of thumb. */
  private static final float LAST = 0.25f;

  private final List<float[]> first = new ArrayList<>();
  private final List<float[]> second = new ArrayList<>();
  private int moves;

  /** Moves the layers, and levels the slope. */
  void move(Layers layers, Layers slope, boolean last) {
    List<float[]> rows = rows(layers);
    List<float[]> slopes = rows(slope);
    for (int i = first.size(); i < rows.size(); i++) {
      first.add(new float[rows.get(i).length]);
      second.add(new float[rows.get(i).length]);
    }
    moves++;
    float rate = RATE * (last ? LAST : 1);
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

  private static List<float[]> rows(Layers layers) {
    return Stream.of(Stream.of(layers.in()), Stream.of(layers.bias()), Stream.of(layers.out()))
        .flatMap(rows -> rows)
        .toList();
  }
}
