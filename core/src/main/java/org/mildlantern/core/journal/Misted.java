package org.mildlantern.core.journal;

/** Leaves were wetted with plain water. */
public record Misted() implements Note {
  static final Grammar GRAMMAR =
      Grammar.of("misted|mist(?=\\s*$|\\s*,)|showered", "misted", (line, setting) -> new Misted());

  @Override
  public NoteKind kind() {
    return NoteKind.MISTED;
  }
}
