package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.quarantine.ContactLooks;
import org.mildlantern.app.quarantine.QuarantineService;
import org.mildlantern.app.quarantine.QuarantineView;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Remedies;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts together all treatment under way: courses, cases still without one, quarantine, looks. */
@Component
@Transactional(readOnly = true)
class TreatmentsOverview {
  private final CourseService courses;
  private final QuarantineService quarantines;
  private final ContactLooks contacts;
  private final Remedies remedies;
  private final Scope scope;

  TreatmentsOverview(
      CourseService courses,
      QuarantineService quarantines,
      ContactLooks contacts,
      Remedies remedies,
      Scope scope) {
    this.courses = courses;
    this.quarantines = quarantines;
    this.contacts = contacts;
    this.remedies = remedies;
    this.scope = scope;
  }

  /**
   * What the page shows.
   *
   * @param without cases that could have a course and have none
   * @param watches looks at neighbours to come, the next first
   */
  record View(
      List<Running> running, List<CaseOf> without, List<Apart> apart, List<WatchDay> watches) {}

  /** Neighbours to look at on a day for one cause; day is null where it was found on them. */
  record WatchDay(LocalDate day, Cause cause, List<ContactLooks.Watch> watches) {}

  /** A course under way. */
  record Running(PlantView plant, CaseView kase, String school, int done, int of, LocalDate next) {}

  /** An open case with its plant. */
  record CaseOf(PlantView plant, CaseView kase) {}

  /** A plant that stands apart. */
  record Apart(PlantView plant, QuarantineView clock) {}

  View of(Collection<CaseView> open, List<PlantView> kept) {
    Map<Long, PlantView> plants =
        kept.stream().collect(Collectors.toMap(PlantView::id, Function.identity()));
    Map<Long, CaseView> cases =
        open.stream().collect(Collectors.toMap(CaseView::id, Function.identity()));
    List<Running> running =
        courses.underWay().stream()
            .filter(p -> plants.containsKey(p.course().plantId()))
            .filter(p -> cases.containsKey(p.course().caseId()))
            .map(
                p ->
                    new Running(
                        plants.get(p.course().plantId()),
                        cases.get(p.course().caseId()),
                        courses.school(p.course()).label(),
                        count(p, TreatmentVisit.State.DONE),
                        p.visits().size(),
                        p.visits().stream()
                            .filter(v -> v.state() == TreatmentVisit.State.PLANNED)
                            .map(TreatmentVisit::plannedOn)
                            .min(Comparator.naturalOrder())
                            .orElse(null)))
            .toList();
    List<Long> treated = running.stream().map(r -> r.kase().id()).toList();
    return new View(
        running,
        open.stream()
            .filter(c -> !treated.contains(c.id()) && plants.containsKey(c.plantId()))
            .filter(c -> remedies.pests().find(c.cause().id()).isPresent())
            .map(c -> new CaseOf(plants.get(c.plantId()), c))
            .toList(),
        quarantines.all(kept).stream().map(q -> new Apart(plants.get(q.plantId()), q)).toList(),
        byDay(contacts.of(open, kept)));
  }

  private List<WatchDay> byDay(List<ContactLooks.Watch> watches) {
    LocalDate today = scope.today();
    record Key(LocalDate day, Cause cause) {}
    return watches.stream()
        .filter(w -> w.next() != null || w.found())
        .collect(
            Collectors.groupingBy(
                w ->
                    new Key(
                        w.found() ? null : w.next().isBefore(today) ? today : w.next(),
                        w.contact().cause())))
        .entrySet()
        .stream()
        .map(e -> new WatchDay(e.getKey().day(), e.getKey().cause(), e.getValue()))
        .sorted(
            Comparator.comparing(WatchDay::day, Comparator.nullsFirst(Comparator.naturalOrder())))
        .toList();
  }

  private static int count(CourseService.Picked picked, TreatmentVisit.State state) {
    return (int) picked.visits().stream().filter(v -> v.state() == state).count();
  }
}
