package org.mildlantern.app.frame;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.mildlantern.core.words.Words;

/** The ribbon and the shelf. */
record FrameView(
    String collection,
    String keeper,
    Long keeperId,
    Instant made,
    LocalDate today,
    List<Day> days,
    List<ShelfPlace> shelf) {
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

    /** The counts for which there is no room, in words. */
    public String beyond(int room) {
      return counts.stream()
          .skip(room)
          .map(count -> WORDS.say("count", count.number(), count.label()))
          .collect(Collectors.joining(", "));
    }
  }

  /** How much work of a kind a day holds. */
  record Count(String shape, int number, String label) {}

  /** A place on the shelf. */
  record ShelfPlace(Long id, String name, String air, List<ShelfPlant> plants) {}

  /** A plant on the shelf with its lamp. */
  record ShelfPlant(Long id, String name, String lamp, String lampLabel, boolean current) {}
}
