package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.light.FloorPlan.Point;
import org.mildlantern.core.light.FloorPlan.Wall;

class FloorPlanTest {
  private static final FloorPlan ROOM = new FloorPlan(4, 5, 180);

  @Test
  void aSpotIsSeenFromEachWall() {
    Point spot = new Point(1, 2, 1.1);
    assertThat(ROOM.from(Wall.FRONT, 2, spot)).isEqualTo(new Spot(2, -1, 1.1));
    assertThat(ROOM.from(Wall.RIGHT, 2.5, spot)).isEqualTo(new Spot(3, -0.5, 1.1));
    assertThat(ROOM.from(Wall.BACK, 2, spot)).isEqualTo(new Spot(3, 1, 1.1));
    assertThat(ROOM.from(Wall.LEFT, 2.5, spot)).isEqualTo(new Spot(1, 0.5, 1.1));
    assertThat(ROOM.faces(Wall.RIGHT)).isEqualTo(270);
    assertThat(ROOM.faces(Wall.LEFT)).isEqualTo(90);
    assertThat(ROOM.length(Wall.FRONT)).isEqualTo(4);
    assertThat(ROOM.length(Wall.LEFT)).isEqualTo(5);
    assertThat(ROOM.holds(spot)).isTrue();
    assertThat(ROOM.holds(new Point(4.1, 2, 1))).isFalse();
    assertThatThrownBy(() -> new FloorPlan(0, 5, 0)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aRoomTurnedRoundLetsInTheSameLight() {
    Opening window = new Opening(180, 1.4, 1.2, 0.9, Glass.DOUBLE, Opening.Over.NONE, Blind.NONE);
    Point spot = new Point(1, 0.5, 1.1);
    double front = light(window, ROOM.from(Wall.FRONT, 2, spot));
    FloorPlan turned = new FloorPlan(5, 4, 90);
    // The same wall is the right one of a room that is entered by another name.
    Point there = new Point(4.5, 1, 1.1);
    assertThat(turned.faces(Wall.RIGHT)).isEqualTo(180);
    assertThat(light(window, turned.from(Wall.RIGHT, 2, there))).isCloseTo(front, within(1e-9));
  }

  private static double light(Opening window, Spot from) {
    Setting setting =
        Setting.behind(List.of(new Setting.Seen(window, from)), Skyline.OPEN, List.of());
    return new LitSpot(setting).on(LocalDate.of(2026, 3, 20), 53, Trust.DRAWN).dli();
  }

  @Test
  void theSunFallsWhereTheRayThroughTheWindowMeetsTheFloor() {
    Opening window = new Opening(180, 1, 1, 1, Glass.DOUBLE, Opening.Over.NONE, Blind.NONE);
    // Sun straight before it at 45°: the patch begins a metre off and ends at two.
    assertThat(SunPatch.of(ROOM, Wall.FRONT, 2, window, new Sun.Position(45, 180)))
        .allSatisfy(
            corner -> {
              assertThat(corner.back()).isBetween(1 - 1e-9, 2 + 1e-9);
              assertThat(corner.right()).isBetween(1.5 - 1e-9, 2.5 + 1e-9);
            });
    // Sun in the west throws it to the left of one who looks out, towards the east.
    assertThat(SunPatch.of(ROOM, Wall.FRONT, 2, window, new Sun.Position(45, 225)).get(0).right())
        .isLessThan(1.5);
    assertThat(SunPatch.of(ROOM, Wall.RIGHT, 2, window, new Sun.Position(45, 270)).get(0).right())
        .isCloseTo(3, within(1e-9));
    assertThat(SunPatch.of(ROOM, Wall.BACK, 2, window, new Sun.Position(45, 0)).get(0).back())
        .isCloseTo(4, within(1e-9));
    assertThat(SunPatch.of(ROOM, Wall.FRONT, 2, window, new Sun.Position(45, 20))).isEmpty();
    assertThat(SunPatch.of(ROOM, Wall.FRONT, 2, window, new Sun.Position(1, 180))).isEmpty();
  }

  /** A point on the floor lies in the patch just when the sun is seen from it. */
  @Test
  void thePatchIsWhereTheSunIsSeen() {
    Opening window = new Opening(90, 1.4, 1.3, 0.9, Glass.DOUBLE, Opening.Over.NONE, Blind.NONE);
    Sun.Position sun = new Sun.Position(30, 130);
    List<Point> patch = SunPatch.of(ROOM, Wall.LEFT, 2.5, window, sun);
    double right = patch.stream().mapToDouble(Point::right).average().orElseThrow();
    double back = patch.stream().mapToDouble(Point::back).average().orElseThrow();
    Spot middle = ROOM.from(Wall.LEFT, 2.5, new Point(right, back, 0));
    assertThat(window.isSeenThrough(middle, sun)).isTrue();
    Spot beside = ROOM.from(Wall.LEFT, 2.5, new Point(right, back + 1.5, 0));
    assertThat(window.isSeenThrough(beside, sun)).isFalse();
  }
}
