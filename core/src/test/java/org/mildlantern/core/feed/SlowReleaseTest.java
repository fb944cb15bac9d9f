package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class SlowReleaseTest {
  private static final LocalDate SPRING = LocalDate.of(2026, 4, 1);
  private static final Label GRAINS = Label.oxide(15, 9, 12);

  private static SlowRelease at(double celsius) {
    return new SlowRelease(GRAINS, 5, 6, celsius);
  }

  @Test
  void lastsAsItsLabelSaysAtTwentyOneDegrees() {
    assertThat(at(21).days()).isCloseTo(182.6, within(0.1));
    assertThat(at(31).days()).isCloseTo(91.3, within(0.1));
    assertThat(at(11).days()).isCloseTo(365.3, within(0.1));
    assertThat(at(-20).days()).as("as in the cold").isEqualTo(at(5).days());
  }

  @Test
  void isSpentInTheEnd() {
    assertThat(at(21).left(SPRING, SPRING)).isEqualTo(1);
    assertThat(at(21).left(SPRING, SPRING.plusDays(91))).isCloseTo(0.5, within(0.01));
    assertThat(at(21).left(SPRING, SPRING.plusDays(400))).isZero();
    assertThat(at(21).spent(SPRING)).isEqualTo(LocalDate.of(2026, 10, 1));
  }

  @Test
  void givesAllItsNitrogenInItsTime() {
    SlowRelease grains = at(24);
    assertThat(grains.nitrogenADay() * grains.days()).isCloseTo(5 * 150, within(1e-6));
  }

  @Test
  void isWeighedForWhatAPlantDrinks() {
    double grams = SlowRelease.gramsFor(GRAINS, 6, 21, 50, 40);
    assertThat(new SlowRelease(GRAINS, grams, 6, 21).nitrogenADay()).isCloseTo(2, within(1e-9));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> SlowRelease.gramsFor(Label.oxide(0, 10, 10), 6, 21, 50, 40));
    assertThatIllegalArgumentException().isThrownBy(() -> new SlowRelease(GRAINS, 0, 6, 21));
  }
}
