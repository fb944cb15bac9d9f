package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Level;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Node;

/**
 * Experts cannot tell 0.62 from 0.66. When every number behind a clear picture is moved by up to a
 * third of its log-odds step, the first cause stays first.
 */
class JitterTest {
  private static final int ROUNDS = 200;
  private static final double STEP = 0.5;

  private final Knowledge knowledge = Library.shipped().knowledge();

  @Test
  void theFirstCauseStaysFirstWhenAllNumbersAreJittered() {
    assertThat(stays("limp-leaves@all-leaves", "medium-soggy@medium", "yellowing@old-leaves"))
        .isGreaterThan(0.9);
    assertThat(stays("stipple@old-leaves", "webbing@joints")).isGreaterThan(0.98);
    assertThat(stays("cotton@joints", "honeydew@all-leaves")).isGreaterThan(0.98);
    assertThat(stays("yellow-between-veins@new-leaves")).isGreaterThan(0.9);
  }

  private double stays(String... nodes) {
    var causes = knowledge.causesFor(knowledge.forms().find("leafy-stem").orElseThrow());
    double[] odds =
        causes.stream()
            .mapToDouble(c -> c.rate().probability() / (1 - c.rate().probability()))
            .toArray();
    double[][] no = new double[nodes.length][causes.size()];
    double[] leakNo = new double[nodes.length];
    boolean[] present = new boolean[nodes.length];
    for (int f = 0; f < nodes.length; f++) {
      Node node = knowledge.node(nodes[f]).orElseThrow();
      leakNo[f] = 1 - node.sign().leak().probability();
      present[f] = true;
      for (int i = 0; i < no[f].length; i++) {
        Level level = causes.get(i).signs().get(node.id());
        no[f][i] = level == null ? 1 : 1 - level.probability();
      }
    }
    int first = first(odds, no, leakNo, present);
    Random random = new Random(11);
    int same = 0;
    for (int round = 0; round < ROUNDS; round++) {
      double[][] jittered = new double[no.length][];
      for (int f = 0; f < no.length; f++) {
        jittered[f] = new double[no[f].length];
        for (int i = 0; i < no[f].length; i++) {
          jittered[f][i] = no[f][i] == 1 ? 1 : 1 - jitter(1 - no[f][i], random);
        }
      }
      double[] moved = new double[odds.length];
      for (int i = 0; i < odds.length; i++) {
        moved[i] = odds[i] * Math.exp(STEP * (2 * random.nextDouble() - 1));
      }
      same += first(moved, jittered, leakNo, present) == first ? 1 : 0;
    }
    return (double) same / ROUNDS;
  }

  private static double jitter(double p, Random random) {
    double logit = Math.log(p / (1 - p)) + STEP * (2 * random.nextDouble() - 1);
    return 1 / (1 + Math.exp(-logit));
  }

  private static int first(double[] odds, double[][] no, double[] leakNo, boolean[] present) {
    double[] marginals = Networks.of(odds, no, leakNo, present).marginals();
    int first = 0;
    for (int i = 1; i < marginals.length; i++) {
      first = marginals[i] > marginals[first] ? i : first;
    }
    return first;
  }
}
