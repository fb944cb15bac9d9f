package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ClosedCaseTest {
  private static final Air DRY_ROOM = new Air(20, 40);

  @Test
  void isMuchMoisterThanItsRoomWhileShut() {
    assertThat(ClosedCase.of(60, 0.5, 0).in(DRY_ROOM, false).humidity()).isGreaterThan(85);
    assertThat(ClosedCase.of(60, 30, 0).in(DRY_ROOM, false).humidity()).isLessThan(75);
  }

  @Test
  void theWaterThatItsSurfaceGivesLeavesWithItsAir() {
    ClosedCase box = ClosedCase.of(200, 2, 0);
    Air inside = box.in(DRY_ROOM, false);
    double gives = 45 * box.wet() * inside.vpd();
    double leaves = (inside.absolute() - DRY_ROOM.absolute()) * 0.2 * 2;
    assertThat(gives).isCloseTo(leaves, within(leaves * 0.01 + 1e-3));
  }

  @Test
  void itsLampsWarmIt() {
    ClosedCase box = ClosedCase.of(60, 0.5, 15);
    assertThat(box.warmer()).isBetween(2.0, 8.0);
    assertThat(box.in(DRY_ROOM, true).celsius()).isCloseTo(20 + box.warmer(), within(1e-9));
    assertThat(ClosedCase.of(60, 0.5, 30).warmer()).isCloseTo(2 * box.warmer(), within(1e-9));
  }

  @Test
  void theMoreGlassTheLessItsLampsWarmIt() {
    ClosedCase box = ClosedCase.of(60, 0.5, 15);
    assertThat(box.behind(box.glass() * 2).warmer()).isCloseTo(box.warmer() / 2, within(0.1));
    assertThat(box.behind(0.2).warmer()).isGreaterThan(box.warmer());
  }

  @Test
  void aDryOneHoldsTheWaterOfItsRoom() {
    Air inside = new ClosedCase(100, 1.5, 1, 0, 0).in(DRY_ROOM, false);
    assertThat(inside.humidity()).isCloseTo(40, within(0.01));
  }

  @Test
  void refusesWhatNoCaseIs() {
    assertThatIllegalArgumentException().isThrownBy(() -> ClosedCase.of(0, 1, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> ClosedCase.of(10, 0, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> ClosedCase.of(10, 1, -1));
  }
}
