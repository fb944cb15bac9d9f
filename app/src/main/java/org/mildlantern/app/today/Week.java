package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.plants.PlantView;

/**
 * The days ahead with the time that each has.
 *
 * @param timed whether any day has an end
 * @param stuck plants whose work bears no day with time, by the day on which they are first stuck
 */
record Week(boolean timed, List<Day> days, List<Stuck> stuck) {
  /**
   * A day.
   *
   * @param minutes that its work takes
   * @param most minutes that it has, or null for as many as it takes
   * @param words what there is, or empty
   * @param waits how many pieces of work were put off to later days
   */
  record Day(LocalDate day, long minutes, Long most, boolean tooFull, String words, int waits) {}

  /** Plants with work on a day that has no time. */
  record Stuck(LocalDate day, List<PlantView> plants) {}
}
