package org.mildlantern.core.care;

import java.time.LocalDate;

/**
 * The time that one change is given before it can be judged. A second change inside it makes the
 * first unreadable.
 *
 * @param made the day of the change
 * @param lookOn the day of the look
 */
public record ChangeWindow(LocalDate made, LocalDate lookOn) {
  public ChangeWindow {
    if (lookOn.isBefore(made)) {
      throw new IllegalArgumentException("lookOn: the look cannot come before the change");
    }
  }

  /** Whether another change on the day would confound this one. */
  public boolean confoundedBy(LocalDate day) {
    return !day.isBefore(made) && day.isBefore(lookOn);
  }
}
