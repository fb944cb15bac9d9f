package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.mildlantern.core.water.DemandChange.Air;

class DemandChangeTest {
  private static final Air NORTH = new Air(14, 71, 4);
  private static final Air SOUTH = new Air(21, 38, 8);

  @Test
  void saysByHowMuchAndWhy() {
    DemandChange change = DemandChange.of(NORTH, SOUTH);
    assertThat(change.ratio()).isCloseTo(SOUTH.demand() / NORTH.demand(), within(1e-9));
    assertThat(change.because()).hasSize(3);
    assertThat(change.because().get(0)).isEqualTo("drier air, 38 % after 71 %");
    assertThat(change.words())
        .startsWith("Its place draws 2.")
        .contains("warmer, 21 °C after 14 °C")
        .contains("more light, 8.0 mol of light a day where it was 4.0");
  }

  @Test
  void theWayBackSaysTheOpposite() {
    assertThat(DemandChange.of(SOUTH, NORTH).words())
        .contains("damper air")
        .contains("colder")
        .contains("less light");
  }

  @Test
  void theSameAirHasNothingToSay() {
    assertThat(DemandChange.of(NORTH, NORTH).words()).isEmpty();
    assertThat(DemandChange.of(NORTH, new Air(14, 70, 4.1)).words()).isEmpty();
  }
}
