package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class NetworkTest {

  @Test
  void oneCauseOneSignByHand() {
    Network network =
        Networks.of(
            new double[] {1.0 / 9},
            new double[][] {{0.1}},
            new double[] {0.9},
            new boolean[] {true});
    // odds 1/9 × (1 − 0.9 × 0.1) / 0.1 = 1.0111
    assertThat(network.marginals()[0]).isCloseTo(0.50276, within(1e-5));
    assertThat(network.weights()[0][0]).isCloseTo(Math.log(0.91 / 0.1), within(1e-9));
  }

  @RepeatedTest(60)
  void equalsPlainEnumerationOverAllSets(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    RandomNetwork plain = new RandomNetwork(random);
    assertThat(plain.network().marginals())
        .containsExactly(plain.bruteForce(1), org.assertj.core.data.Offset.offset(1e-9));
    assertThat(plain.network().priorMarginals())
        .containsExactly(plain.bruteForce(0), org.assertj.core.data.Offset.offset(1e-9));
  }

  @RepeatedTest(30)
  void weightsAddUpToTheChangeOfTheLogOdds(RepetitionInfo repetition) {
    RandomNetwork random = new RandomNetwork(new Random(1000 + repetition.getCurrentRepetition()));
    Network network = random.network();
    double[] before = network.priorMarginals();
    double[] after = network.marginals();
    double[][] weights = network.weights();
    for (int i = 0; i < before.length; i++) {
      double sum = 0;
      for (double weight : weights[i]) {
        sum += weight;
      }
      assertThat(sum).isCloseTo(Network.logit(after[i]) - Network.logit(before[i]), within(1e-9));
    }
  }

  @Test
  void explainedShareIsLowForASignNobodyPredicts() {
    Network network =
        Networks.of(
            new double[] {0.1, 0.1},
            new double[][] {{0.1, 1}, {1, 1}},
            new double[] {0.98, 0.98},
            new boolean[] {true, true});
    assertThat(network.explainedShare(0)).isGreaterThan(0.8);
    assertThat(network.explainedShare(1)).isCloseTo(0, within(1e-12));
    assertThat(network.bestSet()).containsExactly(0);
  }

  /** A small random network with its own naive enumeration over all sets of up to three causes. */
  private record RandomNetwork(
      double[] odds, double[][] no, double[] leakNo, boolean[] present, Network network) {

    RandomNetwork(Random random) {
      this(odds(random), random);
    }

    private RandomNetwork(double[] odds, Random random) {
      this(odds, no(random, odds.length), random);
    }

    private RandomNetwork(double[] odds, double[][] no, Random random) {
      this(odds, no, leaks(random, no.length), seen(random, no.length));
    }

    private RandomNetwork(double[] odds, double[][] no, double[] leakNo, boolean[] present) {
      this(odds, no, leakNo, present, Networks.of(odds, no, leakNo, present));
    }

    private static double[] odds(Random random) {
      return random.doubles(1 + random.nextInt(9), 0.001, 2).toArray();
    }

    private static double[][] no(Random random, int causes) {
      double[][] no = new double[random.nextInt(7)][causes];
      for (double[] row : no) {
        for (int i = 0; i < causes; i++) {
          row[i] = random.nextInt(3) == 0 ? random.nextDouble() : 1;
        }
      }
      return no;
    }

    private static double[] leaks(Random random, int observations) {
      return random.doubles(observations, 0.5, 0.99).toArray();
    }

    private static boolean[] seen(Random random, int observations) {
      boolean[] seen = new boolean[observations];
      for (int f = 0; f < observations; f++) {
        seen[f] = random.nextBoolean();
      }
      return seen;
    }

    double[] bruteForce(double power) {
      double[] sums = new double[odds.length];
      double total = 0;
      for (int bits = 0; bits < 1 << odds.length; bits++) {
        if (Integer.bitCount(bits) > Network.MOST_TOGETHER) {
          continue;
        }
        double weight = 1;
        for (int i = 0; i < odds.length; i++) {
          weight *= (bits >> i & 1) == 1 ? odds[i] / (1 + odds[i]) : 1 / (1 + odds[i]);
        }
        for (int f = 0; f < no.length; f++) {
          double absent = leakNo[f];
          for (int i = 0; i < odds.length; i++) {
            absent *= (bits >> i & 1) == 1 ? no[f][i] : 1;
          }
          weight *= Math.pow(present[f] ? 1 - absent : absent, power);
        }
        total += weight;
        for (int i = 0; i < odds.length; i++) {
          sums[i] += (bits >> i & 1) == 1 ? weight : 0;
        }
      }
      for (int i = 0; i < sums.length; i++) {
        sums[i] /= total;
      }
      return sums;
    }
  }
}
