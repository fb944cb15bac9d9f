package org.mildlantern.core.journal;

/** An earlier entry no longer counts. */
public record TakenBack() implements Note {
  @Override
  public NoteKind kind() {
    return NoteKind.TAKEN_BACK;
  }
}
