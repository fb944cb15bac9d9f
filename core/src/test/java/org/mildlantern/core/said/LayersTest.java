package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** From what words mean to what a clause tells. */
class LayersTest {
  private static final int COORDINATES = 4;
  private static final int LABELS = 3;

  private static Layers drawn() {
    return drawn(3);
  }

  private static Layers drawn(int seed) {
    Random random = new Random(seed);
    Layers layers = Layers.of(COORDINATES, 5, LABELS);
    for (float[][] rows : new float[][][] {layers.in(), {layers.bias()}, layers.out()}) {
      for (float[] row : rows) {
        for (int i = 0; i < row.length; i++) {
          row[i] = random.nextFloat() - 0.3f;
        }
      }
    }
    return layers;
  }

  private static float said(Layers layers, float[] vector, int label) {
    float[] odds = new float[LABELS];
    layers.say(layers.lit(vector), odds);
    return odds[label];
  }

  @Test
  void theSlopeIsWhatASmallStepAdds() {
    Layers layers = drawn();
    float[] vector = {0.4f, -0.2f, 0.7f, 0.1f};
    for (int label = 0; label < LABELS; label++) {
      float[] slope = layers.slope(layers.lit(vector), label);
      for (int i = 0; i < COORDINATES; i++) {
        float[] further = vector.clone();
        further[i] += 0.001f;
        float adds = (said(layers, further, label) - said(layers, vector, label)) / 0.001f;
        assertThat(slope[i]).isCloseTo(adds, within(0.01f));
      }
    }
  }

  @Test
  void whatIsWrittenIsReadAgain() throws IOException {
    Layers layers = drawn();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    layers.write(new DataOutputStream(out));
    Layers read =
        Layers.read(
            new DataInputStream(new ByteArrayInputStream(out.toByteArray())), COORDINATES, LABELS);
    for (int i = 0; i < COORDINATES; i++) {
      assertThat(read.in()[i]).containsExactly(layers.in()[i], within(Layers.STEP));
    }
    assertThat(read.bias()).containsExactly(layers.bias(), within(Layers.STEP));
    for (int unit = 0; unit < 5; unit++) {
      assertThat(read.out()[unit]).containsExactly(layers.out()[unit], within(Layers.STEP));
    }
  }

  @Test
  void twoSayWhatTheySayInTheMean() {
    Layers one = drawn(3);
    Layers other = drawn(4);
    float[] vector = {0.4f, -0.2f, 0.7f, 0.1f};
    for (int label = 0; label < LABELS; label++) {
      assertThat(said(one.mean(other), vector, label))
          .isCloseTo((said(one, vector, label) + said(other, vector, label)) / 2, within(1e-5f));
    }
  }

  @Test
  void movesGoDownTheSlopeAndLevelIt() {
    Layers layers = drawn();
    Layers slope = Layers.of(COORDINATES, 5, LABELS);
    float was = layers.out()[2][1];
    float other = layers.out()[2][0];
    slope.out()[2][1] = 4;
    new Moments().move(layers, slope, false);
    assertThat(layers.out()[2][1]).isLessThan(was);
    assertThat(layers.out()[2][0]).isEqualTo(other);
    assertThat(slope.out()[2][1]).isZero();
  }
}
