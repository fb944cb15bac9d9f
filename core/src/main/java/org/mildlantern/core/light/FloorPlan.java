package org.mildlantern.core.light;

/**
 * A rectangular room seen from above, by the wall that one calls its front.
 *
 * <p>Example: in a room 4 m wide and 5 m deep whose front wall looks south, a spot a metre from the
 * left wall and two from the front is two metres from a window in the middle of the front wall and
 * one metre left of it; a window in the right wall, which looks west, is three metres away.
 *
 * @param width along the front wall, metres
 * @param depth from the front wall to the back, metres
 * @param faces direction that the front wall looks out to, degrees from north clockwise
 */
public record FloorPlan(double width, double depth, double faces) {
  /** A wall, by how far it is turned from the front, degrees clockwise. */
  public enum Wall {
    FRONT("front", 0),
    RIGHT("right", 90),
    BACK("back", 180),
    LEFT("left", 270);

    private final String label;
    private final double turn;

    Wall(String label, double turn) {
      this.label = label;
      this.turn = turn;
    }

    public String label() {
      return label;
    }
  }

  /**
   * A place on the floor and its height.
   *
   * @param right from the left wall, metres, for one who looks at the front wall
   * @param back from the front wall, metres
   * @param height above the floor, metres
   */
  public record Point(double right, double back, double height) {
    /** How far off another is over the floor, metres. */
    public double away(Point other) {
      return Math.hypot(right - other.right, back - other.back);
    }
  }

  public FloorPlan {
    if (!(width >= 0.2 && width <= 50 && depth >= 0.2 && depth <= 50)) {
      throw new IllegalArgumentException("a room is 0.2 to 50 m wide and deep");
    }
  }

  /** Direction that a wall looks out to, degrees from north clockwise. */
  public double faces(Wall wall) {
    return (faces + wall.turn + 360) % 360;
  }

  /** Length of a wall, metres. */
  public double length(Wall wall) {
    return wall == Wall.FRONT || wall == Wall.BACK ? width : depth;
  }

  public boolean holds(Point point) {
    return point.right >= 0 && point.right <= width && point.back >= 0 && point.back <= depth;
  }

  /** The point of the floor at a wall. */
  public Point at(Wall wall, double along) {
    return switch (wall) {
      case FRONT -> new Point(along, 0, 0);
      case RIGHT -> new Point(width, along, 0);
      case BACK -> new Point(width - along, depth, 0);
      case LEFT -> new Point(0, depth - along, 0);
    };
  }

  /**
   * A point as seen from a window.
   *
   * @param along from the wall’s left end to the window’s middle, metres, for one who looks at it
   */
  public Spot from(Wall wall, double along, Point point) {
    double away =
        switch (wall) {
          case FRONT -> point.back;
          case RIGHT -> width - point.right;
          case BACK -> depth - point.back;
          case LEFT -> point.right;
        };
    double across =
        switch (wall) {
          case FRONT -> point.right;
          case RIGHT -> point.back;
          case BACK -> width - point.right;
          case LEFT -> depth - point.back;
        };
    return new Spot(Math.max(0, away), across - along, point.height);
  }
}
