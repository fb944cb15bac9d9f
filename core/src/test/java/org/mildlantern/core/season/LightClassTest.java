package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
}
