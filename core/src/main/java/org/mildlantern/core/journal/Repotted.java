package org.mildlantern.core.journal;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.Unit.Dimension;
import org.mildlantern.core.words.Words;

/**
 * The plant stands in fresh medium.
 *
 * @param potCm diameter of the new pot, or null when that was not said
 * @param before what it stood in until then, or null when that is not known
 */
public record Repotted(Double potCm, Before before) implements Note {
  private static final Words WORDS = Words.of(Repotted.class);

  private static final double MOST_CM = 200;

  static final Grammar GRAMMAR =
      Grammar.of(
          "repotted|repot|potted (?:on|up)", "repotted|repotted into a 12 cm pot", Repotted::read);

  /**
   * Medium and pot before, so that a repot can be taken back.
   *
   * @param mediumId or null
   * @param since when it came into that medium, or null
   * @param potCm or null
   */
  public record Before(String mediumId, LocalDate since, Double potCm) {}

  @Override
  public NoteKind kind() {
    return NoteKind.REPOTTED;
  }

  @Override
  public List<String> figures() {
    return potCm == null ? List.of() : List.of(WORDS.say("cm", Figures.plain(potCm)));
  }

  private static Note read(Line line, Setting setting) {
    Double cm = Strength.orNull(line.figure(Dimension.LENGTH, MOST_CM));
    if (cm != null && cm < 1) {
      throw new IllegalArgumentException("A pot is 1 to 200 cm wide.");
    }
    return new Repotted(cm, null);
  }
}
