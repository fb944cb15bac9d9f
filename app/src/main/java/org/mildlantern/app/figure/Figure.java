package org.mildlantern.app.figure;

import java.util.List;

/** A figure ready to be drawn by the template; it holds no arithmetic. */
public record Figure(String label, String potFill, List<Shape> shapes, List<Pin> pins) {

  /**
   * A region of the drawing.
   *
   * @param part the part it belongs to
   * @param vein path data of a midrib, or null
   * @param transform an SVG transform, or null
   */
  public record Shape(
      String id,
      String part,
      String kind,
      String tone,
      String d,
      String vein,
      String transform,
      List<Overlay> overlays) {}

  /** A texture on a shape: the whole, a disc at tip or base, or the edge. */
  public record Overlay(String swatch, String mode, double x, double y, double r) {}

  /** A pin that opens a part. */
  public record Pin(
      String part,
      String label,
      double x,
      double y,
      double labelX,
      double labelY,
      String anchor,
      boolean chosen,
      boolean marked) {}
}
