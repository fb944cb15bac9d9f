package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class AcclimationTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

  @Test
  void theFurtherApartTheNightsTheLongerItTakes() {
    assertThat(Acclimation.after(19, 12, DAY)).isEmpty();
    assertThat(Acclimation.after(19, 10, DAY)).contains(new Acclimation(DAY.plusDays(3), true));
    assertThat(Acclimation.after(19, 1, DAY)).contains(new Acclimation(DAY.plusDays(5), true));
    assertThat(Acclimation.after(0, 20, DAY)).contains(new Acclimation(DAY.plusDays(6), false));
    assertThat(Acclimation.after(30, -30, DAY).orElseThrow().until()).isEqualTo(DAY.plusDays(14));
  }
}
