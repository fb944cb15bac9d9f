package org.mildlantern.app.frame;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A page as it was written, with blanks for what each reader gets anew: the token of its forms,
 * their keys, and when it was given out.
 */
final class WrittenPage {
  private static final String MADE = "data-made=\"";

  private enum Blank {
    TOKEN,
    KEYS,
    MADE
  }

  /** Text and the blank after it; null after the last. */
  private record Piece(byte[] text, Blank blank) {}

  private final List<Piece> pieces = new ArrayList<>();

  private WrittenPage() {}

  /**
   * A page.
   *
   * @param token that its forms carry
   * @param keys what the keys of its forms begin with
   */
  static WrittenPage of(String text, String token, String keys) {
    Matcher blanks =
        Pattern.compile(
                "(%s)|(%s)|(?<=%s)([^\"]*)"
                    .formatted(Pattern.quote(token), Pattern.quote(keys), MADE))
            .matcher(text);
    WrittenPage page = new WrittenPage();
    int from = 0;
    while (blanks.find()) {
      Blank blank =
          blanks.group(1) != null ? Blank.TOKEN : blanks.group(2) != null ? Blank.KEYS : Blank.MADE;
      page.pieces.add(new Piece(bytes(text.substring(from, blanks.start())), blank));
      from = blanks.end();
    }
    page.pieces.add(new Piece(bytes(text.substring(from)), null));
    return page;
  }

  /** Writes the page for a reader at a time. */
  void writeTo(OutputStream out, String token, String keys, Instant now) throws IOException {
    byte[] tokenBytes = bytes(token);
    byte[] keyBytes = bytes(keys);
    for (Piece piece : pieces) {
      out.write(piece.text());
      if (piece.blank() != null) {
        out.write(
            switch (piece.blank()) {
              case TOKEN -> tokenBytes;
              case KEYS -> keyBytes;
              case MADE -> bytes(now.toString());
            });
      }
    }
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }
}
