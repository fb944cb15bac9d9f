package org.mildlantern.core.journal;

/** The pot stood in water that was not meant to be there. */
public record StoodInWater() implements Note {
  static final Grammar GRAMMAR =
      Grammar.of(
          "stood in water|standing in water|standing water",
          "stood in water",
          (line, setting) -> new StoodInWater());

  @Override
  public NoteKind kind() {
    return NoteKind.STOOD;
  }
}
