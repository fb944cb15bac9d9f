package org.mildlantern.core.journal;

/** The plant hangs. */
public record Wilted() implements Note {
  static final Grammar GRAMMAR =
      Grammar.of("wilted|wilting|hangs|limp", "wilted", (line, setting) -> new Wilted());

  @Override
  public NoteKind kind() {
    return NoteKind.WILTED;
  }
}
