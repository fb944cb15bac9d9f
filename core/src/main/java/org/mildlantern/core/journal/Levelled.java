package org.mildlantern.core.journal;

import java.util.List;
import org.mildlantern.core.reading.Line;

/**
 * How high the water stood in a tray, reservoir or jar.
 *
 * @param share of the full level, 0 to 1
 */
public record Levelled(double share) implements Note {
  static final Grammar GRAMMAR =
      Grammar.of(
          "(?:tray|reservoir|jar|saucer|level)\\W+(?:is |was )?(?:full|half|empty)",
          "tray empty",
          Levelled::read);

  @Override
  public NoteKind kind() {
    return NoteKind.LEVELLED;
  }

  @Override
  public List<String> figures() {
    return List.of(share == 1 ? "full" : share == 0 ? "empty" : "half");
  }

  private static Note read(Line line, Setting setting) {
    return new Levelled(line.says("full") ? 1 : line.says("half") ? 0.5 : 0);
  }
}
