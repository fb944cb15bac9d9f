package org.mildlantern.core.said;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.stream.Stream;

/**
 * From where the words of a clause point to what it tells, by a layer between (rectified linear
 * units: Nair & Hinton 2010).
 *
 * @param in weights by coordinate and unit
 * @param bias of each unit
 * @param out weights by unit and label
 */
record Layers(float[][] in, float[] bias, float[][] out) {
  /** Weights are kept to this fraction. */
  static final float STEP = 1 / 2048f;

  static Layers of(int coordinates, int units, int labels) {
    return new Layers(new float[coordinates][units], new float[units], new float[units][labels]);
  }

  /** What both say, in the mean. */
  Layers mean(Layers other) {
    float[][] both = new float[in.length][];
    for (int i = 0; i < in.length; i++) {
      both[i] = joined(in[i], other.in[i]);
    }
    float[][] says = Stream.concat(halved(out), halved(other.out)).toArray(float[][]::new);
    return new Layers(both, joined(bias, other.bias), says);
  }

  private static float[] joined(float[] some, float[] others) {
    float[] joined = Arrays.copyOf(some, some.length + others.length);
    System.arraycopy(others, 0, joined, some.length, others.length);
    return joined;
  }

  private static Stream<float[]> halved(float[][] rows) {
    return Arrays.stream(rows)
        .map(
            row -> {
              float[] halved = row.clone();
              for (int i = 0; i < halved.length; i++) {
                halved[i] /= 2;
              }
              return halved;
            });
  }

  /** How much each unit is lit. */
  float[] lit(float[] vector) {
    float[] lit = bias.clone();
    for (int i = 0; i < vector.length; i++) {
      addTo(lit, vector[i], in[i]);
    }
    for (int unit = 0; unit < lit.length; unit++) {
      lit[unit] = Math.max(0, lit[unit]);
    }
    return lit;
  }

  /** Adds what the units say to the log odds of the labels. */
  void say(float[] lit, float[] odds) {
    for (int unit = 0; unit < lit.length; unit++) {
      if (lit[unit] > 0) {
        addTo(odds, lit[unit], out[unit]);
      }
    }
  }

  /** How much more each coordinate would say for a label, with the units that are lit. */
  float[] slope(float[] lit, int label) {
    float[] slope = new float[in.length];
    for (int i = 0; i < slope.length; i++) {
      for (int unit = 0; unit < lit.length; unit++) {
        slope[i] += lit[unit] > 0 ? in[i][unit] * out[unit][label] : 0;
      }
    }
    return slope;
  }

  private static void addTo(float[] sum, float times, float[] row) {
    for (int i = 0; i < sum.length; i++) {
      sum[i] += times * row[i];
    }
  }

  void write(DataOutputStream to) throws IOException {
    to.writeInt(bias.length);
    write(bias, to);
    for (float[] row : in) {
      write(row, to);
    }
    for (float[] row : out) {
      write(row, to);
    }
  }

  private static void write(float[] row, DataOutputStream to) throws IOException {
    for (float one : row) {
      to.writeShort(Math.max(Short.MIN_VALUE, Math.min(Short.MAX_VALUE, Math.round(one / STEP))));
    }
  }

  static Layers read(DataInputStream from, int coordinates, int labels) throws IOException {
    Layers layers = of(coordinates, from.readInt(), labels);
    read(layers.bias, from);
    for (float[] row : layers.in) {
      read(row, from);
    }
    for (float[] row : layers.out) {
      read(row, from);
    }
    return layers;
  }

  private static void read(float[] row, DataInputStream from) throws IOException {
    for (int i = 0; i < row.length; i++) {
      row[i] = STEP * from.readShort();
    }
  }
}
