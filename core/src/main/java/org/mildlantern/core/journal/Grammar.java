package org.mildlantern.core.journal;

import java.util.function.BiFunction;
import java.util.regex.Pattern;
import org.mildlantern.core.reading.Line;

/**
 * How a kind of note is written on one line.
 *
 * @param starts what such a line begins with
 * @param ratios whether “1:10” in it is a dilution rather than a clock time
 * @param hint an example for the keeper
 * @param reader makes the note of a line, or null when the line is about something else after all
 */
record Grammar(
    Pattern starts, boolean ratios, String hint, BiFunction<Line, Setting, Note> reader) {

  static Grammar of(String starts, String hint, BiFunction<Line, Setting, Note> reader) {
    return new Grammar(starting(starts), false, hint, reader);
  }

  static Grammar diluted(String starts, String hint, BiFunction<Line, Setting, Note> reader) {
    return new Grammar(starting(starts), true, hint, reader);
  }

  private static Pattern starting(String words) {
    return Pattern.compile("(?:" + words + ")(?![\\p{L}\\d])", Pattern.CASE_INSENSITIVE);
  }
}
