package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class NearbyTest {
  private static final Air ROOM = new Air(20, 45);

  @Test
  void airOverARadiatorIsWarmerAndDrierWithTheSameWater() {
    Air over = Nearby.RADIATOR.at(ROOM, 0.2);
    assertThat(over.celsius()).isBetween(23.0, 27.0);
    assertThat(over.humidity()).isBetween(28.0, 38.0);
    assertThat(over.vapour()).isCloseTo(ROOM.vapour(), within(1e-6));
  }

  @Test
  void aRoomAwayFromItIsNotWarmed() {
    assertThat(Nearby.RADIATOR.heats(0.3)).isTrue();
    assertThat(Nearby.RADIATOR.heats(2)).isFalse();
    assertThat(Nearby.VENT.heats(1.5)).isTrue();
  }

  @Test
  void doorsAndVentsBlowAndRadiatorsDoNot() {
    assertThat(Nearby.DOOR.blows(0.8)).isTrue();
    assertThat(Nearby.DOOR.blows(3)).isFalse();
    assertThat(Nearby.VENT.blows(0.5)).isTrue();
    assertThat(Nearby.RADIATOR.blows(0.1)).isFalse();
    assertThat(Nearby.DOOR.at(ROOM, 0.1)).isEqualTo(Nearby.DOOR.at(ROOM, 5));
  }
}
