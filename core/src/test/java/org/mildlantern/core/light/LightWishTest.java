package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LightWishTest {
  private static final LightWish WISH = new LightWish(8, 20);

  @ParameterizedTest
  @CsvSource({"3.9,FAR_SHORT", "4,SHORT", "7.9,SHORT", "8,MET", "20,MET", "20.1,ABOVE"})
  void saysHowADaysLightMeetsIt(double dli, LightWish.Met met) {
    assertThat(WISH.met(dli)).isEqualTo(met);
  }

  @Test
  void asksForLessAtRestButBearsNoMore() {
    assertThat(WISH.atRest()).isEqualTo(new LightWish(2, 20));
    assertThat(WISH.atRest().met(3)).isEqualTo(LightWish.Met.MET);
    assertThat(WISH.atRest().met(21)).isEqualTo(LightWish.Met.ABOVE);
  }

  @ParameterizedTest
  @CsvSource({"0,5", "5,5", "6,5", "5,61", "NaN,5"})
  void refusesWhatIsNoBand(double low, double high) {
    assertThatThrownBy(() -> new LightWish(low, high)).isInstanceOf(IllegalArgumentException.class);
  }
}
