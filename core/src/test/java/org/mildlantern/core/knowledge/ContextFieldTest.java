package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContextFieldTest {
  @ParameterizedTest
  @CsvSource({
    "steps, 1, 1 step",
    "steps, -2, −2 steps",
    "d, 1, 1 day",
    "steps, -1, −1 step",
    "d, 3200, 3200 days",
    "months, 1.0, 1 month",
    "K, 5.5, 5.5 degrees C",
    "times, 1.25, 1.3 times",
    "°C, 19.5, 19.5 °C",
    "lux, 30000, 30000 lux",
    "1, 4, 4",
  })
  void aFigureIsSaidWithItsUnit(String unit, BigDecimal number, String said) {
    ContextField field =
        new ContextField("x", "X", unit, null, null, null, null, false, false, false, null);
    assertThat(field.figure(number)).isEqualTo(said);
  }
}
