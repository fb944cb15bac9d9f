package org.mildlantern.core.light;

/**
 * Where a plant's leaves are, as seen from the room.
 *
 * @param distance from the pane, metres
 * @param side metres to the right of the window's middle when one looks out; left is negative
 * @param height above the floor, metres
 */
public record Spot(double distance, double side, double height) {
  /** Leaves that touch the pane. */
  private static final double NEAREST = 0.03;

  public Spot {
    if (!(distance >= 0 && distance <= 30 && Math.abs(side) <= 20 && height >= 0 && height <= 20)) {
      throw new IllegalArgumentException(
          "a spot is 0 to 30 m from the pane, up to 20 m aside and 0 to 20 m high");
    }
    distance = Math.max(NEAREST, distance);
  }
}
