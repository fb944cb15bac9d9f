package org.mildlantern.core.journal;

import java.util.List;
import java.util.OptionalDouble;
import org.mildlantern.core.growth.Organ;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.Unit.Dimension;
import org.mildlantern.core.words.Words;

/**
 * A new leaf, bulb, pitcher or shoot that has grown out.
 *
 * @param cm its length
 */
public record Grew(Organ organ, double cm) implements Note {
  public static final double MOST_CM = 500;

  private static final Words WORDS = Words.of(Grew.class);

  static final Grammar GRAMMAR =
      Grammar.of(
          "(?:grew +)?(?:a +)?(?:new|newest|last) +(?:flower +)?(?:" + Organ.regex() + ")s?",
          "new leaf 14 cm",
          Grew::read);

  public Grew {
    if (!(cm > 0 && cm <= MOST_CM)) {
      throw new IllegalArgumentException("growth: above 0 to 500 cm");
    }
  }

  @Override
  public NoteKind kind() {
    return NoteKind.GREW;
  }

  @Override
  public List<String> figures() {
    return List.of(WORDS.say("grew", organ.label(), Figures.plain(cm)));
  }

  private static Note read(Line line, Setting setting) {
    Organ organ = Organ.in(line::says);
    OptionalDouble cm = line.figure(Dimension.LENGTH, MOST_CM);
    if (cm.isPresent()) {
      return new Grew(organ, cm.getAsDouble());
    }
    if (line.onlyBare().isPresent()) {
      throw new IllegalArgumentException(WORDS.say("grew.how-long"));
    }
    return null;
  }
}
