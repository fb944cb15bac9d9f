package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.Unit.Dimension;

/**
 * How strong something was mixed, in whatever measure was said; the others are null.
 *
 * @param gramsPerLitre of a solid
 * @param mlPerLitre of a liquid
 * @param oneTo parts of water to one of the product
 * @param share of the usual dose, 1 for all of it
 */
public record Strength(Double gramsPerLitre, Double mlPerLitre, Double oneTo, Double share) {
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
    add(figures, gramsPerLitre, "", " g/l");
    add(figures, mlPerLitre, "", " ml/l");
    add(figures, oneTo, "1:", "");
    add(figures, share, "", " of the full strength");
    return figures;
  }

  private static void add(List<String> to, Double figure, String before, String after) {
    if (figure != null) {
      to.add(before + Figures.plain(figure) + after);
    }
  }
}
