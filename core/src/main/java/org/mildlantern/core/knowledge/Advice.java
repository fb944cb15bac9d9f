package org.mildlantern.core.knowledge;

import java.time.LocalDate;
import java.util.List;

/**
 * What to do about a cause on one plant, and what not.
 *
 * @param cause as it is in this plant's way of life
 * @param change what to do now
 * @param how in the words that are right for this way of life
 * @param later what to do when its time has come, or null when nothing must wait
 */
public record Advice(Cause cause, Change change, String how, List<Hold> holds, Later later) {
  public Advice {
    holds = List.copyOf(holds);
  }

  /** Whether nothing is done until the time of what must wait. */
  public boolean waits() {
    return later != null && change.kind().equals("look");
  }

  /**
   * A change that must wait.
   *
   * @param from the first day on which it may be made, or null where only the cue tells
   * @param cue by what the keeper knows that time, or null where the day tells it
   */
  public record Later(Change change, String how, LocalDate from, String cue) {}
}
