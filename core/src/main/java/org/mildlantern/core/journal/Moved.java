package org.mildlantern.core.journal;

import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.words.Words;

/**
 * The plant stands elsewhere.
 *
 * @param from id of the place where it stood, or null when that is not known
 * @param to id of the place where it stands
 */
public record Moved(Long from, Long to) implements Note {
  private static final Words WORDS = Words.of(Moved.class);

  private static final String STARTS = "moved to|moved from|moved|move to";

  static final Grammar GRAMMAR = Grammar.of(STARTS, "moved to …", Moved::read);

  @Override
  public NoteKind kind() {
    return NoteKind.MOVED;
  }

  /** Claims the place names of a line, so that their numbers and days are not read. */
  static void claimPlaces(Line line, Setting setting) {
    setting.places().keySet().stream()
        .filter(name -> name.chars().anyMatch(Character::isLetter))
        .forEach(name -> claim(line, name));
  }

  private static void claim(Line line, String name) {
    Matcher match = in(line, name, "");
    while (match.find()) {
      line.claim(match.start(), match.end());
    }
  }

  private static Matcher in(Line line, String name, String before) {
    return Pattern.compile(
            before + "(?<![\\p{L}\\d])" + Pattern.quote(name) + "(?![\\p{L}\\d])",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE)
        .matcher(line.text());
  }

  private static Note read(Line line, Setting setting) {
    Map<String, Long> places = setting.places();
    return places.keySet().stream()
        .sorted(Comparator.comparingInt((String name) -> -name.length()).thenComparing(n -> n))
        .filter(name -> in(line, name, "(?:\\bto|moved|→)\\s+(?:the )?").find())
        .findFirst()
        .map(name -> new Moved(null, places.get(name)))
        .orElseThrow(() -> new IllegalArgumentException(none(places)));
  }

  private static String none(Map<String, Long> places) {
    String names =
        places.keySet().stream()
            .sorted(Comparator.comparing(name -> name.toLowerCase(Locale.ROOT)))
            .collect(Collectors.joining(", "));
    return names.isEmpty() ? WORDS.say("moved.nowhere") : WORDS.say("moved.none", names);
  }
}
