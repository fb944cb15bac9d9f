package org.mildlantern.app.said;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a keeper says of one thing that was read, or answers when asked. The page carries it as
 * {@code said:yellowing@oldest-only:there}.
 *
 * @param word a sign, an open word or a field
 * @param place id of a pattern, or null
 */
record Correction(Of of, String word, String place, Act act) {
  private static final Pattern WRITTEN =
      Pattern.compile(
          "(said|answer|field):([a-z0-9-]{1,40})(?:@([a-z0-9-]{1,40}))?:(there|not|out|open)");

  /** What is corrected: a sign that was read, an answer, a circumstance that was read. */
  enum Of {
    SAID,
    ANSWER,
    FIELD
  }

  /** It is there, it is not, nothing is said of it, or its question is put aside. */
  enum Act {
    THERE,
    NOT,
    OUT,
    OPEN
  }

  static Optional<Correction> of(String written) {
    Matcher match = WRITTEN.matcher(written);
    return match.matches()
        ? Optional.of(
            new Correction(
                Of.valueOf(match.group(1).toUpperCase(Locale.ROOT)),
                match.group(2),
                match.group(3),
                Act.valueOf(match.group(4).toUpperCase(Locale.ROOT))))
        : Optional.empty();
  }

  /** The answer that a sign is there, as the page carries it. */
  static String there(String sign, String place) {
    return new Correction(Of.ANSWER, sign, place, Act.THERE).written();
  }

  /** What it is about; of what was read there is one correction, of answers one for each place. */
  String about() {
    return of + ":" + word + (of == Of.ANSWER && place != null ? "@" + place : "");
  }

  String written() {
    return of.name().toLowerCase(Locale.ROOT)
        + ":"
        + word
        + (place == null ? "" : "@" + place)
        + ":"
        + act.name().toLowerCase(Locale.ROOT);
  }
}
