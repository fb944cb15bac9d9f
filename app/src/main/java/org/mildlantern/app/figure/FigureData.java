package org.mildlantern.app.figure;

import java.util.List;
import java.util.Map;

/**
 * A figure as it is written down in {@code figures/<form>.yaml}, on a canvas of 330 by 440.
 *
 * @param alike parts without a shape of their own, and the parts on whose shapes they are drawn
 */
record FigureData(List<Stroke> shapes, List<PinData> pins, Map<String, List<String>> alike) {

  FigureData {
    alike = alike == null ? Map.of() : alike;
  }

  boolean onlyLines(String part) {
    return shapes.stream().filter(s -> s.part().equals(part)).allMatch(Stroke::line);
  }

  /**
   * One shape. A leaf runs from a base to a tip with a width and a bend; a path is an outline given
   * as SVG path data, with base and tip where it has them; a line is an open one; an oval has a
   * centre and two radii.
   */
  record Stroke(
      String part,
      String kind,
      List<Double> from,
      List<Double> to,
      double width,
      double bend,
      String tone,
      String d,
      List<Double> at,
      List<Double> radius) {

    boolean line() {
      return kind.equals("line");
    }

    boolean hasLength() {
      return from != null && to != null;
    }

    double length() {
      return Math.hypot(to.get(0) - from.get(0), to.get(1) - from.get(1));
    }

    Stroke toned(String newTone) {
      return new Stroke(part, kind, from, to, width, bend, newTone, d, at, radius);
    }

    /** An oval of another size; other shapes stay as they are. */
    Stroke scaled(double by) {
      List<Double> size = radius == null ? null : radius.stream().map(r -> r * by).toList();
      return new Stroke(part, kind, from, to, width, bend, tone, d, at, size);
    }
  }

  /** A pin with its label; side is start or end. */
  record PinData(String part, List<Double> at, List<Double> label, String side) {}
}
