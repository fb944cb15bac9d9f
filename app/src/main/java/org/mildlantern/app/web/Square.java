package org.mildlantern.app.web;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;

/**
 * A square that a camera reads (QR code, ISO/IEC 18004), readable with a seventh of it lost.
 *
 * @param size modules along a side
 * @param d path of its dark modules
 */
public record Square(int size, String d) {
  private static final int DOT = 8;

  /** The same as a PNG with {@value #DOT} pixels for each module, as the source of an image. */
  public static String png(String address) {
    try {
      BitMatrix square = encoded(address);
      BufferedImage image =
          new BufferedImage(
              square.getWidth() * DOT, square.getHeight() * DOT, BufferedImage.TYPE_BYTE_BINARY);
      for (int y = 0; y < image.getHeight(); y++) {
        for (int x = 0; x < image.getWidth(); x++) {
          image.setRGB(x, y, square.get(x / DOT, y / DOT) ? 0xff000000 : 0xffffffff);
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, "png", out);
      return "data:image/png;base64," + Base64.getEncoder().encodeToString(out.toByteArray());
    } catch (WriterException | IOException e) {
      throw new IllegalArgumentException(e);
    }
  }

  private static BitMatrix encoded(String address) throws WriterException {
    return new QRCodeWriter()
        .encode(
            address,
            BarcodeFormat.QR_CODE,
            0,
            0,
            Map.of(
                EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 0));
  }

  /**
   * Draws an address.
   *
   * @throws IllegalArgumentException when it is too long
   */
  public static Square of(String address) {
    try {
      BitMatrix square = encoded(address);
      return new Square(square.getWidth(), path(square));
    } catch (WriterException e) {
      throw new IllegalArgumentException(e);
    }
  }

  private static String path(BitMatrix square) {
    StringBuilder d = new StringBuilder();
    for (int y = 0; y < square.getHeight(); y++) {
      int x = 0;
      while (x < square.getWidth()) {
        int run = x;
        while (run < square.getWidth() && square.get(run, y)) {
          run++;
        }
        if (run > x) {
          d.append('M').append(x).append(' ').append(y).append('h').append(run - x).append("v1h-");
          d.append(run - x).append('z');
        }
        x = run + 1;
      }
    }
    return d.toString();
  }
}
