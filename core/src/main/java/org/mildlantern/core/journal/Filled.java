package org.mildlantern.core.journal;

import java.util.List;
import java.util.OptionalDouble;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.words.Words;

/**
 * What the pot stands in was filled.
 *
 * @param ml how much it took, or null when that was not said
 */
public record Filled(Double ml) implements Note {
  private static final Words WORDS = Words.of(Filled.class);

  static final Grammar GRAMMAR =
      Grammar.of(
          "(?:filled|refilled|topped up)(?=\\s*[\\d:,.]|\\s*$|\\s+(?:up|again|with|to|full|about"
              + "|today|yesterday|on|at|(?:the |its |his |her )?"
              + "(?:tray|reservoir|jar|saucer|cups?|wick|level|water)))",
          "filled 300",
          Filled::read);

  @Override
  public NoteKind kind() {
    return NoteKind.FILLED;
  }

  @Override
  public List<String> figures() {
    return ml == null ? List.of() : List.of(WORDS.say("ml", Figures.plain(ml)));
  }

  private static Note read(Line line, Setting setting) {
    OptionalDouble ml = line.volume(true, Watered.MOST_ML);
    return new Filled(ml.isPresent() ? ml.getAsDouble() : null);
  }
}
