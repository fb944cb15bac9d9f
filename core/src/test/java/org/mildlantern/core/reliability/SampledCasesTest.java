package org.mildlantern.core.reliability;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class SampledCasesTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  @Test
  void statedChancesComeTrueAsOftenAsTheySay() {
    Calibration calibration = Calibration.of(knowledge, 1500, new Random(7));
    System.out.println(calibration);
    assertThat(calibration.error()).isLessThanOrEqualTo(0.03);
    assertThat(calibration.bins()).hasSize(10);
    assertThat(calibration.bins().stream().mapToInt(Calibration.Bin::statements).sum())
        .isGreaterThan(1500);
  }

  /** Ten thousand cases, which are measured apart, give two thirds; so few scatter about it. */
  @Test
  void theSuggestedOrderNeedsAboutTwoThirdsOfTheLooks() {
    CheckOrder order = CheckOrder.of(knowledge, 120, new Random(11));
    System.out.println(order + " share " + order.share());
    assertThat(order.share()).isLessThanOrEqualTo(0.75);
  }

  @Test
  void theSameSeedDrawsTheSameCases() {
    assertThat(new Sampler(knowledge, new Random(3)).draw())
        .isEqualTo(new Sampler(knowledge, new Random(3)).draw());
  }
}
