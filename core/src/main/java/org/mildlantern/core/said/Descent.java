package org.mildlantern.core.said;

import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import java.util.zip.GZIPOutputStream;

/**
 * Weighs the features of clauses and the layers between by stochastic gradient descent: features
 * with a step of their own for each weight (Duchi, Hazan & Singer 2011), layers with moments
 * (Kingma & Ba 2015) while some of their units are left out (Srivastava et al. 2014). Clauses are
 * mixed, two said in one breath (after Zhang et al. 2018).
 */
final class Descent {
  private static final int TIMES = 5;
  private static final float STEP = 0.15f;
  private static final float BIAS = -4;

  /** What is there counts for more than what is not, as so few labels are there. Rule of thumb. */
  private static final float THERE = 2;

  private static final double MIXED = 0.4;
  private static final int BATCH = 32;
  private static final int UNITS = 256;
  private static final float LEFT_OUT = 0.2f;

  /** What occurs less often is not weighed. */
  private static final int SELDOM = 2;

  /** Smaller weights are left out. */
  private static final float SMALL = 0.3f;

  /** Errors that change nothing. */
  private static final float NOTHING = 1e-4f;

  private final List<String> labels;
  private final WordVectors vectors;
  private final RandomGenerator chance;
  private final Map<Integer, Integer> rows = new LinkedHashMap<>();
  private float[][] weight;
  private float[][] moved;
  private final float[] bias;
  private final float[] biasMoved;
  private Layers layers;
  private final Layers slope;
  private final Moments moments = new Moments();

  Descent(List<String> labels, WordVectors vectors, RandomGenerator chance) {
    this.labels = labels;
    this.vectors = vectors;
    this.chance = chance;
    this.bias = new float[labels.size()];
    this.biasMoved = new float[labels.size()];
    this.layers = Layers.of(vectors.size(), UNITS, labels.size());
    this.slope = Layers.of(vectors.size(), UNITS, labels.size());
    Arrays.fill(bias, BIAS);
    double spread = 1 / Math.sqrt(vectors.size());
    for (float[] row : layers.in()) {
      for (int unit = 0; unit < UNITS; unit++) {
        row[unit] = (float) chance.nextDouble(-spread, spread);
      }
    }
  }

  void learn(List<Examples.Example> examples) {
    number(examples);
    List<Examples.Example> order = new ArrayList<>(examples);
    for (int time = 0; time < TIMES; time++) {
      shuffle(order);
      int done = 0;
      for (Examples.Example example : order) {
        take(mixed(example, examples));
        if (++done % BATCH == 0) {
          moments.move(layers, slope, time == TIMES - 1);
        }
      }
    }
  }

  /** Numbers the features that are weighed. */
  private void number(List<Examples.Example> examples) {
    Map<Integer, Integer> times = new TreeMap<>();
    examples.forEach(
        example -> IntStream.of(example.features()).forEach(f -> times.merge(f, 1, Integer::sum)));
    times.forEach(
        (code, often) -> {
          if (often >= SELDOM) {
            rows.put(code, rows.size());
          }
        });
    weight = new float[rows.size()][labels.size()];
    moved = new float[rows.size()][labels.size()];
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
    int[] at =
        IntStream.of(example.features())
            .mapToObj(rows::get)
            .filter(row -> row != null)
            .mapToInt(Integer::intValue)
            .toArray();
    float[] vector = vectors.of(example.stems(), Learned.LENGTH);
    float[] lit = layers.lit(vector);
    for (int unit = 0; unit < UNITS; unit++) {
      lit[unit] = chance.nextFloat() < LEFT_OUT ? 0 : lit[unit] / (1 - LEFT_OUT);
    }
    float[] odds = bias.clone();
    for (int row : at) {
      for (int label = 0; label < odds.length; label++) {
        odds[label] += weight[row][label];
      }
    }
    layers.say(lit, odds);
    float[] wrong = wrong(example, odds);
    int[] labels =
        IntStream.range(0, wrong.length).filter(l -> Math.abs(wrong[l]) >= NOTHING).toArray();
    moveFeatures(at, wrong, labels);
    lean(vector, lit, wrong, labels);
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

  private void moveFeatures(int[] at, float[] wrong, int[] labels) {
    for (int label : labels) {
      float square = wrong[label] * wrong[label];
      biasMoved[label] += square;
      bias[label] -= STEP / 3 * wrong[label] / (float) Math.sqrt(biasMoved[label] + 1e-3);
      for (int row : at) {
        moved[row][label] += square;
        weight[row][label] -= STEP * wrong[label] / (float) Math.sqrt(moved[row][label] + 1e-3);
      }
    }
  }

  /** Adds to the slope of the layers. */
  private void lean(float[] vector, float[] lit, float[] wrong, int[] labels) {
    for (int unit = 0; unit < UNITS; unit++) {
      if (lit[unit] == 0) {
        continue;
      }
      float back = 0;
      for (int label : labels) {
        slope.out()[unit][label] += lit[unit] * wrong[label];
        back += layers.out()[unit][label] * wrong[label];
      }
      back /= 1 - LEFT_OUT;
      slope.bias()[unit] += back;
      for (int i = 0; i < vector.length; i++) {
        slope.in()[i][unit] += back * vector[i];
      }
    }
  }

  /**
   * Takes on what another has learned from the same examples: both together err less than one, by
   * the mean of their log odds (Hansen & Salamon 1990).
   */
  void joinWith(Descent other) {
    layers = layers.mean(other.layers);
    halve(bias, other.bias);
    for (int row = 0; row < weight.length; row++) {
      halve(weight[row], other.weight[row]);
    }
  }

  private static void halve(float[] some, float[] others) {
    for (int i = 0; i < some.length; i++) {
      some[i] = (some[i] + others[i]) / 2;
    }
  }

  void write(long key, OutputStream to) throws IOException {
    Map<Integer, float[]> kept = new LinkedHashMap<>();
    rows.forEach(
        (code, row) -> {
          if (IntStream.range(0, labels.size()).anyMatch(l -> isKept(weight[row][l]))) {
            kept.put(code, weight[row]);
          }
        });
    try (DataOutputStream out = new DataOutputStream(new GZIPOutputStream(to))) {
      out.writeLong(key);
      out.writeInt(labels.size());
      for (int label = 0; label < labels.size(); label++) {
        out.writeUTF(labels.get(label));
        out.writeFloat(bias[label]);
      }
      layers.write(out);
      out.writeInt(kept.size());
      for (Map.Entry<Integer, float[]> row : kept.entrySet()) {
        out.writeInt(row.getKey());
        write(row.getValue(), out);
      }
    }
  }

  private static boolean isKept(float weight) {
    return Math.abs(weight) >= SMALL;
  }

  private static void write(float[] weights, DataOutputStream out) throws IOException {
    int[] kept = IntStream.range(0, weights.length).filter(l -> isKept(weights[l])).toArray();
    out.writeShort(kept.length);
    for (int label : kept) {
      out.writeShort(label);
      out.writeByte(Math.round(Math.max(-12.7f, Math.min(12.7f, weights[label])) / Learned.STEP));
    }
  }
}
