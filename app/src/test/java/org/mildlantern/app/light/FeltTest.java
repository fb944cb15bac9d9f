package org.mildlantern.app.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.air.ColdPane;
import org.mildlantern.core.air.Nearby;
import org.mildlantern.core.light.Glass;

class FeltTest {
  private static Felt near(Nearby kind, double metres) {
    return new Felt(List.of(new Felt.Thing(kind, metres)), List.of());
  }

  private static Felt before(Glass glass, double metres) {
    return new Felt(List.of(), List.of(new Felt.Pane(glass, metres)));
  }

  @Test
  void anEmptyRoomChangesNothing() {
    Felt nothing = new Felt(List.of(), List.of());
    assertThat(nothing.known()).isFalse();
    assertThat(nothing.heated()).isFalse();
    assertThat(nothing.blown()).isFalse();
    assertThat(nothing.night(18, -6)).isEqualTo(18);
    assertThat(nothing.humidity(20, 45)).isEqualTo(45);
    assertThat(nothing.atColdGlass(18, -6, null)).isLessThan(0.5);
    assertThat(nothing.atColdGlass(18, -6, 2.0)).isLessThan(0.5);
  }

  @Test
  void aRadiatorDriesWhatStandsByItAndNotTheRoom() {
    assertThat(near(Nearby.RADIATOR, 0.2).heated()).isTrue();
    assertThat(near(Nearby.RADIATOR, 0.2).blown()).isFalse();
    assertThat(near(Nearby.RADIATOR, 0.2).humidity(20, 45)).isBetween(25.0, 40.0);
    assertThat(near(Nearby.RADIATOR, 3).heated()).isFalse();
    assertThat(near(Nearby.RADIATOR, 3).humidity(20, 45)).isCloseTo(45, within(1.0));
  }

  @Test
  void theDriestOfManyThingsCounts() {
    Felt both =
        new Felt(
            List.of(new Felt.Thing(Nearby.RADIATOR, 2), new Felt.Thing(Nearby.VENT, 0.3)),
            List.of());
    assertThat(both.humidity(20, 45)).isEqualTo(near(Nearby.VENT, 0.3).humidity(20, 45));
    assertThat(both.blown()).isTrue();
    assertThat(both.known()).isTrue();
  }

  @Test
  void aDoorBlowsAndDoesNotWarm() {
    assertThat(near(Nearby.DOOR, 0.5).blown()).isTrue();
    assertThat(near(Nearby.DOOR, 0.5).heated()).isFalse();
    assertThat(near(Nearby.DOOR, 0.5).humidity(20, 45)).isCloseTo(45, within(1e-6));
    assertThat(near(Nearby.DOOR, 3).blown()).isFalse();
  }

  @Test
  void leavesAtAPaneAreAsColdAsItIsPoor() {
    assertThat(before(Glass.SINGLE, 0.05).night(18, -6))
        .isEqualTo(new ColdPane(18, -6, Glass.SINGLE).at(0.05))
        .isLessThan(before(Glass.TRIPLE, 0.05).night(18, -6));
    assertThat(before(Glass.SINGLE, 0.05).atColdGlass(18, -6, null)).isGreaterThan(0.5);
    assertThat(before(Glass.SINGLE, 1).atColdGlass(18, -6, null)).isLessThan(0.5);
    assertThat(before(Glass.TRIPLE, 0.05).atColdGlass(18, -6, null)).isLessThan(0.5);
    assertThat(before(Glass.SINGLE, 0.05).atColdGlass(18, 16, null)).isLessThan(0.5);
  }

  @Test
  void thePaneThatWasReadIsBelievedBeforeTheReckonedOne() {
    assertThat(before(Glass.SINGLE, 0.05).atColdGlass(18, -6, 17.0)).isLessThan(0.5);
    assertThat(before(Glass.TRIPLE, 0.05).atColdGlass(18, -6, 2.0)).isGreaterThan(0.5);
    assertThat(before(Glass.TRIPLE, 0.05).atColdGlass(18, -6, 30.0)).isLessThan(0.5);
  }

  @Test
  void theColdestOfTwoPanesCounts() {
    Felt corner =
        new Felt(
            List.of(), List.of(new Felt.Pane(Glass.TRIPLE, 0.1), new Felt.Pane(Glass.SINGLE, 0.1)));
    assertThat(corner.night(18, -6)).isEqualTo(before(Glass.SINGLE, 0.1).night(18, -6));
  }
}
