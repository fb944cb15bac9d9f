package org.mildlantern.core.journal;

import java.util.List;
import org.mildlantern.core.reading.Line;

/** The pot was lifted and was heavy or light for it. */
public record Lifted(boolean heavy) implements Note {
  static final Grammar GRAMMAR =
      Grammar.of("(?:lifted|lift|felt)\\W+(?:light|heavy)", "lifted light", Lifted::read);

  @Override
  public NoteKind kind() {
    return NoteKind.LIFTED;
  }

  @Override
  public List<String> figures() {
    return List.of(heavy ? "heavy" : "light");
  }

  private static Note read(Line line, Setting setting) {
    return line.says("(?:light|heavy)\\W+\\p{L}+\\W+(?:leaf|leaves)")
        ? null
        : new Lifted(line.says("(?:lifted|lift|felt)\\W+heavy"));
  }
}
