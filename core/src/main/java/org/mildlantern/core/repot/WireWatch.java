package org.mildlantern.core.repot;

import java.time.LocalDate;
import org.mildlantern.core.season.Course;

/**
 * When wire is looked at before it bites: only days of growth count, those of rest a tenth. Rule of
 * thumb.
 *
 * @param look the first day on which it is looked at, each week from then on
 * @param bites the day by which it has begun to bite at the latest
 */
public record WireWatch(LocalDate look, LocalDate bites) {
  private static final double AT_REST = 0.1;
  private static final double EARLIER = 0.75;
  private static final int LONGEST_DAYS = 800;

  /** Of wire that was put on on a day. */
  public static WireWatch of(BonsaiYear tree, Course course, LocalDate on, double latitude) {
    return new WireWatch(
        after(EARLIER * tree.bites().get(0) * 7, course, on, latitude),
        after(tree.bites().get(1) * 7, course, on, latitude));
  }

  private static LocalDate after(double grown, Course course, LocalDate on, double latitude) {
    double days = 0;
    LocalDate day = on;
    while (days < grown && day.isBefore(on.plusDays(LONGEST_DAYS))) {
      boolean rests = course.resting() != null && course.resting().contain(day, latitude);
      days += rests ? AT_REST : 1;
      day = day.plusDays(1);
    }
    return day;
  }
}
