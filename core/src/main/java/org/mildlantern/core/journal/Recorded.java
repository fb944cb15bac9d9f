package org.mildlantern.core.journal;

/** Something that a feature keeps for the plant, and that is no work. */
public record Recorded(What what) implements Note {
  /** What is kept. */
  public enum What {
    PHOTO,
    SPOT,
    TEST_BEGUN,
    QUARANTINE_BEGUN,
    QUARANTINE_ENDED,
    ARCHIVED,
    BROUGHT_BACK
  }

  @Override
  public NoteKind kind() {
    return NoteKind.RECORDED;
  }
}
