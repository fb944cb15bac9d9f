package org.mildlantern.core.journal;

import java.util.List;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.words.Words;

/**
 * Slow-release grains on or in the medium.
 *
 * @param analysis the label's numbers, N-P-K as oxides
 * @param months for which they last at 21 °C, as the label says
 */
public record Strewn(double grams, String analysis, double months) implements Note {
  public static final double MOST_GRAMS = 5_000;
  public static final double MOST_MONTHS = 36;

  private static final Words WORDS = Words.of(Strewn.class);

  private static final Pattern MONTHS =
      Pattern.compile("(\\d{1,2}(?:[.,]\\d)?)\\s*(?:-\\s*)?months?", Pattern.CASE_INSENSITIVE);

  static final Grammar GRAMMAR =
      Grammar.of(
          "strewn|granules|grains|slow[- ]release|pellets",
          "granules 5 g of 15-9-12, 6 months",
          Strewn::read);

  public Strewn {
    if (!(grams > 0 && grams <= MOST_GRAMS && months > 0 && months <= MOST_MONTHS)
        || analysis == null) {
      throw new IllegalArgumentException("grains: some grams of a label, for some months");
    }
  }

  @Override
  public NoteKind kind() {
    return NoteKind.STREWN;
  }

  @Override
  public List<String> figures() {
    return List.of(
        WORDS.say("grams", Figures.plain(grams)),
        analysis,
        WORDS.say("months", Figures.plain(months)));
  }

  private static Note read(Line line, Setting setting) {
    String analysis = line.analysis().orElse(null);
    OptionalDouble grams = line.weight(MOST_GRAMS);
    Matcher months = line.matcher(MONTHS);
    if (analysis == null || grams.isEmpty() || !months.find()) {
      if (line.text().matches(".*\\d.*")) {
        throw new IllegalArgumentException(WORDS.say("strewn.figures"));
      }
      return null;
    }
    line.claim(months.start(), months.end());
    return new Strewn(
        grams.getAsDouble(), analysis, Double.parseDouble(months.group(1).replace(',', '.')));
  }
}
