package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Library;

class WeightCheckTest {
  private static final Holding HOLDING =
      Holding.of(
          PotShape.of(PotShape.Kind.ROUND, 12, null),
          Library.shipped().media().mixOf("house-compost").orElseThrow());
  private static final double DRAINED = 900;
  private static final double DRY = DRAINED - HOLDING.availableMl();

  @Test
  void whatLiesBetweenDryAndDrainedCanBe() {
    for (double grams : new double[] {DRY, (DRY + DRAINED) / 2, DRAINED, DRAINED + 20}) {
      assertThat(WeightCheck.fault(grams, DRAINED, DRY, HOLDING)).isEmpty();
    }
  }

  @Test
  void lighterThanThePotWithDryMediumCannot() {
    assertThat(WeightCheck.fault(DRY - 0.2 * HOLDING.availableMl() - 5, DRAINED, DRY, HOLDING))
        .hasValueSatisfying(fault -> assertThat(fault).startsWith("Lighter than this pot"));
    assertThat(WeightCheck.fault(DRAINED - 2 * HOLDING.fullMl(), DRAINED, null, HOLDING))
        .isPresent();
  }

  @Test
  void muchHeavierThanDrainedCannotEither() {
    assertThat(WeightCheck.fault(2 * DRAINED, DRAINED, DRY, HOLDING))
        .hasValueSatisfying(fault -> assertThat(fault).contains("about 900 g"));
  }

  @Test
  void aPotNeverWeighedMayWeighAnything() {
    assertThat(WeightCheck.fault(1, null, null, HOLDING)).isEmpty();
  }
}
