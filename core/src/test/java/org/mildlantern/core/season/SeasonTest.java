package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class SeasonTest {
  @Test
  void followsTheHemisphere() {
    LocalDate november = LocalDate.of(2026, 11, 23);
    assertThat(Season.of(november, 53)).isEqualTo(Season.AUTUMN);
    assertThat(Season.of(november, -33)).isEqualTo(Season.SPRING);
    assertThat(Season.of(LocalDate.of(2026, 8, 31), -33)).isEqualTo(Season.WINTER);
  }
}
