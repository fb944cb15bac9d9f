package org.mildlantern.core.journal;

/** Anything a keeper wants to remember; its words are all it says. */
public record Remark() implements Note {
  @Override
  public NoteKind kind() {
    return NoteKind.REMARK;
  }
}
