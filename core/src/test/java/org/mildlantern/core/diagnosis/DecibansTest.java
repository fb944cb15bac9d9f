package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DecibansTest {
  @Test
  void tenDecibansMakeTheOddsTenTimesAsGreat() {
    assertThat(Decibans.ofFactor(10)).isCloseTo(10, within(1e-12));
    assertThat(Decibans.ofFactor(0.1)).isCloseTo(-10, within(1e-12));
    assertThat(Decibans.ofFactor(6)).isCloseTo(7.78, within(0.01));
    assertThat(Decibans.ofProbability(0.5)).isCloseTo(0, within(1e-12));
    assertThat(Decibans.ofProbability(10.0 / 11)).isCloseTo(10, within(1e-9));
    assertThat(Decibans.ofNats(Math.log(10))).isCloseTo(10, within(1e-12));
  }

  @Test
  void theEndsStayFinite() {
    assertThat(Decibans.ofProbability(0)).isFinite();
    assertThat(Decibans.ofProbability(1)).isFinite();
  }

  @ParameterizedTest
  @CsvSource({"9.16, +9.2", "-4.44, −4.4", "0.04, 0.0", "-0.04, 0.0", "12, +12.0"})
  void areWrittenWithSignAndOneDecimal(double decibans, String text) {
    assertThat(Decibans.text(decibans)).isEqualTo(text);
  }

  @ParameterizedTest
  @CsvSource({"0, 0 %", "0.004, < 1 %", "0.714, 71 %", "0.999, > 99 %", "1, 100 %"})
  void percentAreCarefulAtTheEnds(double probability, String text) {
    assertThat(Decibans.percent(probability)).isEqualTo(text);
  }
}
