package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;

/**
 * Learns windows from clauses by stochastic gradient descent, while some units are left out
 * (Srivastava et al. 2014). Clauses are mixed, two said in one breath (after Zhang et al. 2018).
 * What was learned is the mean of where the last times led (Polyak & Juditsky 1992).
 */
final class Descent {
  private static final int TIMES = 16;
  private static final int BATCH = 64;
  private static final int UNITS = 256;
  private static final float LEFT_OUT = 0.2f;
  private static final double MIXED = 0.4;
  private static final float RATE = 0.002f;

  /** Points know what words mean already and move less. */
  private static final float POINT_RATE = 0.00075f;

  /** So many times count for the mean. Rule of thumb. */
  private static final int MEANT = 7;

  /** And of their moves each of so many. */
  private static final int APART = 16;

  /** How far a word lies out that nobody knows. */
  private static final double UNKNOWN = 0.05;

  /** The log odds of each label before anything is learned. */
  private static final float BIAS = -4;

  /** What is there counts for more than what is not, as so few labels are there. Rule of thumb. */
  private static final float THERE = 2;

  /** Errors that change nothing. */
  private static final float NOTHING = 1e-4f;

  private final Windows windows;
  private final Windows slope;
  private final Windows mean;
  private final Moments points;
  private final Moments weights;
  private final RandomGenerator chance;

  /** The weights of the units and what words light, as long as nothing moves. */
  private float[][] byCoordinate;

  private final Map<Integer, float[]> lights = new HashMap<>();

  Descent(List<String> words, int labels, WordVectors vectors, RandomGenerator chance) {
    this.chance = chance;
    this.windows = Windows.of(words.size(), UNITS, labels);
    this.slope = Windows.of(words.size(), UNITS, labels);
    this.mean = Windows.of(words.size(), UNITS, labels);
    for (int i = 0; i < words.size(); i++) {
      float[] point = vectors.point(words.get(i));
      if (point == null) {
        draw(windows.points()[i], UNKNOWN);
      } else {
        System.arraycopy(point, 0, windows.points()[i], 0, point.length);
      }
    }
    double spread = 1 / Math.sqrt(Windows.WIDE * Windows.COORDINATES);
    for (float[] row : windows.in()) {
      draw(row, spread);
    }
    Arrays.fill(windows.bias(), BIAS);
    this.points = new Moments(Arrays.asList(windows.points()), Arrays.asList(slope.points()));
    this.weights = new Moments(windows.rows(), slope.rows());
  }

  private void draw(float[] row, double spread) {
    for (int i = 0; i < row.length; i++) {
      row[i] = (float) chance.nextDouble(-spread, spread);
    }
  }

  Windows learned(List<Examples.Example> examples) {
    List<Examples.Example> order = new ArrayList<>(examples);
    int met = 0;
    for (int time = 0; time < TIMES; time++) {
      shuffle(order);
      int done = 0;
      for (Examples.Example example : order) {
        if (example.share() == 1 || chance.nextDouble() < example.share()) {
          take(mixed(example, examples));
          if (++done % BATCH == 0) {
            move();
          }
          if (time >= TIMES - MEANT && done % (BATCH * APART) == 0) {
            mean.near(windows, ++met);
          }
        }
      }
      move();
    }
    mean.near(windows, ++met);
    return mean;
  }

  private void move() {
    points.move(POINT_RATE);
    weights.move(RATE);
    byCoordinate = null;
    lights.clear();
  }

  /** Every order is as likely (Fisher & Yates 1938, Durstenfeld 1964). */
  private void shuffle(List<Examples.Example> examples) {
    for (int i = examples.size() - 1; i > 0; i--) {
      Collections.swap(examples, i, chance.nextInt(i + 1));
    }
  }

  private Examples.Example mixed(Examples.Example one, List<Examples.Example> examples) {
    if (one.open().length > 0 || chance.nextDouble() >= MIXED) {
      return one;
    }
    Examples.Example other = examples.get(chance.nextInt(examples.size()));
    return other.open().length > 0 ? one : one.with(other);
  }

  private void take(Examples.Example example) {
    List<float[]> words = IntStream.of(example.words()).mapToObj(this::lights).toList();
    float[] lit = windows.lit(words);
    int[] at = windows.at(words);
    for (int unit = 0; unit < UNITS; unit++) {
      lit[unit] = chance.nextFloat() < LEFT_OUT ? 0 : lit[unit] / (1 - LEFT_OUT);
    }
    float[] wrong = wrong(example, windows.odds(lit));
    int[] labels =
        IntStream.range(0, wrong.length).filter(l -> Math.abs(wrong[l]) >= NOTHING).toArray();
    for (int label : labels) {
      slope.bias()[label] += wrong[label];
    }
    for (int unit = 0; unit < UNITS; unit++) {
      if (lit[unit] > 0) {
        lean(unit, lit[unit], at[unit], wrong, labels, example.words());
      }
    }
  }

  private float[] lights(int word) {
    if (byCoordinate == null) {
      byCoordinate = windows.byCoordinate();
    }
    return lights.computeIfAbsent(word, w -> Windows.lights(windows.points()[w], byCoordinate));
  }

  /** How far each label is told wrong. */
  private static float[] wrong(Examples.Example example, float[] odds) {
    float[] wrong = new float[odds.length];
    for (int label = 0; label < odds.length; label++) {
      wrong[label] = example.counts() * (float) (1 / (1 + Math.exp(-odds[label])));
    }
    for (int label : example.tells()) {
      wrong[label] = THERE * (wrong[label] - example.counts());
    }
    for (int label : example.open()) {
      wrong[label] = 0;
    }
    return wrong;
  }

  /** Adds to the slope of a unit, and of the words that light it. */
  private void lean(int unit, float lit, int first, float[] wrong, int[] labels, int[] words) {
    float back = 0;
    for (int label : labels) {
      slope.out()[unit][label] += lit * wrong[label];
      back += windows.out()[unit][label] * wrong[label];
    }
    back /= 1 - LEFT_OUT;
    slope.start()[unit] += back;
    for (int place = 0; place < Windows.WIDE; place++) {
      int at = first + place;
      if (at >= 0 && at < words.length) {
        int from = place * Windows.COORDINATES;
        float[] point = windows.points()[words[at]];
        float[] pointSlope = slope.points()[words[at]];
        float[] in = windows.in()[unit];
        float[] inSlope = slope.in()[unit];
        for (int i = 0; i < Windows.COORDINATES; i++) {
          inSlope[from + i] += back * point[i];
          pointSlope[i] += back * in[from + i];
        }
      }
    }
  }
}
