package org.mildlantern.core.journal;

import java.util.List;
import org.mildlantern.core.words.Words;

/**
 * The pot was not looked at.
 *
 * @param why in the keeper's words, may be empty
 */
public record Skipped(String why) implements Note {
  private static final Words WORDS = Words.of(Skipped.class);

  private static final String STARTS = "skipped|not looked at";

  static final Grammar GRAMMAR =
      Grammar.of(
          STARTS,
          "skipped, no time",
          (line, setting) ->
              new Skipped(line.text().replaceFirst("(?i)^(?:" + STARTS + ")[\\s,:]*", "").strip()));

  @Override
  public NoteKind kind() {
    return NoteKind.SKIPPED;
  }

  @Override
  public List<String> figures() {
    return why.isEmpty() ? List.of() : List.of(why);
  }

  @Override
  public String words() {
    return why.isEmpty() ? kind().label() : WORDS.say("skipped", why);
  }
}
