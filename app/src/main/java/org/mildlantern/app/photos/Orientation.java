package org.mildlantern.app.photos;

import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;

/**
 * How a camera was held: the orientation of Exif 2.3 (JEITA CP-3451C), 1 to 8.
 *
 * @param tag 1 is upright; 2, 4, 5 and 7 are mirrored; 5 to 8 lie on a side
 */
record Orientation(int tag) {

  /** That of a file; upright when it says nothing. */
  static Orientation of(Metadata metadata) {
    ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
    Integer tag = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
    return new Orientation(tag == null || tag < 1 || tag > 8 ? 1 : tag);
  }

  BufferedImage upright(BufferedImage image) {
    if (tag == 1) {
      return image;
    }
    double w = image.getWidth();
    double h = image.getHeight();
    AffineTransform turn =
        switch (tag) {
          case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
          case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
          case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
          case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
          case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
          case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
          default -> new AffineTransform(0, -1, 1, 0, 0, w);
        };
    BufferedImage plain =
        new BufferedImage(
            tag > 4 ? (int) h : (int) w, tag > 4 ? (int) w : (int) h, BufferedImage.TYPE_INT_RGB);
    return new AffineTransformOp(turn, AffineTransformOp.TYPE_NEAREST_NEIGHBOR)
        .filter(rgb(image), plain);
  }

  private static BufferedImage rgb(BufferedImage image) {
    BufferedImage rgb =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    rgb.getGraphics().drawImage(image, 0, 0, java.awt.Color.WHITE, null);
    return rgb;
  }
}
