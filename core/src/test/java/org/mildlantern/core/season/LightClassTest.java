package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class LightClassTest {
  @Test
  void countsTheStepsBetweenTwoPlaces() {
    assertThat(LightClass.of("sun").above(LightClass.of("low"))).isEqualTo(3);
    assertThat(LightClass.LOW.above(LightClass.MEDIUM)).isEqualTo(-1);
    assertThat(LightClass.BRIGHT.above(LightClass.BRIGHT)).isZero();
  }

  @Test
  void anotherWordIsRefused() {
    assertThatThrownBy(() -> LightClass.of("gloomy")).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void standsAmongTheStepsAsItFallsIntoThem() {
    for (LightClass step : LightClass.values()) {
      assertThat(LightClass.position(step.meanDli())).isCloseTo(step.ordinal(), within(1e-9));
    }
    for (double dli = 0.1; dli < 60; dli *= 1.03) {
      int nearest = (int) Math.max(0, Math.min(3, Math.round(LightClass.position(dli))));
      assertThat(nearest).as("%.2f mol", dli).isEqualTo(LightClass.ofMean(dli).ordinal());
      assertThat(LightClass.position(dli * 1.03)).isGreaterThan(LightClass.position(dli));
    }
  }
}
