package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.quarantine.ContactLooks;
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

  Together(
      CaseService cases,
      PlantService plants,
      TreatmentCourseRepository courses,
      TreatmentVisitRepository visits) {
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

  /** Plants to choose from, those with a case of the same first. */
  List<Candidate> candidates(CaseView kase, List<ContactLooks.Watch> watches, List<Long> chosen) {
    Map<Long, CaseView> open = cases.open();
    List<Candidate> all = new ArrayList<>();
    for (PlantView plant : plants.byName()) {
      CaseView its = open.get(plant.id());
      if (its != null && !its.id().equals(kase.id()) && isSame(its, kase)) {
        boolean treated = courses.openOf(its.id()).isPresent();
        all.add(
            new Candidate(
                plant,
                WORDS.say("has-it", its.number()),
                treated ? "treated already" : null,
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
    return all;
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
    Map<Long, CaseView> open = cases.open();
    List<PlantView> chosen = new ArrayList<>();
    for (Long id : ids.stream().distinct().toList()) {
      PlantView plant = plants.find(id).filter(one -> !one.archived()).orElse(null);
      if (plant == null || plant.id().equals(kase.plantId())) {
        continue;
      }
      CaseView its = open.get(id);
      if (its != null && !isSame(its, kase)) {
        throw new IllegalArgumentException(WORDS.say("other-case", plant.name(), plant.code()));
      }
      if (its != null && courses.openOf(its.id()).isPresent()) {
        throw new IllegalArgumentException(WORDS.say("has-course", plant.name(), plant.code()));
      }
      chosen.add(plant);
    }
    return chosen;
  }

  /** The plants whose visits go together with those of a course, its own left out. */
  List<PlantView> with(TreatmentCourse course) {
    return course.partyId() == null
        ? List.of()
        : courses.ofParty(course.partyId()).stream()
            .filter(other -> !other.id().equals(course.id()))
            .flatMap(other -> plants.find(other.plantId()).stream())
            .toList();
  }

  /** A visit of one plant among those that go together. */
  record Member(TreatmentVisit visit, PlantView plant) {}

  /** The visits that are to be made together with one, itself first; it alone when it is single. */
  List<Member> members(TreatmentVisit visit) {
    Stream<TreatmentVisit> all =
        visit.togetherId() == null
            ? Stream.of(visit)
            : Stream.concat(
                Stream.of(visit),
                visits.together(visit.togetherId()).stream()
                    .filter(other -> !other.id().equals(visit.id())));
    return all.filter(one -> one.id().equals(visit.id()) || isToCome(one, visit.plannedOn()))
        .flatMap(one -> plant(one).map(plant -> new Member(one, plant)).stream())
        .toList();
  }

  private static boolean isToCome(TreatmentVisit one, LocalDate day) {
    return one.state() == TreatmentVisit.State.PLANNED && one.plannedOn().equals(day);
  }

  private Optional<PlantView> plant(TreatmentVisit visit) {
    return courses
        .byId(visit.courseId())
        .filter(TreatmentCourse::open)
        .flatMap(course -> plants.find(course.plantId()))
        .filter(plant -> !plant.archived());
  }
}
