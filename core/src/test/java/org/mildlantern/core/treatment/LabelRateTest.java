package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LabelRateTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "5 ml/L | 5 | 5 | ml",
        "5ml per litre | 5 | 5 | ml",
        "2,5 g/L | 2.5 | 2.5 | g",
        "25 g per 10 litres | 2.5 | 2.5 | g",
        "5-10 ml/L | 5 | 10 | ml",
        "10 to 20 ml / 5 l | 2 | 4 | ml",
        "0.5 % | 5 | 5 | ml",
        "1-2 % | 10 | 20 | ml",
        "1:199 | 5 | 5 | ml",
        "2 tsp/gal | 2.6042 | 2.6042 | ml",
        "1 tbsp per gallon | 3.9063 | 3.9063 | ml",
        "1 fl oz/gal | 7.8125 | 7.8125 | ml",
        "1 fl. oz per quart | 31.25 | 31.25 | ml",
        "1 oz per gal | 7.4892 | 7.4892 | g",
        "3 ml per 500 ml | 6 | 6 | ml",
      })
  void aRateIsReadAsPrinted(String text, double least, double most, String unit) {
    LabelRate rate = LabelRate.parse(text);
    assertThat(rate.least()).isCloseTo(least, within(1e-3));
    assertThat(rate.most()).isCloseTo(most, within(1e-3));
    assertThat(rate.unit()).isEqualTo(unit);
    assertThat(rate.printed()).isEqualTo(text);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "  ", "a little", "5", "5 ml", "5 kg/L", "-3 ml/L", "1:x", "5 ml/0 L"})
  void whatCannotBeReadSaysSo(String text) {
    assertThatThrownBy(() -> LabelRate.parse(text)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void zeroBackwardsAndWrongUnitsAreRefused() {
    assertThatThrownBy(() -> LabelRate.parse("0 ml/L")).hasMessageContaining("zero");
    assertThatThrownBy(() -> LabelRate.parse("10-5 ml/L")).hasMessageContaining("backwards");
    assertThatThrownBy(() -> LabelRate.parse("800 ml/L")).hasMessageContaining("unit");
    assertThatThrownBy(() -> LabelRate.parse("fill the cap")).hasMessageContaining("5 ml/L");
  }
}
