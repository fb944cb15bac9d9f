package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.quarantine.ContactLooks;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which plants can be treated together: those that have the same trouble, or stood beside it. */
@Component
@Transactional(readOnly = true)
class Together {
  private static final Words WORDS = Words.of(Together.class);

  private final CaseService cases;
  private final PlantService plants;
  private final TreatmentCourseRepository courses;
  private final TreatmentVisitRepository visits;
  private final Remedies remedies;

  Together(
      CaseService cases,
      PlantService plants,
      TreatmentCourseRepository courses,
      TreatmentVisitRepository visits,
      Remedies remedies) {
    this.remedies = remedies;
    this.cases = cases;
    this.plants = plants;
    this.courses = courses;
    this.visits = visits;
  }

  /**
   * A plant that may be treated too.
   *
   * @param why it is offered
   * @param not why it cannot be, or null
   */
  record Candidate(PlantView plant, String why, String not, boolean chosen) {}

  /**
   * A trouble that some of them have.
   *
   * @param kase from which it is treated
   * @param having the plants that have it
   * @param with the others, but those that have another trouble
   */
  record Trouble(CaseView kase, List<PlantView> having, List<Long> with) {
    /** Where they are treated. */
    public String href() {
      String others = with.stream().map(String::valueOf).collect(Collectors.joining(","));
      return "/cases/" + kase.id() + "/treatment" + (others.isEmpty() ? "" : "?with=" + others);
    }
  }

  /** What plants that were chosen have that is treated in a course; empty when one is not there. */
  Optional<List<Trouble>> troubles(List<Long> ids) {
    List<Long> all = ids.stream().distinct().toList();
    Map<Long, PlantView> found = plants.find(all);
    if (all.isEmpty() || !found.keySet().containsAll(all)) {
      return Optional.empty();
    }
    Map<Long, CaseView> open = cases.open();
    Map<String, List<Long>> having =
        all.stream()
            .filter(id -> open.containsKey(id))
            .filter(id -> remedies.pests().find(open.get(id).cause().id()).isPresent())
            .collect(
                Collectors.groupingBy(
                    id -> open.get(id).cause().id(), LinkedHashMap::new, Collectors.toList()));
    return Optional.of(
        having.values().stream()
            .map(
                these -> {
                  CaseView first = open.get(these.get(0));
                  return new Trouble(
                      first,
                      these.stream().map(found::get).toList(),
                      all.stream()
                          .filter(id -> !id.equals(first.plantId()))
                          .filter(id -> !open.containsKey(id) || isSame(open.get(id), first))
                          .toList());
                })
            .toList());
  }

  /** Plants to choose from, those with a case of the same first. */
  List<Candidate> candidates(CaseView kase, List<ContactLooks.Watch> watches, List<Long> chosen) {
    Map<Long, CaseView> open = cases.open();
    Set<Long> treated = treated();
    List<Candidate> all = new ArrayList<>();
    for (PlantView plant : plants.byName()) {
      CaseView its = open.get(plant.id());
      if (its != null && !its.id().equals(kase.id()) && isSame(its, kase)) {
        all.add(
            new Candidate(
                plant,
                WORDS.say("has-it", its.number()),
                treated.contains(its.id()) ? "treated already" : null,
                chosen.contains(plant.id())));
      }
    }
    for (ContactLooks.Watch watch : watches) {
      PlantView plant = watch.contact().plant();
      CaseView its = open.get(plant.id());
      if (its == null || !isSame(its, kase)) {
        all.add(
            new Candidate(
                plant,
                WORDS.say(watch.found() ? "found-on-it" : "stood-beside", watch.contact().days()),
                its == null ? null : "another case of it is open",
                chosen.contains(plant.id())));
      }
    }
    Set<Long> offered =
        all.stream().map(candidate -> candidate.plant().id()).collect(Collectors.toSet());
    for (PlantView plant : plants.find(chosen).values()) {
      if (!offered.contains(plant.id())
          && !plant.id().equals(kase.plantId())
          && !plant.archived()) {
        boolean another = open.containsKey(plant.id());
        all.add(
            new Candidate(
                plant,
                WORDS.say("you-chose"),
                another ? "another case of it is open" : null,
                !another));
      }
    }
    return all;
  }

  /** Cases that have a course under way. */
  private Set<Long> treated() {
    return courses.open().stream().map(TreatmentCourse::caseId).collect(Collectors.toSet());
  }

  private static boolean isSame(CaseView one, CaseView other) {
    return one.cause().id().equals(other.cause().id());
  }

  /**
   * The plants that were chosen.
   *
   * @throws IllegalArgumentException when one cannot be treated with the case
   */
  List<PlantView> chosen(CaseView kase, List<Long> ids) {
    if (ids.isEmpty()) {
      return List.of();
    }
    Map<Long, CaseView> open = cases.open();
    Map<Long, PlantView> found = plants.find(ids);
    Set<Long> treated = treated();
    List<PlantView> chosen = new ArrayList<>();
    for (Long id : ids.stream().distinct().toList()) {
      PlantView plant = found.get(id);
      if (plant == null || plant.archived() || id.equals(kase.plantId())) {
        continue;
      }
      CaseView its = open.get(id);
      if (its != null && !isSame(its, kase)) {
        throw new IllegalArgumentException(WORDS.say("other-case", plant.name(), plant.code()));
      }
      if (its != null && treated.contains(its.id())) {
        throw new IllegalArgumentException(WORDS.say("has-course", plant.name(), plant.code()));
      }
      chosen.add(plant);
    }
    return chosen;
  }

  /** The plants whose visits go together with those of a course, its own left out. */
  List<PlantView> with(TreatmentCourse course) {
    if (course.partyId() == null) {
      return List.of();
    }
    List<Long> others =
        courses.ofParty(course.partyId()).stream()
            .filter(other -> !other.id().equals(course.id()))
            .map(TreatmentCourse::plantId)
            .toList();
    Map<Long, PlantView> found = plants.find(others);
    return others.stream().map(found::get).toList();
  }

  /** A visit of one plant. */
  record Member(TreatmentVisit visit, TreatmentCourse course, PlantView plant) {}

  /** A visit by itself. */
  Member alone(TreatmentVisit visit) {
    TreatmentCourse course = courses.byId(visit.courseId()).orElseThrow();
    return new Member(visit, course, plants.find(course.plantId()).orElseThrow());
  }

  /**
   * The visits to come that are to be made together with one, on its day, its own first if it is to
   * come; only its own when it is single.
   */
  List<Member> members(TreatmentVisit visit) {
    if (visit.togetherId() == null) {
      return isToCome(visit, visit.plannedOn()) ? List.of(alone(visit)) : List.of();
    }
    List<TreatmentVisit> all =
        visits.together(visit.togetherId()).stream()
            .filter(one -> isToCome(one, visit.plannedOn()))
            .sorted(Comparator.comparing(one -> !one.id().equals(visit.id())))
            .toList();
    Map<Long, TreatmentCourse> open =
        courses.byIds(all.stream().map(TreatmentVisit::courseId).toList()).stream()
            .filter(TreatmentCourse::open)
            .collect(Collectors.toMap(TreatmentCourse::id, Function.identity()));
    Map<Long, PlantView> found =
        plants.find(open.values().stream().map(TreatmentCourse::plantId).toList());
    return all.stream()
        .filter(one -> open.containsKey(one.courseId()))
        .map(
            one -> {
              TreatmentCourse course = open.get(one.courseId());
              return new Member(one, course, found.get(course.plantId()));
            })
        .filter(member -> !member.plant().archived())
        .toList();
  }

  private static boolean isToCome(TreatmentVisit one, LocalDate day) {
    return one.state() == TreatmentVisit.State.PLANNED && one.plannedOn().equals(day);
  }
}
