package org.mildlantern.app.figure;

import java.util.List;

/** A figure ready to be drawn by the template; it holds no arithmetic. */
public record Figure(String label, String potFill, List<Shape> shapes, List<Pin> pins) {

  /**
   * A region of the drawing.
   *
   * @param part the part it belongs to
   */
  public record Shape(
      String id, String part, String kind, String tone, Outline outline, List<Overlay> overlays) {
    /**
     * How it is drawn.
     *
     * @param vein path data of a midrib, or null
     * @param transform an SVG transform, or null
     */
    public record Outline(String d, String vein, String transform) {}

    public String d() {
      return outline.d();
    }

    public String vein() {
      return outline.vein();
    }

    public String transform() {
      return outline.transform();
    }
  }

  /**
   * A texture on a shape: fill, a disc at tip or base, the edge, along a line or along its vein.
   *
   * @param r of a disc, or how wide a vein or an edge is drawn, of which half lies inside
   * @param d path data of the vein, or null
   */
  public record Overlay(String swatch, String mode, double x, double y, double r, String d) {}

  /** A pin that opens a part. */
  public record Pin(
      String part, String label, Spot spot, Text text, boolean chosen, boolean marked) {
    /** Where it sits. */
    public record Spot(double x, double y) {}

    /** Where its label stands. */
    public record Text(double labelX, double labelY, String anchor) {
      private static final double MIDDLE = 4;
      private static final double ABOVE = 11;
      private static final double BELOW = 3;

      /** How high the line from a pin at this height ends, so that it runs through no letters. */
      double lineY(double pin) {
        if (!anchor.equals("middle")) {
          return labelY - MIDDLE;
        }
        return pin < labelY ? labelY - ABOVE : labelY + BELOW;
      }
    }

    public double x() {
      return spot.x();
    }

    public double y() {
      return spot.y();
    }

    public double labelX() {
      return text.labelX();
    }

    public double labelY() {
      return text.labelY();
    }

    public double lineY() {
      return text.lineY(spot.y());
    }

    public String anchor() {
      return text.anchor();
    }
  }
}
