package org.mildlantern.app.quarantine;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.core.treatment.Quarantine;

/**
 * A plant's quarantine as pages show it.
 *
 * @param pest what it has, in words, or null
 * @param looks since it began, the newest first
 * @param lookedToday whether today's look was noted
 * @param ring length of the ring's part that has passed, of 100
 */
public record QuarantineView(
    Long plantId,
    LocalDate began,
    String why,
    String pest,
    Quarantine clock,
    int daysLeft,
    long ring,
    boolean lookedToday,
    List<Look> looks) {

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
    return daysLeft == 0;
  }
}
