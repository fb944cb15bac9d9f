package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class LampKindTest {
  @Test
  void wattsTellTheirPhotonsByKind() {
    assertThat(LampKind.WHITE_LED.ppf(20)).isEqualTo(40);
    assertThat(LampKind.FLUORESCENT.ppf(36)).isCloseTo(30.6, within(1e-9));
    assertThat(LampKind.WHITE_LED.ppfd(10_000)).isCloseTo(150, within(1e-9));
  }

  @Test
  void whatIsKnownByWattsHasTheWiderBand() {
    Lamp sheet = new Lamp(40, 120, 0.4, 12);
    Lamp watts = Lamp.ofWatts(LampKind.WHITE_LED, 20, 120, 0.4, 12);
    SpotLight bySheet = alone(sheet);
    SpotLight byWatts = alone(watts);
    assertThat(byWatts.dli()).isEqualTo(bySheet.dli());
    assertThat(byWatts.high()).isGreaterThan(bySheet.high());
    assertThat(byWatts.low()).isLessThan(bySheet.low());
  }

  private static SpotLight alone(Lamp lamp) {
    return new LitSpot(Setting.behind(List.of(), Skyline.OPEN, List.of(lamp)))
        .on(LocalDate.of(2026, 6, 1), 53, Trust.DRAWN);
  }
}
