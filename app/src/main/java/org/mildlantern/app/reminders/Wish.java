package org.mildlantern.app.reminders;

/**
 * How a keeper wants to be reminded.
 *
 * @param hour local, from which the day's letter goes out
 * @param quietFrom hour from which nothing is sent, until {@code quietUntil}; alike for none
 * @param urgent whether what cannot wait is sent at once besides
 */
record Wish(boolean wanted, int hour, int quietFrom, int quietUntil, boolean urgent) {
  static final Wish NONE = new Wish(false, 7, 22, 7, true);

  Wish {
    for (int each : new int[] {hour, quietFrom, quietUntil}) {
      if (each < 0 || each > 23) {
        throw new IllegalArgumentException("an hour from 0 to 23");
      }
    }
  }

  /** Whether nothing is sent at an hour. */
  boolean quiet(int now) {
    return quietFrom <= quietUntil
        ? now >= quietFrom && now < quietUntil
        : now >= quietFrom || now < quietUntil;
  }
}
