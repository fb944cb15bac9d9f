package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryRetracted;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Treated;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.School;
import org.mildlantern.core.treatment.Course;
import org.mildlantern.core.treatment.Outlook;
import org.mildlantern.core.treatment.Visit;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Offers courses for a case's pest, keeps the one that was picked, and takes its visits. */
@Service
@Transactional
public class CourseService {
  private static final Words WORDS = Words.of(CourseService.class);

  /** A visit may not be put further off than this, in days. */
  private static final int LATEST = 120;

  private final TreatmentCourseRepository courses;
  private final TreatmentVisitRepository visits;
  private final CaseService cases;
  private final PlantService plants;
  private final JournalService journal;
  private final Offers offers;
  private final Together together;
  private final Remedies remedies;
  private final Scope scope;

  CourseService(
      TreatmentCourseRepository courses,
      TreatmentVisitRepository visits,
      CaseService cases,
      PlantService plants,
      JournalService journal,
      Offers offers,
      Together together,
      Remedies remedies,
      Scope scope) {
    this.courses = courses;
    this.visits = visits;
    this.cases = cases;
    this.plants = plants;
    this.journal = journal;
    this.offers = offers;
    this.together = together;
    this.remedies = remedies;
    this.scope = scope;
  }

  /** A course that was picked, with its visits. */
  record Picked(TreatmentCourse course, List<TreatmentVisit> visits) {
    Stream<TreatmentVisit> planned() {
      return visits.stream().filter(visit -> visit.state() == TreatmentVisit.State.PLANNED);
    }
  }

  /** How often its visits come, in words. */
  String rhythm(Course course) {
    IntSummaryStatistics gaps = course.gaps();
    if (gaps.getCount() == 0) {
      return WORDS.say("once");
    }
    return gaps.getMin() == gaps.getMax()
        ? WORDS.say("every", gaps.getMin())
        : WORDS.say("every-to", gaps.getMin(), gaps.getMax());
  }

  /** A course with all its visits. */
  @Transactional(readOnly = true)
  Picked withVisits(Long courseId) {
    return new Picked(courses.byId(courseId).orElseThrow(), visits.of(courseId));
  }

  @Transactional(readOnly = true)
  Optional<Picked> picked(Long caseId) {
    return courses.openOf(caseId).map(c -> new Picked(c, visits.of(c.id())));
  }

  /** All courses under way. */
  @Transactional(readOnly = true)
  List<Picked> underWay() {
    List<TreatmentCourse> open = courses.open();
    if (open.isEmpty()) {
      return List.of();
    }
    var byCourse =
        visits.ofAll(open.stream().map(TreatmentCourse::id).toList()).stream()
            .collect(Collectors.groupingBy(TreatmentVisit::courseId));
    return open.stream().map(c -> new Picked(c, byCourse.getOrDefault(c.id(), List.of()))).toList();
  }

  /** The visits of a picked course as a plan, done ones on their day, skipped ones left out. */
  List<Visit> plan(Picked picked) {
    return picked.visits().stream()
        .filter(v -> v.state() != TreatmentVisit.State.SKIPPED)
        .map(v -> new Visit(day(picked.course(), v.day()), means(v)))
        .toList();
  }

  private static int day(TreatmentCourse course, LocalDate day) {
    return (int) Math.max(0, ChronoUnit.DAYS.between(course.begunOn(), day));
  }

  School school(TreatmentCourse course) {
    return remedies.schools().find(course.school()).orElseThrow();
  }

  List<Means> means(TreatmentVisit visit) {
    return visit.means().stream().map(id -> remedies.means().find(id).orElseThrow()).toList();
  }

  Outlook outlook(TreatmentCourse course) {
    LifeCycle pest = remedies.pests().find(course.pest()).orElseThrow();
    return new Outlook(pest, course.celsius(), course.females(), course.takes());
  }

  /**
   * Picks a school's course for the case; its first visit is today, or when its patch test is read.
   * Others that are treated with it get a case and a course of their own, whose visits go together.
   *
   * @param with plants that are treated too
   * @return what was written, for the plant of the case first
   * @throws IllegalStateException when the case is closed or has a course already
   * @throws IllegalArgumentException when the school has none to offer
   */
  Optional<List<Entry>> pick(Long caseId, List<Long> with, String schoolId, Offers.Said said) {
    return offers
        .ground(caseId)
        .map(ground -> pick(ground, together.chosen(ground.kase(), with), schoolId, said));
  }

  private List<Entry> pick(
      Offers.Ground ground, List<PlantView> others, String schoolId, Offers.Said said) {
    if (!ground.kase().open()) {
      throw new IllegalStateException("The case is closed.");
    }
    if (ground.plant().archived()) {
      throw new IllegalStateException("The plant is in the archive; bring it back first.");
    }
    if (offers.isRot(ground.kase().id())) {
      throw new IllegalStateException("A rot is cut out and watched; it has no course of visits.");
    }
    if (courses.openOf(ground.kase().id()).isPresent()) {
      throw new IllegalStateException("A course is under way; end it first.");
    }
    School school =
        remedies
            .schools()
            .find(schoolId)
            .orElseThrow(() -> new IllegalArgumentException("There is no such school."));
    Offers.Asked asked = offers.ask(ground, others, said);
    Course course =
        offers
            .of(school, asked, asked.outlook())
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        others.isEmpty()
                            ? "This school has no course against it."
                            : "This school has no course that all of them bear; treat fewer"
                                + " together, or choose another school."));
    List<Entry> entries = new ArrayList<>();
    List<TreatmentVisit> first = begin(ground.kase(), ground.plant(), asked, course, null, entries);
    for (PlantView other : others) {
      CaseView its =
          cases
              .openOf(other.id())
              .or(() -> cases.open(other.id(), ground.kase().cause().id()))
              .orElseThrow(() -> new IllegalArgumentException(other.name() + " cannot have that."));
      begin(its, other, asked, course, first, entries);
    }
    return entries;
  }

  /**
   * Begins a course for a plant.
   *
   * @param first visits with which its own go together, or null for the first plant
   */
  private List<TreatmentVisit> begin(
      CaseView kase,
      PlantView plant,
      Offers.Asked asked,
      Course course,
      List<TreatmentVisit> first,
      List<Entry> entries) {
    School school = course.school();
    Entry entry =
        write(
            Treated.Act.BEGUN,
            kase,
            WORDS.say(
                "begun", school.label().toLowerCase(), course.visits().size(), rhythm(course)));
    entries.add(entry);
    LocalDate today = scope.today();
    TreatmentCourse saved =
        courses.save(
            new TreatmentCourse(
                kase.id(),
                plant.id(),
                asked.ground().pest().id(),
                school.id(),
                asked.said().size().number(asked.ground().pest()),
                plant.place().warmth(),
                asked.takes(plant),
                today,
                entry.id()));
    List<TreatmentVisit> its = new ArrayList<>();
    for (Visit visit : course.visits()) {
      its.add(
          visits.save(
              new TreatmentVisit(
                  saved.id(),
                  today.plusDays(visit.day()),
                  visit.means().stream().map(Means::id).toList())));
    }
    if (!asked.others().isEmpty()) {
      List<TreatmentVisit> lead = first == null ? its : first;
      saved.goWith(lead.get(0).courseId());
      for (int i = 0; i < its.size(); i++) {
        its.get(i).goWith(lead.get(i).id());
      }
    }
    return its;
  }

  private Entry write(Treated.Act act, CaseView kase, String text) {
    return journal.write(new Entry(kase.plantId(), scope.now(), new Treated(act, kase.id()), text));
  }

  /**
   * Notes a visit as done today, or as skipped; empty when there is none to answer.
   *
   * @param reason why it was made against a warning, or skipped; may be empty
   * @throws IllegalStateException when the plant is in the archive
   */
  Optional<Entry> answer(Long visitId, boolean done, String reason) {
    return visits
        .byId(visitId)
        .filter(v -> v.state() == TreatmentVisit.State.PLANNED)
        .map(
            visit -> {
              TreatmentCourse course = courses.byId(visit.courseId()).orElseThrow();
              if (plants.find(course.plantId()).orElseThrow().archived()) {
                throw new IllegalStateException(
                    "The plant is in the archive; bring it back first.");
              }
              CaseView kase = cases.find(course.caseId()).orElseThrow();
              Entry entry =
                  write(
                      done ? Treated.Act.TREATED : Treated.Act.SKIPPED,
                      kase,
                      because(done ? "treated" : "skipped", words(visit), reason));
              visit.answer(
                  done ? TreatmentVisit.State.DONE : TreatmentVisit.State.SKIPPED,
                  scope.today(),
                  entry.id(),
                  reason);
              return entry;
            });
  }

  private static String because(String key, String means, String reason) {
    return reason.isEmpty() ? WORDS.say(key, means) : WORDS.say(key + "-because", means, reason);
  }

  String words(TreatmentVisit visit) {
    return means(visit).stream()
        .map(m -> m.label().toLowerCase())
        .collect(Collectors.joining("; "));
  }

  /**
   * Puts a visit on another day, with those that go together with it.
   *
   * @throws IllegalArgumentException when the day has passed or is too far off
   */
  public Optional<Long> move(Long visitId, LocalDate day) {
    return visits
        .byId(visitId)
        .filter(v -> v.state() == TreatmentVisit.State.PLANNED)
        .map(
            visit -> {
              TreatmentCourse course = courses.byId(visit.courseId()).orElseThrow();
              if (day.isBefore(course.begunOn())) {
                throw new IllegalArgumentException("That is before the case’s course began.");
              }
              if (day.isBefore(scope.today())) {
                throw new IllegalArgumentException("That day has passed.");
              }
              if (day.isAfter(scope.today().plusDays(LATEST))) {
                throw new IllegalArgumentException(WORDS.say("ahead", LATEST));
              }
              together.members(visit).forEach(member -> member.visit().plan(day));
              return course.caseId();
            });
  }

  /** The case of a visit. */
  @Transactional(readOnly = true)
  Optional<Long> caseOf(Long visitId) {
    return visits.byId(visitId).flatMap(v -> courses.byId(v.courseId())).map(c -> c.caseId());
  }

  /** Ends a course before its last visit; what was done stays. */
  public Optional<Entry> end(Long caseId) {
    return courses
        .openOf(caseId)
        .map(
            course -> {
              Entry entry =
                  write(Treated.Act.ENDED, cases.find(caseId).orElseThrow(), "Course ended");
              course.end(scope.today(), entry.id());
              return entry;
            });
  }

  @EventListener
  void takeBack(EntryRetracted event) {
    Long entry = event.entry().root();
    visits.byEntry(entry).ifPresent(v -> v.answer(TreatmentVisit.State.PLANNED, null, null, null));
    courses.byEntry(entry).ifPresent(courses::delete);
    courses
        .endedBy(entry)
        .filter(course -> courses.openOf(course.caseId()).isEmpty())
        .ifPresent(course -> course.end(null, null));
  }
}
