package org.mildlantern.app.frame;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

/** The ribbon and the shelf. */
record FrameView(
    String collection,
    String keeper,
    Long keeperId,
    Instant made,
    LocalDate today,
    List<Day> days,
    List<ShelfPlace> shelf) {

  /** A day of the ribbon; when is past, today or ahead. */
  record Day(
      LocalDate date,
      String weekday,
      int number,
      String spoken,
      String when,
      boolean shown,
      List<Count> counts) {}

  /** How much work of a kind a day holds. */
  record Count(String shape, int number, String label) {}

  /** A place on the shelf. */
  record ShelfPlace(Long id, String name, String air, List<ShelfPlant> plants) {}

  /** A plant on the shelf with its lamp. */
  record ShelfPlant(Long id, String name, String lamp, String lampLabel, boolean current) {}
}
