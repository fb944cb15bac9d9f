package org.mildlantern.app.frame;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.mildlantern.core.words.Words;

/**
 * The ribbon and the shelf.
 *
 * @param days written out
 * @param shelf written out
 */
record FrameView(
    String collection,
    String keeper,
    boolean guest,
    Long keeperId,
    Instant made,
    LocalDate today,
    String days,
    String shelf) {
  private static final Words WORDS = Words.of(FrameView.class);

  /** A day of the ribbon; when is past, today or ahead. */
  record Day(
      LocalDate date,
      String weekday,
      int number,
      String spoken,
      String when,
      boolean shown,
      List<Count> counts) {
    private static final int LETTERS = 3;

    /** For how many of its counts there is room. */
    public int room() {
      int most = when.equals("today") ? 3 : 2;
      int letters = counts.stream().limit(most).mapToInt(count -> count.shown().length()).sum();
      int dots = counts.size() > most ? 1 : 0;
      return letters + dots > LETTERS ? most - 1 : most;
    }

    /** The counts for which there is no room, in words. */
    public String beyond(int room) {
      return counts.stream()
          .skip(room)
          .map(count -> WORDS.say("count", count.number(), count.label()))
          .collect(Collectors.joining(", "));
    }
  }

  /** How much work of a kind a day holds. */
  record Count(String shape, int number, String label) {
    private static final int THOUSAND = 1000;

    /** The number as there is room for it, thousands as {@code 3k}. */
    public String shown() {
      return number < THOUSAND
          ? Integer.toString(number)
          : Math.round((float) number / THOUSAND) + "k";
    }
  }
}
