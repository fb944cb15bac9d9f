package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mildlantern.core.light.FloorPlan;
import org.mildlantern.core.light.FloorPlan.Point;
import org.mildlantern.core.light.FloorPlan.Wall;
import org.mildlantern.core.light.Sun;
import org.mildlantern.core.light.SunPatch;

/**
 * A room from above, its wall with the main window at the top: windows, stands, and where the sun
 * falls on the floor by the hour. A unit of the picture is a centimetre times {@code scale}.
 *
 * @param scale of the picture for each cm
 */
record RoomPicture(
    double width,
    double depth,
    double scale,
    List<Pane> panes,
    List<Patch> patches,
    List<Dot> dots,
    List<Thing> things,
    List<Side> sides) {
  private static final double WIDEST = 420;
  private static final double DEEPEST = 380;

  /** Radiators, vents and doors are drawn so long, m, and so far inside the wall. */
  private static final double THING = 0.9;

  private static final double WALL = 7;
  private static final String[] WINDS = {"N", "NE", "E", "SE", "S", "SW", "W", "NW"};
  private static final int FIRST_HOUR = 8;
  private static final int LAST_HOUR = 16;
  private static final int HOURS_APART = 2;

  /**
   * A window as a line in its wall.
   *
   * @param wall in which it slides
   */
  record Pane(String wall, double along, double x1, double y1, double x2, double y2) {}

  /** Where the sun falls at an hour of solar time. */
  record Patch(String d, String hour, double x, double y) {}

  /**
   * A stand.
   *
   * @param id null for the usual one, which is moved on the page of the light
   */
  record Dot(Long id, String number, String name, double x, double y) {}

  /** A radiator, vent or door along its wall. */
  record Thing(
      String kind,
      String label,
      String wall,
      double along,
      double x1,
      double y1,
      double x2,
      double y2) {}

  /** What a wall looks to. */
  record Side(String words, double x, double y) {}

  /** A stand that is to be drawn. */
  record At(Long id, String name, Point point) {}

  static RoomPicture of(
      Drawn drawn, List<ThingForm> things, List<At> stands, double latitude, LocalDate day) {
    FloorPlan plan = drawn.plan();
    double scale = Math.min(WIDEST / plan.width(), DEEPEST / plan.depth());
    List<Dot> dots = new ArrayList<>();
    for (At stand : stands) {
      dots.add(
          new Dot(
              stand.id(),
              String.valueOf(dots.size() + 1),
              stand.name(),
              stand.point().right() * scale,
              stand.point().back() * scale));
    }
    return new RoomPicture(
        plan.width() * scale,
        plan.depth() * scale,
        scale / 100,
        drawn.windows().stream().map(w -> pane(plan, w, scale)).toList(),
        patches(drawn, latitude, day, scale),
        dots,
        things.stream().map(thing -> thing(plan, thing, scale)).toList(),
        sides(plan, scale));
  }

  private static Thing thing(FloorPlan plan, ThingForm thing, double scale) {
    double length = plan.length(thing.wall());
    double half = Math.min(THING / 2, length / 2);
    double middle = Math.max(half, Math.min(length - half, thing.along() / 100));
    Point from = plan.at(thing.wall(), middle - half);
    Point to = plan.at(thing.wall(), middle + half);
    return new Thing(
        thing.kind().name().toLowerCase(Locale.ROOT),
        thing.kind().label(),
        thing.wall().label(),
        thing.along(),
        inside(from.right() * scale, plan.width() * scale),
        inside(from.back() * scale, plan.depth() * scale),
        inside(to.right() * scale, plan.width() * scale),
        inside(to.back() * scale, plan.depth() * scale));
  }

  /** So that it is seen before its wall. */
  private static double inside(double at, double length) {
    return Math.max(WALL, Math.min(length - WALL, at));
  }

  private static Pane pane(FloorPlan plan, Drawn.InWall window, double scale) {
    double from = (window.along() - window.opening().width() / 2) * scale;
    double to = (window.along() + window.opening().width() / 2) * scale;
    double width = plan.width() * scale;
    double depth = plan.depth() * scale;
    String wall = window.wall().label();
    double along = window.along() * 100;
    return switch (window.wall()) {
      case FRONT -> new Pane(wall, along, from, 0, to, 0);
      case RIGHT -> new Pane(wall, along, width, from, width, to);
      case BACK -> new Pane(wall, along, width - from, depth, width - to, depth);
      case LEFT -> new Pane(wall, along, 0, depth - from, 0, depth - to);
    };
  }

  private static List<Patch> patches(Drawn drawn, double latitude, LocalDate day, double scale) {
    Sun sun = Sun.of(latitude, day);
    List<Patch> patches = new ArrayList<>();
    for (int hour = FIRST_HOUR; hour <= LAST_HOUR; hour += HOURS_APART) {
      for (Drawn.InWall window : drawn.windows()) {
        List<Point> corners =
            SunPatch.of(
                drawn.plan(), window.wall(), window.along(), window.opening(), sun.at(hour));
        if (!corners.isEmpty()) {
          patches.add(patch(corners, hour, drawn.plan(), scale));
        }
      }
    }
    return patches;
  }

  private static Patch patch(List<Point> corners, int hour, FloorPlan plan, double scale) {
    StringBuilder d = new StringBuilder();
    for (Point corner : corners) {
      d.append(d.isEmpty() ? 'M' : 'L')
          .append(figure(corner.right() * scale))
          .append(' ')
          .append(figure(corner.back() * scale));
    }
    double x = corners.stream().mapToDouble(Point::right).average().orElse(0);
    double y = corners.stream().mapToDouble(Point::back).average().orElse(0);
    return new Patch(
        d.append('Z').toString(),
        String.valueOf(hour),
        Math.max(0.2, Math.min(plan.width() - 0.2, x)) * scale,
        Math.max(0.2, Math.min(plan.depth() - 0.2, y)) * scale);
  }

  private static List<Side> sides(FloorPlan plan, double scale) {
    double width = plan.width() * scale;
    double depth = plan.depth() * scale;
    return List.of(
        new Side(wind(plan.faces(Wall.FRONT)), width / 2, -14),
        new Side(wind(plan.faces(Wall.RIGHT)), width + 16, depth / 2 + 4),
        new Side(wind(plan.faces(Wall.BACK)), width / 2, depth + 22),
        new Side(wind(plan.faces(Wall.LEFT)), -16, depth / 2 + 4));
  }

  private static String wind(double degrees) {
    return WINDS[(int) Math.round(degrees / 45) % 8];
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}
