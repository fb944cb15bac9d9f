package org.mildlantern.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.growth.SpotChange.Measure;
import org.mildlantern.core.growth.SpotChange.Verdict;

class SpotChangeTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

  private static SpotChange after(int days, double from, double to) {
    return SpotChange.between(
        new Measure(DAY, from, 0.5), new Measure(DAY.plusDays(days), to, 0.5));
  }

  @Test
  void theNormalDistributionIsThatOfTheTables() {
    assertThat(SpotChange.normal(0)).isCloseTo(0.5, within(1e-7));
    assertThat(SpotChange.normal(1.96)).isCloseTo(0.9750021, within(1e-6));
    assertThat(SpotChange.normal(-1.2815516)).isCloseTo(0.1, within(1e-6));
  }

  @Test
  void fourMillimetresInAFortnightSpreads() {
    SpotChange change = after(14, 8, 12);
    assertThat(change.verdict()).isEqualTo(Verdict.SPREADING);
    assertThat(change.perDay()).isCloseTo(4.0 / 14, within(1e-9));
    assertThat(change.chance()).isGreaterThan(0.999);
  }

  @Test
  void theSameLengthWeeksApartIsStillAndDaysApartIsOpen() {
    assertThat(after(28, 8, 8).verdict()).isEqualTo(Verdict.STILL);
    assertThat(after(2, 8, 8).verdict()).isEqualTo(Verdict.OPEN);
    assertThat(after(20, 8, 4).verdict()).isEqualTo(Verdict.HEALING);
  }

  @Test
  void theLongerTheWaitTheSurerTheStillness() {
    double last = 1;
    for (int days = 1; days < 60; days++) {
      double chance = after(days, 8, 8).chance();
      assertThat(chance).isLessThan(last);
      last = chance;
    }
  }

  @Test
  void badMeasuresAreRefused() {
    assertThatThrownBy(() -> after(0, 8, 9)).hasMessageContaining("on a later day");
    assertThatThrownBy(() -> new Measure(DAY, 0, 0.5)).hasMessageContaining("above zero");
  }
}
