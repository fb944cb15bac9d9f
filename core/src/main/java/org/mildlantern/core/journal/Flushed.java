package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.Unit.Dimension;
import org.mildlantern.core.words.Words;

/**
 * A cup tipped out and filled fresh, or salts washed from a pot with plain water.
 *
 * @param ml how much water, or null when that was not said
 * @param msCm conductivity of that water, or null when it was not said
 */
public record Flushed(Double ml, Double msCm) implements Note {
  private static final Words WORDS = Words.of(Flushed.class);

  private static final double MOST_ML = 200_000;
  private static final double MOST_MS_CM = 20;

  static final Grammar GRAMMAR = Grammar.of("flushed|rinsed|leached", "flushed", Flushed::read);

  public Flushed(Double ml) {
    this(ml, null);
  }

  @Override
  public NoteKind kind() {
    return NoteKind.FLUSHED;
  }

  @Override
  public List<String> figures() {
    List<String> figures = new ArrayList<>();
    if (ml != null) {
      figures.add(WORDS.say("ml", Figures.plain(ml)));
    }
    if (msCm != null) {
      figures.add(WORDS.say("ms-cm", Figures.plain(msCm)));
    }
    return figures;
  }

  private static Note read(Line line, Setting setting) {
    return new Flushed(
        Strength.orNull(line.volume(false, MOST_ML)),
        Strength.orNull(line.figure(Dimension.CONDUCTIVITY, MOST_MS_CM)));
  }
}
