package org.mildlantern.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WhenDayTest {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "28 Nov 2026",
        " 28 november 2026 ",
        "28th of Nov 2026",
        "Nov 28, 2026",
        "2026-11-28",
        "28.11.2026",
        "28/11/2026",
        "11/28/2026"
      })
  void readsADayHoweverItIsWritten(String typed) {
    assertThat(When.day(typed)).isEqualTo(LocalDate.of(2026, 11, 28));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "soon",
        "28 Nov",
        "2026",
        "on 2026",
        "28 Nov 0026",
        "28 Nov 2026 or so",
        "yesterday",
        "12026-11-28"
      })
  void asksForAWholeDay(String typed) {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> When.day(typed))
        .withMessage("A day with its year, please, such as 28 Nov 2026.");
  }

  @Test
  void saysWhatElseIsWrong() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> When.day("3/4/2026"))
        .withMessageContaining("is that 3 Apr or 4 Mar?");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> When.day("31 Nov 2026"))
        .withMessageContaining("There is no day");
  }
}
