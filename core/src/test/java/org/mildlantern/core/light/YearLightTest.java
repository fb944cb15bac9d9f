package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.season.LightClass;

class YearLightTest {
  private static final YearLight YEAR =
      new YearLight(List.of(1.0, 2.0, 4.0, 7.0, 9.0, 10.0, 9.0, 7.0, 5.0, 3.0, 1.0, 0.5));

  @Test
  void aDayLiesBetweenTheMonthsAboutIt() {
    assertThat(YEAR.at(LocalDate.of(2026, 3, 15))).isCloseTo(4, within(0.1));
    assertThat(YEAR.at(LocalDate.of(2026, 4, 1))).isCloseTo(5.5, within(0.2));
    assertThat(YEAR.at(LocalDate.of(2026, 12, 31))).isCloseTo(0.75, within(0.05));
    assertThat(YEAR.at(LocalDate.of(2026, 1, 1))).isCloseTo(0.75, within(0.05));
    for (int day = 1; day < 365; day++) {
      assertThat(YEAR.at(LocalDate.ofYearDay(2026, day)))
          .isCloseTo(YEAR.at(LocalDate.ofYearDay(2026, day + 1)), within(0.2));
    }
  }

  @Test
  void itsMeanNamesTheStepOfLight() {
    assertThat(LightClass.ofMean(YEAR.mean())).isEqualTo(LightClass.MEDIUM);
    assertThat(LightClass.ofMean(0.4)).isEqualTo(LightClass.LOW);
    assertThat(LightClass.ofMean(30)).isEqualTo(LightClass.SUN);
    assertThatIllegalArgumentException().isThrownBy(() -> new YearLight(List.of(1.0)));
  }
}
