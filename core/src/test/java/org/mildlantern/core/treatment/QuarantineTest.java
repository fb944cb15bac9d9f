package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Remedies;

class QuarantineTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 1);
  private static final Remedies REMEDIES = Library.shipped().remedies();
  private static final LifeCycle MITES = REMEDIES.pests().find("spider-mites").orElseThrow();

  @Test
  void theLongerOfFourWeeksAndAGenerationCounts() {
    assertThat(Quarantine.of(DAY, null, MITES, 28).days()).isEqualTo(28);
    assertThat(Quarantine.of(DAY, null, MITES, 16).days()).isEqualTo(40);
    assertThat(Quarantine.of(DAY, null, null, 16).days()).isEqualTo(28);
    assertThat(Quarantine.of(DAY, null, MITES, 5).days()).isEqualTo(365);
  }

  @Test
  void aFindStartsItAgain() {
    Quarantine first = Quarantine.of(DAY, null, MITES, 24);
    assertThat(first.clearOn()).isEqualTo(DAY.plusDays(28));
    Quarantine again = Quarantine.of(DAY, DAY.plusDays(10), MITES, 24);
    assertThat(again.reset()).isTrue();
    assertThat(again.clearOn()).isEqualTo(DAY.plusDays(38));
    assertThat(Quarantine.of(DAY, DAY.minusDays(3), MITES, 24).reset()).isFalse();
  }

  @Test
  void theClockRunsToNothingLeft() {
    Quarantine clock = Quarantine.of(DAY, null, null, 20);
    assertThat(clock.daysLeft(DAY)).isEqualTo(28);
    assertThat(clock.passed(DAY.plusDays(14))).isEqualTo(0.5);
    assertThat(clock.daysLeft(DAY.plusDays(40))).isZero();
    assertThat(clock.passed(DAY.plusDays(40))).isEqualTo(1);
  }

  @Test
  void eachSchoolCountsItsOwnWay() {
    assertThat(Quarantine.of(DAY, null, MITES, 28, Quarantine.Rule.GENERATION).days())
        .isEqualTo(14);
    assertThat(Quarantine.of(DAY, null, MITES, 16, Quarantine.Rule.FIXED).days()).isEqualTo(28);
    assertThat(Quarantine.of(DAY, null, null, 16, Quarantine.Rule.GENERATION).days()).isEqualTo(28);
    assertThat(Quarantine.of(DAY, null, MITES, 16, Quarantine.Rule.FIXED).working().formula())
        .contains("fixed days");
  }
}
