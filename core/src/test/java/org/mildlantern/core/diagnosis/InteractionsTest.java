package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class InteractionsTest {
  private static final DoubleUnaryOperator SEEN = none -> Math.log(1 - 0.97 * none);

  private static Interactions log(boolean present, double leakNo, double... no) {
    return Likelihood.of(present, leakNo, no).log(IntStream.range(0, no.length).toArray());
  }

  @Test
  void aFunctionOfTwoCausesByHand() {
    Interactions terms = log(true, 0.97, 0.5, 1, 0.2);
    assertThat(terms.members).containsExactly(0, 2);
    assertThat(terms.base).isCloseTo(Math.log(0.03), within(1e-12));
    double both = terms.base + terms.single[0] + terms.single[1] + terms.pair[0][1];
    assertThat(both).isCloseTo(Math.log(1 - 0.97 * 0.1), within(1e-12));
    // the second cause adds less when the first already explains it
    assertThat(terms.pair[0][1]).isNegative();
  }

  @Test
  void anAbsenceIsPlainlyAdditive() {
    Interactions terms = log(false, 0.9, 0.5, 0.4);
    assertThat(terms.pair).isNull();
    assertThat(terms.base + terms.single[0] + terms.single[1])
        .isCloseTo(Math.log(0.9 * 0.2), within(1e-12));
  }

  @RepeatedTest(20)
  void meansEqualThoseOverAllSets(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    int n = 1 + random.nextInt(7);
    double[] no = random.doubles(n).map(p -> random.nextInt(3) == 0 ? 1 : 0.05 + 0.9 * p).toArray();
    double[] one = random.doubles(n, 0.01, 3).toArray();
    double[][] pair = new double[n][n];
    for (int i = 0; i < n; i++) {
      for (int j = i + 1; j < n; j++) {
        pair[i][j] = 0.2 + random.nextDouble();
      }
    }
    SetDistribution.Triples triples = new SetDistribution.Triples(n);
    double[] triple = random.doubles(triples.count(), 0.3, 2).toArray();
    double[] rest = {1, 1.4, 1.5, 1.52};
    SetDistribution sets = new SetDistribution(one, pair, triple, triples, rest);
    Interactions terms = log(true, 0.97, no);

    double total = 0;
    double mean = 0;
    double[] with = new double[n];
    double[] marginal = new double[n];
    for (List<Integer> set : subsets(n)) {
      double weight = weight(set, one, pair, triple, triples) * rest[3 - set.size()];
      double none = set.stream().mapToDouble(i -> no[i]).reduce(1, (a, b) -> a * b);
      total += weight;
      mean += weight * SEEN.applyAsDouble(none);
      for (int i : set) {
        marginal[i] += weight;
        with[i] += weight * SEEN.applyAsDouble(none);
      }
    }
    assertThat(sets.total()).isCloseTo(total, within(1e-9 * total));
    assertThat(terms.mean(sets)).isCloseTo(mean / total, within(1e-9));
    for (int i = 0; i < n; i++) {
      assertThat(sets.of(i)).isCloseTo(marginal[i] / total, within(1e-9));
      assertThat(terms.meanWith(i, sets)).isCloseTo(with[i] / total, within(1e-9));
    }
  }

  @Test
  void eachTripleHasItsOwnPlaceWhateverTheOrder() {
    for (int n = 0; n < 9; n++) {
      SetDistribution.Triples triples = new SetDistribution.Triples(n);
      int expected = 0;
      for (int i = 0; i < n; i++) {
        for (int j = i + 1; j < n; j++) {
          for (int k = j + 1; k < n; k++) {
            assertThat(triples.index(i, j, k)).isEqualTo(expected);
            assertThat(triples.index(k, i, j)).isEqualTo(expected);
            expected++;
          }
        }
      }
      assertThat(triples.count()).isEqualTo(expected);
    }
  }

  private static double weight(
      List<Integer> set,
      double[] one,
      double[][] pair,
      double[] triple,
      SetDistribution.Triples triples) {
    double weight = 1;
    for (int a = 0; a < set.size(); a++) {
      weight *= one[set.get(a)];
      for (int b = a + 1; b < set.size(); b++) {
        weight *= pair[set.get(a)][set.get(b)];
      }
    }
    return set.size() == 3
        ? weight * triple[triples.index(set.get(0), set.get(1), set.get(2))]
        : weight;
  }

  private static List<List<Integer>> subsets(int n) {
    List<List<Integer>> sets = new ArrayList<>();
    for (int bits = 0; bits < 1 << n; bits++) {
      List<Integer> set = new ArrayList<>();
      for (int i = 0; i < n; i++) {
        if ((bits >> i & 1) == 1) {
          set.add(i);
        }
      }
      if (set.size() <= 3) {
        sets.add(set);
      }
    }
    return sets;
  }
}
