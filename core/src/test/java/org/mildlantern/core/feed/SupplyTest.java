package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;

class SupplyTest {
  @Test
  void aRoofGivesMostOfTheRainThatFallsOnIt() {
    Band month = Supply.roof(10, 60);
    assertThat(month.value()).isEqualTo(480);
    assertThat(month.low()).isEqualTo(240);
    assertThat(Supply.roof(10, 0).high()).isZero();
    assertThatIllegalArgumentException().isThrownBy(() -> Supply.roof(0, 60));
    assertThatIllegalArgumentException().isThrownBy(() -> Supply.roof(10, 5000));
  }

  @Test
  void rainIsUsualForALatitudeNorthAndSouth() {
    assertThat(Supply.rain(3)).isGreaterThan(Supply.rain(52)).isGreaterThan(Supply.rain(25));
    assertThat(Supply.rain(-52)).isEqualTo(Supply.rain(52));
  }

  @Test
  void aCartridgeLastsTheLongerTheSofterTheWater() {
    assertThat(Supply.cartridge(150, 180, 180)).isEqualTo(150);
    assertThat(Supply.cartridge(150, 180, 360)).isEqualTo(75);
    assertThatIllegalArgumentException().isThrownBy(() -> Supply.cartridge(150, 180, 0));
  }
}
