package org.mildlantern.app.calendar;

import java.time.Instant;
import java.time.LocalDate;

/**
 * An event of the calendar.
 *
 * @param uid stays the same when its day or its words change
 * @param words more about it; lines end in {@code \n}
 * @param path page of the app where it is answered
 * @param sequence counts its changes (RFC 5545, 3.8.7.4)
 * @param gone whether it was called off
 */
record Planned(
    String uid,
    LocalDate day,
    String summary,
    String words,
    String path,
    int sequence,
    Instant changedAt,
    boolean gone) {

  boolean sameAs(Planned other) {
    return day.equals(other.day)
        && summary.equals(other.summary)
        && words.equals(other.words)
        && path.equals(other.path)
        && gone == other.gone;
  }

  /** The same as its next change. */
  Planned after(Planned former, Instant now) {
    return new Planned(uid, day, summary, words, path, former.sequence + 1, now, gone);
  }

  Planned calledOff() {
    return new Planned(uid, day, summary, words, path, sequence, changedAt, true);
  }
}
