package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.Unit.Dimension;
import org.mildlantern.core.words.Words;

/**
 * A feed.
 *
 * @param ml of the mixed feed, or null
 * @param ppm parts per million as the keeper said them, usually of nitrogen, or null
 * @param analysis the label's numbers, N-P-K, or null
 */
public record Fed(Double ml, Double ppm, String analysis, Strength strength) implements Note {
  private static final Words WORDS = Words.of(Fed.class);

  private static final double MOST_PPM = 5_000;

  static final Grammar GRAMMAR =
      Grammar.diluted(
          "fed|feed(?=\\s*[\\d:,]|\\s*$|\\s+(?:with|at))|fertili[sz]ed",
          "fed 60 ppm|fed 300 ml of 60 ppm|fed 3-1-2 at 1/4 strength",
          Fed::read);

  @Override
  public NoteKind kind() {
    return NoteKind.FED;
  }

  @Override
  public List<String> figures() {
    List<String> figures = new ArrayList<>();
    if (ml != null) {
      figures.add(WORDS.say("ml", Figures.plain(ml)));
    }
    if (ppm != null) {
      figures.add(WORDS.say("ppm", Figures.plain(ppm)));
    }
    if (analysis != null) {
      figures.add(analysis);
    }
    figures.addAll(strength.figures());
    return figures;
  }

  private static Note read(Line line, Setting setting) {
    String analysis = line.analysis().orElse(null);
    Strength strength = Strength.read(line);
    Double ppm = Strength.orNull(line.figure(Dimension.PPM, MOST_PPM));
    Double ml = Strength.orNull(line.volume(false, Watered.MOST_ML));
    Fed fed = new Fed(ml, ppm, analysis, strength);
    if (fed.figures().isEmpty()) {
      line.onlyBare()
          .ifPresent(
              bare -> {
                throw new IllegalArgumentException(WORDS.say("fed.of-what", Figures.plain(bare)));
              });
    }
    return fed;
  }
}
