package org.mildlantern.app.photos;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Makes picture files for tests: red on the left, blue on the right. */
public final class Pictures {
  private Pictures() {}

  public static byte[] jpeg(int width, int height) {
    return file(width, height, "jpg");
  }

  public static byte[] file(int width, int height, String format) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.RED);
    g.fillRect(0, 0, width / 2, height);
    g.setColor(Color.BLUE);
    g.fillRect(width / 2, 0, width - width / 2, height);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, format, out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** The same JPEG with an EXIF block: turned by 90 degrees, taken on 1 May 2026, at a position. */
  public static byte[] withExif(byte[] jpeg) {
    byte[] exif = Exif.turnedWithDayAndPlace();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.write(0xff);
    out.write(0xe1);
    out.write((exif.length + 2) >> 8);
    out.write((exif.length + 2) & 0xff);
    out.writeBytes(exif);
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }
}
