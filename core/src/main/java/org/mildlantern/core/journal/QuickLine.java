package org.mildlantern.core.journal;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.When;
import org.mildlantern.core.words.Words;

/**
 * A short line as a keeper writes it, read into a note.
 *
 * <p>{@code watered 240}, {@code fed 300 ml of 60 ppm yesterday}, {@code probe dry damp wet},
 * {@code moved to South bay}; anything else is a remark.
 *
 * @param at when it was, as the line says, or now
 * @param dated whether the line says when
 * @param unread figures of the line that nothing was made of
 * @param text what is shown on the timeline
 */
public record QuickLine(
    Note note, ZonedDateTime at, boolean dated, List<String> unread, String text) {
  private static final Words WORDS = Words.of(QuickLine.class);

  /** A quick line is never longer than this many characters. */
  public static final int LONGEST = 500;

  private static final Pattern LEAD =
      Pattern.compile(
          "(?:\\s*(?:(?:i|we|have|just|also|then)\\b|[,:;.]|[–-](?=\\s))\\s*)+",
          Pattern.CASE_INSENSITIVE);

  /**
   * Reads a line.
   *
   * @throws IllegalArgumentException with a message or a question for the keeper
   */
  public static QuickLine read(String line, Setting setting) {
    String text = line == null ? "" : line.strip();
    if (text.isEmpty()) {
      throw new IllegalArgumentException(
          "Write what you did or saw, for example “watered 240” or “looked, nothing new”.");
    }
    if (text.length() > LONGEST) {
      throw new IllegalArgumentException(WORDS.say("line.long", LONGEST));
    }
    int start = start(text, setting);
    for (NoteKind kind : NoteKind.values()) {
      Optional<Grammar> grammar = kind.grammar().filter(g -> begins(g, text, start));
      if (grammar.isPresent()) {
        Line cut = Line.of(text.substring(start));
        Moved.claimPlaces(cut, setting);
        Line lead = Line.of(text.substring(0, start));
        Optional<When> before = When.claim(lead, setting.now(), false);
        Optional<When> when = When.claim(cut, setting.now(), grammar.get().ratios());
        Note note = grammar.get().reader().apply(cut, setting);
        if (note != null) {
          return new QuickLine(
              note,
              at(before, when, setting.now()),
              before.isPresent() || when.isPresent(),
              cut.unread(),
              sentence(text));
        }
      }
    }
    Line remark = Line.of(text);
    Optional<When> when = When.atEdge(remark, setting.now());
    return new QuickLine(
        new Remark(),
        when.map(When::at).orElse(setting.now()),
        when.isPresent(),
        List.of(),
        sentence(text));
  }

  /** A line of which nothing is read but its words. */
  public static QuickLine words(String line, ZonedDateTime now) {
    return new QuickLine(new Remark(), now, false, List.of(), sentence(line.strip()));
  }

  /**
   * The same on the day of a field beside it; a line that names a day of its own must name that
   * one.
   *
   * @param day or null for what the line says
   * @throws IllegalArgumentException when the day has not come, or the line names another
   */
  public QuickLine on(LocalDate day, ZonedDateTime now) {
    if (day == null || day.equals(at.toLocalDate())) {
      return this;
    }
    if (day.isAfter(now.toLocalDate())) {
      throw new IllegalArgumentException("This day has not come yet.");
    }
    if (dated && !at.toLocalDate().equals(now.toLocalDate())) {
      throw new IllegalArgumentException(
          "The line names another day than the field: leave one of them out.");
    }
    LocalTime time = dated ? at.toLocalTime() : LocalTime.NOON;
    return new QuickLine(note, day.atTime(time).atZone(now.getZone()), true, unread, text);
  }

  /** Where the line begins behind a day, a clock time and words such as “I”. */
  private static int start(String text, Setting setting) {
    int start =
        When.atEdge(Line.of(text), setting.now())
            .filter(w -> w.start() == 0)
            .map(When::end)
            .orElse(0);
    while (start < text.length() && Character.isWhitespace(text.charAt(start))) {
      start++;
    }
    start = start >= text.length() ? 0 : start;
    Matcher lead = LEAD.matcher(text).region(start, text.length());
    return lead.lookingAt() && lead.end() < text.length() ? lead.end() : start;
  }

  private static boolean begins(Grammar grammar, String text, int start) {
    Matcher match = grammar.starts().matcher(text).region(start, text.length());
    return match.useTransparentBounds(true).lookingAt();
  }

  /** A day before the line and a clock time in it belong together. */
  private static ZonedDateTime at(Optional<When> before, Optional<When> when, ZonedDateTime now) {
    if (before.isPresent() && when.isPresent()) {
      ZonedDateTime day = before.get().at();
      ZonedDateTime time = when.get().at();
      if (!time.toLocalDate().equals(now.toLocalDate())
          && !time.toLocalDate().equals(day.toLocalDate())) {
        throw new IllegalArgumentException("Two days in one line: write an entry for each.");
      }
      return day.toLocalDate().atTime(time.toLocalTime()).atZone(now.getZone());
    }
    return when.or(() -> before).map(When::at).orElse(now);
  }

  private static String sentence(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}
