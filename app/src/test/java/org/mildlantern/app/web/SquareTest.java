package org.mildlantern.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.LuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class SquareTest {
  private static final Pattern RUN = Pattern.compile("M(\\d+) (\\d+)h(\\d+)v1h-\\d+z");
  private static final int SCALE = 4;
  private static final int MARGIN = 4;

  /** Draws the path, as a printer would. */
  private static LuminanceSource drawn(Square square) {
    int side = (square.size() + 2 * MARGIN) * SCALE;
    byte[] light = new byte[side * side];
    java.util.Arrays.fill(light, (byte) 255);
    Matcher run = RUN.matcher(square.d());
    while (run.find()) {
      int x0 = (Integer.parseInt(run.group(1)) + MARGIN) * SCALE;
      int y0 = (Integer.parseInt(run.group(2)) + MARGIN) * SCALE;
      for (int y = y0; y < y0 + SCALE; y++) {
        for (int x = x0; x < x0 + Integer.parseInt(run.group(3)) * SCALE; x++) {
          light[y * side + x] = 0;
        }
      }
    }
    return new LuminanceSource(side, side) {
      @Override
      public byte[] getRow(int y, byte[] row) {
        return java.util.Arrays.copyOfRange(light, y * side, (y + 1) * side);
      }

      @Override
      public byte[] getMatrix() {
        return light;
      }
    };
  }

  @Test
  void aCameraReadsWhatWasDrawn() throws Exception {
    for (String address :
        new String[] {
          "http://localhost/plants/1", "http://[::1]:8090/visitor/" + "aZ9-_".repeat(9)
        }) {
      Square square = Square.of(address);
      assertThat(square.size()).isBetween(21, 60);
      assertThat(
              new QRCodeReader()
                  .decode(new BinaryBitmap(new HybridBinarizer(drawn(square))))
                  .getText())
          .isEqualTo(address);
    }
  }

  @Test
  void whatDoesNotFitIsRefused() {
    assertThatThrownBy(() -> Square.of("x".repeat(4000)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
