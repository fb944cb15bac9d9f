package org.mildlantern.core.said;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;

/**
 * From what three words that follow each other mean to what a clause tells: each unit is lit by the
 * three of a clause that light it most (convolution and the greatest over time: Collobert et al.
 * 2011, Kim 2014; rectified linear units: Nair & Hinton 2010).
 *
 * @param points of the words that were learned, by number, in {@value #COORDINATES} coordinates
 * @param in weights by unit, of the coordinates of the first word, the second and the third
 * @param start what each unit is lit by nothing
 * @param out log odds by unit and label
 * @param bias the log odds of each label when nothing is said
 */
record Windows(float[][] points, float[][] in, float[] start, float[][] out, float[] bias) {
  /** So many words stand in a window. */
  static final int WIDE = 3;

  static final int COORDINATES = 128;

  /** Weights are kept to this fraction. */
  static final float STEP = 1 / 2048f;

  /** Points are kept to this fraction. */
  static final float POINT_STEP = 1 / 50f;

  static Windows of(int words, int units, int labels) {
    return new Windows(
        new float[words][COORDINATES],
        new float[units][WIDE * COORDINATES],
        new float[units],
        new float[units][labels],
        new float[labels]);
  }

  /** The weights of the units, by place and coordinate. */
  float[][] byCoordinate() {
    float[][] turned = new float[WIDE * COORDINATES][in.length];
    for (int unit = 0; unit < in.length; unit++) {
      for (int i = 0; i < turned.length; i++) {
        turned[i][unit] = in[unit][i];
      }
    }
    return turned;
  }

  /**
   * What a word adds to each unit at the first place of a window, the second and the third.
   *
   * @param byCoordinate the weights of the units, {@link #byCoordinate turned}
   */
  static float[] lights(float[] point, float[][] byCoordinate) {
    int units = byCoordinate[0].length;
    float[] lights = new float[WIDE * units];
    for (int place = 0; place < WIDE; place++) {
      for (int i = 0; i < COORDINATES; i++) {
        addTo(lights, place * units, point[i], byCoordinate[place * COORDINATES + i]);
      }
    }
    return lights;
  }

  /**
   * Lights the units by the windows of a clause, also those that reach beyond it.
   *
   * @param words what each of its words {@link #lights adds}
   */
  float[] lit(List<float[]> words) {
    float[] most = new float[start.length];
    float[] window = new float[start.length];
    for (int first = 1 - WIDE; first < words.size(); first++) {
      light(window, first, words);
      for (int unit = 0; unit < most.length; unit++) {
        most[unit] = Math.max(most[unit], window[unit]);
      }
    }
    return most;
  }

  /** With which word the window begins that lights each unit most; of one that is not lit 0. */
  int[] at(List<float[]> words) {
    float[] most = new float[start.length];
    float[] window = new float[start.length];
    int[] at = new int[start.length];
    for (int first = 1 - WIDE; first < words.size(); first++) {
      light(window, first, words);
      for (int unit = 0; unit < most.length; unit++) {
        if (window[unit] > most[unit]) {
          most[unit] = window[unit];
          at[unit] = first;
        }
      }
    }
    return at;
  }

  private void light(float[] window, int first, List<float[]> words) {
    float[] one = lights(first, words);
    float[] two = lights(first + 1, words);
    float[] three = lights(first + 2, words);
    int second = window.length;
    int third = 2 * second;
    for (int unit = 0; unit < window.length; unit++) {
      window[unit] = start[unit] + one[unit] + two[second + unit] + three[third + unit];
    }
  }

  private float[] lights(int word, List<float[]> words) {
    return word < 0 || word >= words.size() ? new float[WIDE * start.length] : words.get(word);
  }

  /** The log odds of the labels when the units are lit so. */
  float[] odds(float[] lit) {
    float[] odds = bias.clone();
    int[] units = new int[lit.length];
    int many = 0;
    for (int unit = 0; unit < lit.length; unit++) {
      if (lit[unit] > 0) {
        units[many++] = unit;
      }
    }
    int i = 0;
    for (; i + 3 < many; i += 4) {
      addFour(odds, lit, units, i);
    }
    for (; i < many; i++) {
      addTo(odds, 0, lit[units[i]], out[units[i]]);
    }
    return odds;
  }

  /** Four at a time take half as long as one by one. */
  private void addFour(float[] odds, float[] lit, int[] units, int i) {
    float a = lit[units[i]];
    float b = lit[units[i + 1]];
    float c = lit[units[i + 2]];
    float d = lit[units[i + 3]];
    float[] ofA = out[units[i]];
    float[] ofB = out[units[i + 1]];
    float[] ofC = out[units[i + 2]];
    float[] ofD = out[units[i + 3]];
    for (int label = 0; label < odds.length; label++) {
      odds[label] = odds[label] + a * ofA[label] + b * ofB[label] + c * ofC[label] + d * ofD[label];
    }
  }

  /** Adds what each word says for a label by the units that it lights. */
  void say(double[] says, List<float[]> words, float[] lit, int label) {
    int[] at = at(words);
    int units = start.length;
    for (int unit = 0; unit < units; unit++) {
      for (int place = 0; lit[unit] > 0 && place < WIDE; place++) {
        int word = at[unit] + place;
        if (word >= 0 && word < words.size()) {
          says[word] += words.get(word)[place * units + unit] * out[unit][label];
        }
      }
    }
  }

  private static void addTo(float[] sum, int from, float times, float[] row) {
    for (int i = 0; i < row.length; i++) {
      sum[from + i] += times * row[i];
    }
  }

  /** Moves each weight a part of the way to that of another, as for the mean of so many. */
  void near(Windows other, int many) {
    near(List.of(points), List.of(other.points), many);
    near(rows(), other.rows(), many);
  }

  private static void near(List<float[]> rows, List<float[]> others, int many) {
    for (int row = 0; row < rows.size(); row++) {
      float[] mine = rows.get(row);
      float[] other = others.get(row);
      for (int i = 0; i < mine.length; i++) {
        mine[i] += (other[i] - mine[i]) / many;
      }
    }
  }

  /** All weights but the points. */
  List<float[]> rows() {
    return Stream.of(Stream.of(in), Stream.of(out), Stream.of(start, bias))
        .flatMap(rows -> rows)
        .toList();
  }

  void write(DataOutputStream to) throws IOException {
    for (float[] point : points) {
      for (float one : point) {
        to.writeByte(rounded(one / POINT_STEP, Byte.MAX_VALUE));
      }
    }
    for (float[] row : rows()) {
      for (float one : row) {
        to.writeShort(rounded(one / STEP, Short.MAX_VALUE));
      }
    }
  }

  private static int rounded(float steps, int most) {
    return Math.max(-most, Math.min(most, Math.round(steps)));
  }

  static Windows read(DataInputStream from, int words, int units, int labels) throws IOException {
    Windows windows = of(words, units, labels);
    for (float[] point : windows.points) {
      for (int i = 0; i < point.length; i++) {
        point[i] = POINT_STEP * from.readByte();
      }
    }
    for (float[] row : windows.rows()) {
      for (int i = 0; i < row.length; i++) {
        row[i] = STEP * from.readShort();
      }
    }
    return windows;
  }
}
