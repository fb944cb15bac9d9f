package org.mildlantern.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.NullSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {"7; 7", "0,8; 0.8", "' 12.50 '; 12.5", ".5; 0.5", "-3; -3", "−3,5; -3.5", "3.; 3"})
  void readsDecimals(String text, double number) {
    assertThat(Typed.decimal(text)).contains(number);
  }

  @ParameterizedTest
  @NullSource
  @ValueSource(
      strings = {
        "",
        " ",
        "x",
        "NaN",
        "Infinity",
        "1e3",
        "0x10",
        "1d",
        "1,234.5",
        "1.2.3",
        "--1",
        "1 2",
        "12345678901",
        ".",
        "-",
        "½",
        "5 ml"
      })
  void readsNothingElse(String text) {
    assertThat(Typed.decimal(text)).isEmpty();
    assertThat(Typed.whole(text)).isEmpty();
  }

  @Test
  void readsWholeNumbers() {
    assertThat(Typed.whole(" 40 ")).contains(40);
    assertThat(Typed.whole("−2")).contains(-2);
    assertThat(Typed.whole("4.0")).isEmpty();
    assertThat(Typed.whole("4,5")).isEmpty();
  }
}
