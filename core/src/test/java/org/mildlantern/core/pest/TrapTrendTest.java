package org.mildlantern.core.pest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.pest.TrapTrend.Count;

class TrapTrendTest {
  private static List<Count> counts(int... counted) {
    List<Count> counts = new ArrayList<>();
    for (int week = 0; week < counted.length; week++) {
      counts.add(new Count(week, counted[week], 1, null));
    }
    return counts;
  }

  @Test
  void halvingEachWeekIsAFactorOfOneHalf() {
    TrapTrend trend = TrapTrend.of(counts(160, 80, 40, 20, 10));
    assertThat(trend.factor()).isCloseTo(0.5, within(1e-6));
    assertThat(trend.word()).isEqualTo("falling");
  }

  @Test
  void moreTrapsCatchMoreWithoutARise() {
    TrapTrend trend =
        TrapTrend.of(
            List.of(
                new Count(0, 20, 1, null), new Count(1, 41, 2, null), new Count(2, 79, 4, null)));
    assertThat(trend.factor()).isCloseTo(1, within(0.05));
    assertThat(trend.word()).startsWith("steady");
  }

  @Test
  void twoCountsOrNoneAtAllTellNothing() {
    assertThat(TrapTrend.of(counts(5, 3))).isNull();
    assertThat(TrapTrend.of(counts(0, 0, 0))).isNull();
    assertThat(
            TrapTrend.of(
                List.of(
                    new Count(1, 2, 1, null), new Count(1, 2, 1, null), new Count(1, 4, 1, null))))
        .isNull();
  }

  @Test
  void theBandHoldsTheTruthAboutFourTimesInFive() {
    Random random = new Random(7);
    int held = 0;
    int runs = 400;
    for (int run = 0; run < runs; run++) {
      int[] counted = new int[8];
      for (int week = 0; week < 8; week++) {
        counted[week] = poisson(30 * Math.pow(0.8, week), random);
      }
      TrapTrend trend = TrapTrend.of(counts(counted));
      held += trend.low() <= 0.8 && 0.8 <= trend.high() ? 1 : 0;
    }
    assertThat((double) held / runs).isBetween(0.74, 0.95);
  }

  private static int poisson(double mean, Random random) {
    double limit = Math.exp(-mean);
    double product = random.nextDouble();
    int count = 0;
    while (product > limit) {
      product *= random.nextDouble();
      count++;
    }
    return count;
  }

  @Test
  void wetWeeksAreComparedWithDryOnes() {
    List<Count> counts =
        List.of(
            new Count(0, 30, 1, 0.9),
            new Count(1, 10, 1, 0.2),
            new Count(2, 20, 2, 0.1),
            new Count(3, 5, 1, null));
    assertThat(TrapTrend.wetRatio(counts)).isCloseTo(3, within(1e-9));
    assertThat(TrapTrend.wetRatio(counts.subList(0, 1))).isNull();
  }
}
