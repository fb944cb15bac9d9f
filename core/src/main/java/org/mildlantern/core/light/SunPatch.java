package org.mildlantern.core.light;

import java.util.List;
import java.util.stream.Stream;

/** The patch of floor that the sun lights through a window. */
public final class SunPatch {
  /** Lower the patch would be longer than any room. */
  private static final double LOWEST = 2;

  private SunPatch() {}

  /**
   * Its four corners, which may lie beyond the walls; none while the sun does not shine in.
   *
   * @param along from the wall’s left end to the window’s middle, metres
   */
  public static List<FloorPlan.Point> of(
      FloorPlan room, FloorPlan.Wall wall, double along, Opening window, Sun.Position sun) {
    double turn = Math.toRadians(sun.from() - room.faces(wall));
    if (sun.up() < LOWEST || Math.cos(turn) <= 0.02) {
      return List.of();
    }
    double low = window.sill();
    double high = window.sill() + window.height();
    double left = along - window.width() / 2;
    double right = along + window.width() / 2;
    return Stream.of(
            new double[] {left, low},
            new double[] {right, low},
            new double[] {right, high},
            new double[] {left, high})
        .map(corner -> fallen(room, wall, corner[0], corner[1], turn, sun.up()))
        .toList();
  }

  /** Where the ray through a point of the wall meets the floor. */
  private static FloorPlan.Point fallen(
      FloorPlan room, FloorPlan.Wall wall, double across, double height, double turn, double up) {
    double far = height / Math.tan(Math.toRadians(up));
    double away = far * Math.cos(turn);
    double x = across - far * Math.sin(turn);
    return switch (wall) {
      case FRONT -> new FloorPlan.Point(x, away, 0);
      case RIGHT -> new FloorPlan.Point(room.width() - away, x, 0);
      case BACK -> new FloorPlan.Point(room.width() - x, room.depth() - away, 0);
      case LEFT -> new FloorPlan.Point(away, room.depth() - x, 0);
    };
  }
}
