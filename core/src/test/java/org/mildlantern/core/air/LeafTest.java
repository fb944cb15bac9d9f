package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class LeafTest {
  private static final Air ROOM = new Air(22, 50);

  @Test
  void isAsWarmAsMoistAirInTheDark() {
    assertThat(Leaf.IN_A_ROOM.celsius(new Air(22, 100), 0, Leaf.OPEN_PORES))
        .isCloseTo(22, within(0.01));
  }

  @Test
  void coolsItselfInTheDarkByWhatItGivesOff() {
    double open = Leaf.IN_A_ROOM.celsius(ROOM, 0, Leaf.OPEN_PORES);
    double shut = Leaf.IN_A_ROOM.celsius(ROOM, 0, Leaf.SHUT_PORES);
    assertThat(open).isBetween(ROOM.wetBulb(), 22.0).isLessThan(shut);
  }

  @Test
  void getsHotInTheSunWhenItsPoresAreShut() {
    double open = Leaf.IN_A_ROOM.celsius(ROOM, 1200, Leaf.OPEN_PORES);
    double shut = Leaf.IN_A_ROOM.celsius(ROOM, 1200, Leaf.SHUT_PORES);
    assertThat(open).isBetween(22.0, 32.0);
    assertThat(shut).isBetween(30.0, 40.0).isGreaterThan(open + 3);
  }

  @Test
  void keepsItsHeatInBalance() {
    Leaf leaf = new Leaf(0.1, 0.3);
    double pores = 0.15;
    double celsius = leaf.celsius(ROOM, 600, pores);
    double warmer = celsius - 22;
    double gv = 1.4 * 0.147 * Math.sqrt(3);
    double water = pores * gv / (pores + gv);
    double heat = 2 * 1.4 * 0.135 * Math.sqrt(3) * 29.3;
    double walls = 2 * 4 * 5.67e-8 * Math.pow(295.15, 3) * 0.97;
    double wet = 44_000 * water / 101.325 * (Air.saturation(celsius) - ROOM.vapour());
    assertThat(heat * warmer + walls * warmer + wet)
        .isCloseTo(600 / (0.45 * 4.57) * 0.5, within(4.0));
  }

  @Test
  void aFanBringsItCloserToTheAirAndDriesIt() {
    Leaf fan = new Leaf(0.06, 0.8);
    assertThat(fan.celsius(ROOM, 1000, Leaf.SHUT_PORES))
        .isLessThan(Leaf.IN_A_ROOM.celsius(ROOM, 1000, Leaf.SHUT_PORES) - 3);
    assertThat(fan.hoursWet(ROOM)).isLessThan(Leaf.IN_A_ROOM.hoursWet(ROOM) / 2);
  }

  @Test
  void staysWetTheLongerTheMoisterTheAirIs() {
    assertThat(Leaf.IN_A_ROOM.hoursWet(new Air(22, 40))).isBetween(0.3, 4.0);
    assertThat(Leaf.IN_A_ROOM.hoursWet(new Air(16, 85))).isBetween(2.5, 6.0);
    assertThat(Leaf.IN_A_ROOM.hoursWet(new Air(16, 96))).isGreaterThan(5);
    assertThat(Leaf.IN_A_ROOM.hoursWet(new Air(16, 100))).isEqualTo(36);
  }

  @Test
  void refusesWhatNoLeafIs() {
    assertThatIllegalArgumentException().isThrownBy(() -> new Leaf(0, 0.1));
    assertThatIllegalArgumentException().isThrownBy(() -> new Leaf(0.1, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> new Leaf(Double.NaN, 1));
  }

  @Test
  void tellsItsWorking() {
    assertThat(Leaf.IN_A_ROOM.working(ROOM, 500, Leaf.OPEN_PORES).result()).endsWith("°C");
  }
}
