package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class DayLengthTest {
  private static final LocalDate JUNE = LocalDate.of(2026, 6, 21);
  private static final LocalDate DECEMBER = LocalDate.of(2026, 12, 21);

  @Test
  void theWorkedExampleOfFao56() {
    assertThat(DayLength.hours(-20, LocalDate.of(2026, 9, 3))).isCloseTo(11.7, within(0.05));
  }

  @Test
  void daysAreLongInSummerOnEitherSide() {
    assertThat(DayLength.hours(53, JUNE)).isCloseTo(16.6, within(0.1));
    assertThat(DayLength.hours(53, DECEMBER)).isCloseTo(7.4, within(0.1));
    assertThat(DayLength.hours(-53, DECEMBER)).isCloseTo(16.6, within(0.1));
    assertThat(DayLength.hours(0, JUNE)).isCloseTo(12, within(1e-9));
    assertThat(DayLength.hours(80, JUNE)).isEqualTo(24);
    assertThat(DayLength.hours(80, DECEMBER)).isEqualTo(0);
  }
}
