package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;

class ByLatitudeTest {
  private static final ByLatitude TABLE =
      new ByLatitude(new double[] {0, 10, 1}, new double[] {40, 20, 5}, new double[] {90, -30, 5});

  @Test
  void figuresLieBetweenTheRowsAlikeInBothHemispheres() {
    assertThat(TABLE.at(0)).containsExactly(10, 1);
    assertThat(TABLE.at(10)).containsExactly(12.5, 2);
    assertThat(TABLE.at(40)).containsExactly(20, 5);
    assertThat(TABLE.at(-65)).containsExactly(-5, 5);
    assertThat(TABLE.at(-90)).containsExactly(-30, 5);
  }

  @Test
  void thereIsNothingBeyondThePoles() {
    assertThatIllegalArgumentException().isThrownBy(() -> TABLE.at(90.1));
    assertThatIllegalArgumentException().isThrownBy(() -> TABLE.at(Double.NaN));
  }
}
