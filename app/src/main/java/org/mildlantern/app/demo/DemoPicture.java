package org.mildlantern.app.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.mildlantern.app.photos.Picture;

/** Paints the demo's photos: part of a leaf with a spot, and a ruler in millimetres beside it. */
final class DemoPicture {
  private static final int WIDTH = 960;
  private static final int HEIGHT = 720;
  private static final int PIXELS_A_MM = 16;

  private DemoPicture() {}

  /** A leaf with a brown spot of a width in mm. */
  static Picture leafWithSpot(double mm) {
    BufferedImage canvas = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = canvas.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setPaint(new GradientPaint(0, 0, new Color(0xd8d2c4), WIDTH, HEIGHT, new Color(0xb9b1a0)));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    leaf(g);
    spot(g, mm * PIXELS_A_MM);
    ruler(g);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(canvas, "png", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return Picture.read(out.toByteArray());
  }

  private static void leaf(Graphics2D g) {
    Path2D blade = new Path2D.Double();
    blade.moveTo(-60, 420);
    blade.curveTo(220, 40, 720, 30, 1020, 260);
    blade.curveTo(760, 560, 300, 640, -60, 420);
    g.setPaint(new GradientPaint(0, 80, new Color(0x7fa861), 0, 560, new Color(0x4f7d3f)));
    g.fill(blade);
    g.setColor(new Color(0x3f6634));
    g.setStroke(new BasicStroke(4));
    Path2D midrib = new Path2D.Double();
    midrib.moveTo(-60, 420);
    midrib.curveTo(300, 300, 700, 270, 1020, 260);
    g.draw(midrib);
  }

  private static void spot(Graphics2D g, double across) {
    double x = 470;
    double y = 420;
    double halo = across * 1.35;
    g.setColor(new Color(0xc6bf6a));
    g.fill(new Ellipse2D.Double(x - halo / 2, y - halo * 0.45, halo, halo * 0.9));
    g.setPaint(
        new RadialGradientPaint(
            (float) x,
            (float) y,
            (float) across / 2,
            new float[] {0, 1},
            new Color[] {new Color(0x3b2416), new Color(0x6f4526)}));
    g.fill(new Ellipse2D.Double(x - across / 2, y - across * 0.43, across, across * 0.86));
  }

  private static void ruler(Graphics2D g) {
    g.setColor(new Color(0xf2ecdc));
    g.fill(new Rectangle2D.Double(0, 620, WIDTH, 80));
    g.setColor(new Color(0x33302a));
    g.setStroke(new BasicStroke(2));
    for (int mm = 0; mm * PIXELS_A_MM < WIDTH; mm++) {
      int length = mm % 10 == 0 ? 44 : mm % 5 == 0 ? 32 : 20;
      g.drawLine(mm * PIXELS_A_MM, 620, mm * PIXELS_A_MM, 620 + length);
    }
  }
}
