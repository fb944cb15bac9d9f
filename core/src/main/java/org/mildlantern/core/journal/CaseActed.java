package org.mildlantern.core.journal;

import java.util.Optional;

/**
 * Something done about a case.
 *
 * @param changeId of the change in question, or null
 */
public record CaseActed(Act act, Long caseId, Long changeId) implements Note, OfCase {
  /** What was done. */
  public enum Act {
    OPENED,
    ANSWERED,
    KEPT,
    CHANGED,
    UNDONE,
    CLOSED
  }

  @Override
  public NoteKind kind() {
    return NoteKind.CASE;
  }

  @Override
  public Optional<Work> work() {
    return Optional.of(act == Act.ANSWERED ? Work.LOOK : Work.TREAT);
  }
}
