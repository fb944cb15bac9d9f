package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class ClimateTest {
  private static double celsius(double latitude, int month) {
    return Climate.of(latitude, LocalDate.of(2026, month, 15)).celsius();
  }

  @Test
  void seasonsAreThoseOfTheHemisphere() {
    assertThat(celsius(53, 1)).isBetween(1.0, 5.0);
    assertThat(celsius(53, 7)).isBetween(14.0, 19.0);
    assertThat(celsius(-34, 1)).isGreaterThan(celsius(-34, 7) + 10);
    assertThat(celsius(0, 1)).isCloseTo(celsius(0, 7), within(2.5));
    assertThat(celsius(80, 2)).isLessThan(-15);
    assertThatIllegalArgumentException().isThrownBy(() -> celsius(91, 1));
  }
}
