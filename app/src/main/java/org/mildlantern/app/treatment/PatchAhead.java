package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.knowledge.Means;

/**
 * A patch test that a running course asks for: one leaf, some days before the first such visit.
 *
 * @param on the day on which it is to be begun
 * @param before the visit that waits for it
 */
record PatchAhead(Means means, LocalDate on, LocalDate before) {
  /** Those of a course that were not begun, the first first. */
  static List<PatchAhead> of(
      CourseService.Picked picked, CourseService courses, VisitGround.Known known) {
    Long plant = picked.course().plantId();
    Map<Means, PatchAhead> ahead = new HashMap<>();
    picked
        .planned()
        .forEach(
            visit -> {
              LocalDate day = visit.plannedOn();
              courses.means(visit).stream()
                  .filter(means -> !known.tried(plant, means))
                  .forEach(
                      means ->
                          ahead.putIfAbsent(
                              means, new PatchAhead(means, day.minusDays(means.patchDays()), day)));
            });
    return ahead.values().stream()
        .sorted(Comparator.comparing(PatchAhead::on).thenComparing(one -> one.means().id()))
        .toList();
  }
}
