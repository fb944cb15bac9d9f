package org.mildlantern.core.journal;

import java.util.List;
import java.util.OptionalDouble;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.words.Words;

/**
 * A cup tipped out and filled fresh, or salts washed from a pot with plain water.
 *
 * @param ml how much water, or null when that was not said
 */
public record Flushed(Double ml) implements Note {
  private static final Words WORDS = Words.of(Flushed.class);

  private static final double MOST_ML = 200_000;

  static final Grammar GRAMMAR = Grammar.of("flushed|rinsed|leached", "flushed", Flushed::read);

  @Override
  public NoteKind kind() {
    return NoteKind.FLUSHED;
  }

  @Override
  public List<String> figures() {
    return ml == null ? List.of() : List.of(WORDS.say("ml", Figures.plain(ml)));
  }

  private static Note read(Line line, Setting setting) {
    OptionalDouble ml = line.volume(false, MOST_ML);
    return new Flushed(ml.isPresent() ? ml.getAsDouble() : null);
  }
}
