package org.mildlantern.core.journal;

import java.util.List;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.words.Words;

/**
 * Leaves fell.
 *
 * @param share of those there were before, above 0 to 1
 */
public record LostLeaves(double share) implements Note {
  private static final Words WORDS = Words.of(LostLeaves.class);

  static final Grammar GRAMMAR =
      Grammar.of("lost|shed|dropped", "lost 3 of 14 leaves", LostLeaves::read);

  public LostLeaves {
    if (!(share > 0 && share <= 1)) {
      throw new IllegalArgumentException("share: above 0 to 1");
    }
  }

  @Override
  public NoteKind kind() {
    return NoteKind.LOST;
  }

  @Override
  public List<String> figures() {
    return List.of(WORDS.say("percent", 100 * share));
  }

  private static Note read(Line line, Setting setting) {
    return line.partOf()
        .map(
            counts -> {
              boolean whole =
                  counts[0] == Math.rint(counts[0]) && counts[1] == Math.rint(counts[1]);
              if (!whole || counts[0] < 1 || counts[0] > counts[1]) {
                throw new IllegalArgumentException(
                    "Count the leaves that fell and those there were before, for example “lost 3 of"
                        + " 14”.");
              }
              return new LostLeaves(counts[0] / counts[1]);
            })
        .orElse(null);
  }
}
