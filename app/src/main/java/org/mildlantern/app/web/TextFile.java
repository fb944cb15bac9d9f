package org.mildlantern.app.web;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/** Files of text, whatever program wrote them. */
public final class TextFile {
  private static final char BYTE_ORDER_MARK = '\uFEFF';

  private TextFile() {}

  /** The text: UTF-8, UTF-16 with its mark, or what Windows wrote before. */
  public static String text(byte[] bytes) {
    if (bytes.length >= 2 && (bytes[0] & 0xFF) == 0xFF && (bytes[1] & 0xFF) == 0xFE) {
      return withoutMark(new String(bytes, StandardCharsets.UTF_16));
    }
    try {
      return withoutMark(
          StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString());
    } catch (CharacterCodingException e) {
      return new String(bytes, Charset.forName("windows-1252"));
    }
  }

  private static String withoutMark(String text) {
    return text.isEmpty() || text.charAt(0) != BYTE_ORDER_MARK ? text : text.substring(1);
  }
}
