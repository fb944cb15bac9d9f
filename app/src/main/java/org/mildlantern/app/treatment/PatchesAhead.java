package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Patch tests that running courses ask for: one leaf, some days before the first such visit. */
@Component
@Order(3)
class PatchesAhead implements RoundSource {
  private static final Words WORDS = Words.of(PatchesAhead.class);

  private final CaseService cases;
  private final CourseService courses;
  private final VisitGround ground;

  PatchesAhead(CaseService cases, CourseService courses, VisitGround ground) {
    this.cases = cases;
    this.courses = courses;
    this.ground = ground;
  }

  /**
   * A test to begin.
   *
   * @param on the day on which it is to be begun
   * @param before the visit that waits for it
   */
  record Ahead(Means means, LocalDate on, LocalDate before) {}

  /** Tests that a course asks for and that were not begun, the first first. */
  List<Ahead> of(CourseService.Picked picked) {
    return of(picked, ground.known(List.of(picked.course().plantId())));
  }

  private List<Ahead> of(CourseService.Picked picked, VisitGround.Known known) {
    Long plant = picked.course().plantId();
    Map<Means, Ahead> ahead = new HashMap<>();
    for (TreatmentVisit visit : picked.visits()) {
      if (visit.state() == TreatmentVisit.State.PLANNED) {
        for (Means means : courses.means(visit)) {
          if (!known.tried(plant, means)) {
            ahead.putIfAbsent(
                means,
                new Ahead(
                    means, visit.plannedOn().minusDays(means.patchDays()), visit.plannedOn()));
          }
        }
      }
    }
    return ahead.values().stream()
        .sorted(Comparator.comparing(Ahead::on).thenComparing(one -> one.means().id()))
        .toList();
  }

  @Override
  public List<Due> due(Ground round) {
    Set<Long> open = cases.open().values().stream().map(CaseView::id).collect(Collectors.toSet());
    List<CourseService.Picked> underWay =
        courses.underWay().stream().filter(p -> open.contains(p.course().caseId())).toList();
    if (underWay.isEmpty()) {
      return List.of();
    }
    VisitGround.Known known =
        ground.known(underWay.stream().map(p -> p.course().plantId()).distinct().toList());
    Map<String, Due> due = new HashMap<>();
    for (CourseService.Picked picked : underWay) {
      round
          .plant(picked.course().plantId())
          .ifPresent(
              plant ->
                  of(picked, known)
                      .forEach(
                          one ->
                              due.merge(
                                  plant.id() + " " + one.means().id(),
                                  due(one, plant, picked.course().caseId()),
                                  (a, b) -> a.on().isAfter(b.on()) ? b : a)));
    }
    return new ArrayList<>(due.values());
  }

  private static Due due(Ahead one, PlantView plant, Long caseId) {
    String means = one.means().label().toLowerCase(Locale.ROOT);
    return Due.on(
        one.on(),
        RoundItem.due(
                "try-" + plant.id() + "-" + one.means().id(),
                Work.TREAT,
                plant,
                "try one leaf",
                WORDS.say("try-leaf", means, Days.near(one.before())))
            .answered(
                List.of(
                    new RoundItem.Answer(
                        "Done", "/patch-tests/on/" + plant.id(), "means", one.means().id())))
            .leadingTo("/cases/" + caseId + "/treatment", "Open course"));
  }
}
