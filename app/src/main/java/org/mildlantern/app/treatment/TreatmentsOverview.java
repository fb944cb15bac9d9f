package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.quarantine.ContactLooks;
import org.mildlantern.app.quarantine.QuarantineService;
import org.mildlantern.app.quarantine.QuarantineView;
import org.mildlantern.app.web.Paged;
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
  record View(Paged<Running> running, Paged<CaseOf> without, Paged<Apart> apart, Watches watches) {}

  /**
   * Which page of each list is asked for, from 1; null for the first.
   *
   * @param place whose traps are shown, instead of a page of them
   */
  record Pages(
      Integer running, Integer without, Integer apart, Integer watches, Integer traps, Long place) {
    private static final int SIZE = 30;
  }

  /** Looks at neighbours, by day and cause. */
  record Watches(List<WatchDay> days, Paged<ContactLooks.Watch> shown) {}

  /** Neighbours to look at on a day for one cause; day is null where it was found on them. */
  record WatchDay(LocalDate day, Cause cause, List<ContactLooks.Watch> watches) {}

  /** A course under way. */
  record Running(PlantView plant, CaseView kase, String school, int done, int of, LocalDate next) {}

  /** An open case with its plant. */
  record CaseOf(PlantView plant, CaseView kase) {}

  /** A plant that stands apart. */
  record Apart(PlantView plant, QuarantineView clock) {}

  View of(Collection<CaseView> open, List<PlantView> kept, Pages pages) {
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
    Set<Long> treated = running.stream().map(r -> r.kase().id()).collect(Collectors.toSet());
    List<CaseOf> without =
        open.stream()
            .filter(c -> !treated.contains(c.id()) && plants.containsKey(c.plantId()))
            .filter(c -> remedies.pests().find(c.cause().id()).isPresent())
            .map(c -> new CaseOf(plants.get(c.plantId()), c))
            .toList();
    List<Apart> apart =
        quarantines.all(kept).stream().map(q -> new Apart(plants.get(q.plantId()), q)).toList();
    return new View(
        Paged.of(running, pages.running(), Pages.SIZE),
        Paged.of(without, pages.without(), Pages.SIZE),
        Paged.of(apart, pages.apart(), Pages.SIZE),
        watches(contacts.ofOpen(open, kept), pages.watches()));
  }

  private Watches watches(List<ContactLooks.Watch> all, Integer page) {
    List<ContactLooks.Watch> wait =
        all.stream()
            .filter(w -> w.next() != null || w.found())
            .sorted(
                Comparator.comparing(this::day, Comparator.nullsFirst(Comparator.naturalOrder())))
            .toList();
    Paged<ContactLooks.Watch> shown = Paged.of(wait, page, Pages.SIZE);
    record Key(LocalDate day, Cause cause) {}
    Map<Key, List<ContactLooks.Watch>> byDay =
        shown.rows().stream()
            .collect(
                Collectors.groupingBy(
                    w -> new Key(day(w), w.contact().cause()),
                    LinkedHashMap::new,
                    Collectors.toList()));
    return new Watches(
        byDay.entrySet().stream()
            .map(e -> new WatchDay(e.getKey().day(), e.getKey().cause(), e.getValue()))
            .toList(),
        shown);
  }

  /** The day of a look, today when it is overdue; null where something was found. */
  private LocalDate day(ContactLooks.Watch watch) {
    LocalDate today = scope.today();
    return watch.found() ? null : watch.next().isBefore(today) ? today : watch.next();
  }

  private static int count(CourseService.Picked picked, TreatmentVisit.State state) {
    return (int) picked.visits().stream().filter(v -> v.state() == state).count();
  }
}
