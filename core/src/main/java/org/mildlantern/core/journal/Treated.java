package org.mildlantern.core.journal;

/** Something done about a case's course of treatment. */
public record Treated(Act act, Long caseId) implements Note, OfCase {
  /** What was done. */
  public enum Act {
    BEGUN,
    TREATED,
    SKIPPED,
    ENDED
  }

  @Override
  public NoteKind kind() {
    return NoteKind.TREATED;
  }
}
