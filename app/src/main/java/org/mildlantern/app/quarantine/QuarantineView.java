package org.mildlantern.app.quarantine;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.core.treatment.Quarantine;

/**
 * A plant's quarantine as pages show it.
 *
 * @param looks since it began, the newest first
 * @param lookedToday whether today's look was noted
 */
public record QuarantineView(
    Long plantId,
    Apart apart,
    Quarantine clock,
    Remaining remaining,
    boolean lookedToday,
    List<Look> looks) {
  /**
   * When and why it was set apart.
   *
   * @param pest what it has, in words, or null
   */
  public record Apart(LocalDate began, String why, String pest) {}

  /**
   * What is left of its time.
   *
   * @param ring length of the ring's part that has passed, of 100
   */
  public record Remaining(int daysLeft, long ring) {}

  /**
   * What a look found.
   *
   * @param sought whether it was for the pest in question, not for anything at all
   */
  public record Look(LocalDate day, int counted, boolean sought) {
    public boolean found() {
      return counted > 0;
    }
  }

  public boolean mayLeave() {
    return remaining.daysLeft() == 0;
  }
}
