package org.mildlantern.app.web;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A square that a camera reads (QR code, ISO/IEC 18004), readable with a seventh of it lost.
 *
 * @param size modules along a side
 * @param d path of its dark modules
 */
public record Square(int size, String d) {

  /**
   * Draws an address.
   *
   * @throws IllegalArgumentException when it is too long
   */
  public static Square of(String address) {
    try {
      BitMatrix square =
          new QRCodeWriter()
              .encode(
                  address,
                  BarcodeFormat.QR_CODE,
                  0,
                  0,
                  Map.of(
                      EncodeHintType.ERROR_CORRECTION,
                      ErrorCorrectionLevel.M,
                      EncodeHintType.MARGIN,
                      0));
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
