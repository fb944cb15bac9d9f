package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.words.Words;

/**
 * Something put on the plant against a pest or disease, outside a course.
 *
 * @param ml how much, or null
 */
public record Sprayed(Double ml, Strength strength) implements Note {
  private static final Words WORDS = Words.of(Sprayed.class);

  static final Grammar GRAMMAR =
      Grammar.diluted(
          "sprayed|spray(?=\\s*$|\\s+with)|(?:wiped|swabbed)(?= .*\\b(?:with|in|using)\\b)|dusted|drenched",
          "sprayed soap 5 ml/l",
          Sprayed::read);

  @Override
  public NoteKind kind() {
    return NoteKind.SPRAYED;
  }

  @Override
  public List<String> figures() {
    List<String> figures = new ArrayList<>();
    if (ml != null) {
      figures.add(WORDS.say("ml", Figures.plain(ml)));
    }
    figures.addAll(strength.figures());
    return figures;
  }

  private static Note read(Line line, Setting setting) {
    Strength strength = Strength.read(line);
    return new Sprayed(Strength.orNull(line.volume(false, Watered.MOST_ML)), strength);
  }
}
