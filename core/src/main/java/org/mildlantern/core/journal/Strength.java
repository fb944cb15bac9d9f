package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.Unit.Dimension;
import org.mildlantern.core.words.Words;

/**
 * How strong something was mixed, in whatever measure was said; the others are null.
 *
 * @param gramsPerLitre of a solid
 * @param mlPerLitre of a liquid
 * @param oneTo parts of water to one of the product
 * @param share of the usual dose, 1 for all of it
 */
public record Strength(Double gramsPerLitre, Double mlPerLitre, Double oneTo, Double share) {
  private static final Words WORDS = Words.of(Strength.class);

  public static final Strength NOT_SAID = new Strength(null, null, null, null);

  private static final double MOST_PER_LITRE = 1000;

  static Strength read(Line line) {
    return new Strength(
        orNull(line.figure(Dimension.GRAMS_A_LITRE, MOST_PER_LITRE)),
        orNull(line.figure(Dimension.ML_A_LITRE, MOST_PER_LITRE)),
        orNull(line.dilution()),
        orNull(line.strength()));
  }

  static Double orNull(OptionalDouble figure) {
    return figure.isPresent() ? figure.getAsDouble() : null;
  }

  List<String> figures() {
    List<String> figures = new ArrayList<>();
    add(figures, "g-a-litre", gramsPerLitre);
    add(figures, "ml-a-litre", mlPerLitre);
    add(figures, "dilution", oneTo);
    add(figures, "share", share);
    return figures;
  }

  private static void add(List<String> to, String key, Double figure) {
    if (figure != null) {
      to.add(WORDS.say(key, Figures.plain(figure)));
    }
  }
}
