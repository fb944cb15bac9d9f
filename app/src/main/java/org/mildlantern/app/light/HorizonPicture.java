package org.mildlantern.app.light;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What stands out of the skyline round about, by direction and height, to be dragged; the direction
 * of the main window, or of the noon sun, is in the middle.
 *
 * @param from direction at the left edge, degrees
 */
record HorizonPicture(double from, List<Part> parts, List<Mark> winds) {
  static final double WIDTH = 460;
  static final double HEIGHT = 120;
  private static final double ROUND = 360;
  private static final double STEEPEST = 90;
  private static final String[] WINDS = {"N", "NE", "E", "SE", "S", "SW", "W", "NW"};

  /**
   * A house or a tree.
   *
   * @param x of its left edge; it may go on beyond the right end of the picture, from the left
   */
  record Part(Long id, SkylineForm form, double x, double width, double height) {
    public String label() {
      return String.format(
          Locale.ROOT,
          "%.0f° to %.0f°, %.0f° high%s",
          form.begins(),
          form.ends(),
          form.up(),
          Boolean.TRUE.equals(form.tree()) ? ", a tree" : "");
    }
  }

  /** A direction. */
  record Mark(String text, double x) {}

  static HorizonPicture of(double middle, List<RoomView.Rises> skyline) {
    double from = turn(middle - ROUND / 2);
    List<Mark> winds = new ArrayList<>();
    for (int i = 0; i < WINDS.length; i++) {
      winds.add(new Mark(WINDS[i], x(turn(i * ROUND / WINDS.length - from))));
    }
    return new HorizonPicture(
        from,
        skyline.stream()
            .map(
                part ->
                    new Part(
                        part.id(),
                        part.form(),
                        x(turn(part.form().begins() - from)),
                        x(turn(part.form().ends() - part.form().begins())),
                        HEIGHT * part.form().up() / STEEPEST))
            .toList(),
        winds);
  }

  private static double turn(double degrees) {
    return (degrees % ROUND + ROUND) % ROUND;
  }

  private static double x(double turn) {
    return WIDTH * turn / ROUND;
  }
}
