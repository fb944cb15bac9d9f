package org.mildlantern.app.photos;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Writes a small EXIF block by hand (EXIF 2.3, TIFF 6.0), for tests. */
final class Exif {
  private static final short SHORT = 3;
  private static final short LONG = 4;
  private static final short ASCII = 2;

  private Exif() {}

  static byte[] turnedWithDayAndPlace() {
    ByteBuffer b = ByteBuffer.allocate(160).order(ByteOrder.BIG_ENDIAN);
    b.put("Exif\0\0MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
    b.putShort((short) 3);
    entry(b, 0x0112, SHORT, 1, 6 << 16);
    entry(b, 0x8769, LONG, 1, 50);
    entry(b, 0x8825, LONG, 1, 90);
    b.putInt(0);
    b.position(6 + 50);
    b.putShort((short) 1);
    entry(b, 0x9003, ASCII, 20, 110);
    b.putInt(0);
    b.position(6 + 90);
    b.putShort((short) 1);
    entry(b, 0x0001, ASCII, 2, 'N' << 24);
    b.putInt(0);
    b.position(6 + 110);
    b.put("2026:05:01 09:30:00\0".getBytes(StandardCharsets.US_ASCII));
    return b.array();
  }

  private static void entry(ByteBuffer b, int tag, short type, int count, int value) {
    b.putShort((short) tag).putShort(type).putInt(count).putInt(value);
  }
}
