package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** From words that follow each other to what a clause tells. */
class WindowsTest {
  private static final int WORDS = 4;
  private static final int UNITS = 5;
  private static final int LABELS = 3;

  private static Windows drawn() {
    Random random = new Random(3);
    Windows windows = Windows.of(WORDS, UNITS, LABELS);
    List<float[]> rows = windows.rows();
    rows.forEach(row -> fill(row, random));
    Arrays.stream(windows.points()).forEach(row -> fill(row, random));
    return windows;
  }

  private static void fill(float[] row, Random random) {
    for (int i = 0; i < row.length; i++) {
      row[i] = random.nextFloat() - 0.5f;
    }
  }

  private static List<float[]> lights(Windows windows, int... words) {
    float[][] turned = windows.byCoordinate();
    return IntStream.of(words)
        .mapToObj(word -> Windows.lights(windows.points()[word], turned))
        .toList();
  }

  /** A window weighed as it is written down, word by word. */
  private static double weighed(Windows windows, int unit, Integer... words) {
    double sum = windows.start()[unit];
    for (int place = 0; place < words.length; place++) {
      for (int i = 0; words[place] != null && i < Windows.COORDINATES; i++) {
        sum +=
            windows.in()[unit][place * Windows.COORDINATES + i] * windows.points()[words[place]][i];
      }
    }
    return sum;
  }

  @Test
  void aUnitIsLitByTheWindowThatLightsItMost() {
    Windows windows = drawn();
    List<float[]> words = lights(windows, 2, 0);
    float[] lit = windows.lit(words);
    int[] at = windows.at(words);
    Integer[][] all = {{null, null, 2}, {null, 2, 0}, {2, 0, null}, {0, null, null}};
    for (int unit = 0; unit < UNITS; unit++) {
      int one = unit;
      double[] each = Arrays.stream(all).mapToDouble(w -> weighed(windows, one, w)).toArray();
      double most = Arrays.stream(each).max().orElseThrow();
      assertThat(lit[unit]).isCloseTo((float) Math.max(0, most), within(1e-4f));
      if (most > 0) {
        assertThat(each[at[unit] + 2]).isEqualTo(most);
      }
    }
  }

  @Test
  void whatTheWordsSayAddsUpToTheOdds() {
    Windows windows = drawn();
    List<float[]> words = lights(windows, 1, 3, 2);
    float[] lit = windows.lit(words);
    for (int label = 0; label < LABELS; label++) {
      double[] says = new double[3];
      windows.say(says, words, lit, label);
      double sum = windows.bias()[label] + Arrays.stream(says).sum();
      for (int unit = 0; unit < UNITS; unit++) {
        sum += lit[unit] > 0 ? windows.start()[unit] * windows.out()[unit][label] : 0;
      }
      assertThat(windows.odds(lit)[label]).isCloseTo((float) sum, within(1e-3f));
    }
  }

  @Test
  void aClauseWithoutWordsLightsWhatTheUnitsAreLitByNothing() {
    Windows windows = drawn();
    float[] by = windows.lit(List.of());
    for (int unit = 0; unit < UNITS; unit++) {
      assertThat(by[unit]).isEqualTo(Math.max(0, windows.start()[unit]));
    }
  }

  @Test
  void whatIsWrittenIsReadAgain() throws IOException {
    Windows windows = drawn();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    windows.write(new DataOutputStream(out));
    DataInputStream in = new DataInputStream(new ByteArrayInputStream(out.toByteArray()));
    Windows read = Windows.read(in, WORDS, UNITS, LABELS);
    for (int word = 0; word < WORDS; word++) {
      assertThat(read.points()[word])
          .containsExactly(windows.points()[word], within(Windows.POINT_STEP));
    }
    for (int row = 0; row < windows.rows().size(); row++) {
      assertThat(read.rows().get(row))
          .containsExactly(windows.rows().get(row), within(Windows.STEP));
    }
  }

  @Test
  void movesGoDownTheSlopeAndLevelIt() {
    float[] row = {1, 1};
    float[] slope = {0, 4};
    new Moments(List.of(row), List.of(slope)).move(0.1f);
    assertThat(row[0]).isEqualTo(1);
    assertThat(row[1]).isCloseTo(0.9f, within(1e-4f));
    assertThat(slope).containsOnly(0);
  }
}
