package org.mildlantern.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.growth.GrowthTrend.Grown;
import org.mildlantern.core.growth.GrowthTrend.Verdict;

class GrowthTrendTest {
  private static GrowthTrend of(double... cm) {
    List<Grown> grown = new ArrayList<>();
    for (int i = 0; i < cm.length; i++) {
      grown.add(new Grown(LocalDate.of(2026, 1, 1).plusMonths(2L * i), cm[i]));
    }
    return GrowthTrend.of(Organ.LEAF, grown).orElseThrow();
  }

  @Test
  void eachAFifthLargerThanTheLast() {
    GrowthTrend trend = of(10, 12, 14.4);
    assertThat(trend.each()).isCloseTo(1.2, within(1e-9));
    assertThat(trend.verdict()).isEqualTo(Verdict.LARGER);
    assertThat(trend.working().steps()).hasSize(3);
  }

  @Test
  void turnedRoundItShrinks() {
    assertThat(of(14.4, 12, 10).verdict()).isEqualTo(Verdict.SMALLER);
    assertThat(of(14.4, 12, 10).each()).isCloseTo(1 / 1.2, within(1e-9));
  }

  @Test
  void twoThatDifferAsLeavesDoSayNothing() {
    assertThat(of(10, 10.8).verdict()).isEqualTo(Verdict.OPEN);
    assertThat(of(10, 10.2, 9.9, 10.1, 10, 10.1, 9.9).verdict()).isEqualTo(Verdict.SAME);
  }

  @Test
  void oneAloneIsNoTrend() {
    assertThat(GrowthTrend.of(Organ.TRAP, List.of(new Grown(LocalDate.EPOCH, 3)))).isEmpty();
    assertThatIllegalArgumentException().isThrownBy(() -> new Grown(LocalDate.EPOCH, 0));
  }
}
