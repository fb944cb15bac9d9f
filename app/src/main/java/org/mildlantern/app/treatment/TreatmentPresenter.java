package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.quarantine.ContactLooks;
import org.mildlantern.app.quarantine.QuarantineService;
import org.mildlantern.app.quarantine.QuarantineView;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.School;
import org.mildlantern.core.pest.Generation;
import org.mildlantern.core.treatment.CountBand;
import org.mildlantern.core.treatment.Course;
import org.mildlantern.core.treatment.CourseSearch;
import org.mildlantern.core.treatment.NotWorking;
import org.mildlantern.core.treatment.Outlook;
import org.mildlantern.core.treatment.Visit;
import org.mildlantern.core.treatment.WithinBounds;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Turns courses and their outlook into what the treatment page shows. */
@Component
class TreatmentPresenter {
  private static final Words WORDS = Words.of(TreatmentPresenter.class);

  private static final double[] WARMTHS = {16, 20, 24, 28};
  private static final List<String> AMOUNTS = List.of("none", "little", "some", "much");
  private static final int SHORTEST_CHART = 28;
  private static final int LONGEST_CHART = 240;

  /** A visit made more days late than this counts as missed. */
  private static final int LATE = 2;

  private final CourseService courses;
  private final Offers offers;
  private final QuarantineService quarantines;
  private final CaseCarrierRepository carriers;
  private final Remedies remedies;
  private final Scope scope;

  TreatmentPresenter(
      CourseService courses,
      Offers offers,
      QuarantineService quarantines,
      CaseCarrierRepository carriers,
      Remedies remedies,
      Scope scope) {
    this.courses = courses;
    this.offers = offers;
    this.quarantines = quarantines;
    this.carriers = carriers;
    this.remedies = remedies;
    this.scope = scope;
  }

  /**
   * Shows a case's treatment.
   *
   * @param others plants that are treated with it
   * @param said how many there are and how its leaves are wetted, for the schools' offers
   * @param schoolShown whose course is drawn while none is picked, or null for the default
   */
  TreatmentView show(
      Offers.Ground ground,
      List<PlantView> others,
      Offers.Said said,
      String schoolShown,
      List<ContactLooks.Watch> watches) {
    CourseService.Picked picked = courses.picked(ground.kase().id()).orElse(null);
    Offers.Asked asked = offers.ask(ground, others, said);
    Outlook outlook = picked == null ? asked.outlook() : courses.outlook(picked.course());
    List<Course> found = offers.of(asked, outlook);
    School followed = offers.followed(ground.pest());
    Course shown = picked == null ? shown(found, schoolShown, followed) : null;
    List<Visit> plan =
        picked != null ? courses.plan(picked) : shown == null ? List.of() : shown.visits();
    List<QuarantineView.Look> its = quarantines.looks(ground.plant().id(), ground.pest().id());
    return new TreatmentView(
        ground.kase(),
        ground.plant(),
        new TreatmentView.OfPest(
            ground.pest(),
            warmth(ground),
            asked.wetness(),
            Generation.of(ground.pest(), ground.celsius()).working(),
            lives(ground.pest())),
        said.size(),
        said.wetted(ground.plant()),
        new TreatmentView.Schools(
            found.stream().map(c -> offer(c, outlook, c == shown, followed)).toList(),
            offers.schools(ground.pest()).stream().filter(s -> s.declined() != null).toList()),
        new TreatmentView.Plan(
            picked == null ? null : running(picked, asked, outlook, plan, its),
            plan.isEmpty() ? null : chart(outlook, plan),
            picked == null ? null : counts(ground, picked, outlook, plan, its, watches)));
  }

  private static Course shown(List<Course> found, String wanted, School followed) {
    return found.stream()
        .filter(c -> c.school().id().equals(wanted))
        .findFirst()
        .or(() -> found.stream().filter(c -> c.school().equals(followed)).findFirst())
        .orElse(found.isEmpty() ? null : found.get(0));
  }

  private TreatmentView.Counts counts(
      Offers.Ground ground,
      CourseService.Picked picked,
      Outlook outlook,
      List<Visit> plan,
      List<QuarantineView.Look> its,
      List<ContactLooks.Watch> watches) {
    LocalDate begun = picked.course().begunOn();
    List<CountBand.Count> counted =
        its.stream()
            .filter(l -> l.sought() && !l.day().isBefore(begun))
            .map(l -> new CountBand.Count(daysAfter(begun, l.day()), l.counted()))
            .collect(Collectors.toList());
    Collections.reverse(counted);
    CountBand band = CountBand.of(ground.pest(), outlook, plan, counted);
    List<TreatmentView.CountRow> rows =
        band.rows().stream()
            .map(
                r ->
                    new TreatmentView.CountRow(
                        begun.plusDays(r.day()),
                        r.counted(),
                        r.first() ? "" : WORDS.say("about", r.expected()),
                        r.first() ? "sets the scale" : WORDS.say("band", r.low(), r.high()),
                        r.above() ? "above" : r.below() ? "better" : r.first() ? "" : "as hoped"))
            .toList();
    return new TreatmentView.Counts(
        rows, band.notWorking() ? why(ground, picked, outlook, band, watches) : null);
  }

  private NotWorking why(
      Offers.Ground ground,
      CourseService.Picked picked,
      Outlook outlook,
      CountBand band,
      List<ContactLooks.Watch> watches) {
    List<Visit> done =
        courses.plan(
            new CourseService.Picked(
                picked.course(),
                picked.visits().stream()
                    .filter(v -> v.state() == TreatmentVisit.State.DONE)
                    .toList()));
    int missed =
        (int)
            picked.visits().stream()
                .filter(
                    v ->
                        v.state() == TreatmentVisit.State.SKIPPED
                            || v.day().isAfter(v.plannedOn().plusDays(LATE)))
                .count();
    return NotWorking.of(
        ground.pest(),
        new NotWorking.Course(
            done,
            missed,
            quarantines.of(ground.plant()).isPresent(),
            !carriers.of(ground.kase().id()).isEmpty(),
            watches.stream().anyMatch(ContactLooks.Watch::found),
            ground.kase().probability()),
        band,
        outlook.generation(),
        offers.patient(ground.plant()),
        remedies);
  }

  private static int daysAfter(LocalDate begun, LocalDate day) {
    return (int) java.time.temporal.ChronoUnit.DAYS.between(begun, day);
  }

  private static String warmth(Offers.Ground ground) {
    return WORDS.say(
        ground.plant().place().temperature() == null ? "warmth-assumed" : "warmth",
        ground.plant().place().name(),
        ground.celsius());
  }

  private static List<TreatmentView.Life> lives(LifeCycle pest) {
    return DoubleStream.of(WARMTHS)
        .mapToObj(
            celsius ->
                new TreatmentView.Life(
                    WORDS.say("celsius", celsius), Generation.of(pest, celsius).working().result()))
        .toList();
  }

  private TreatmentView.Offer offer(
      Course course, Outlook outlook, boolean shown, School followed) {
    return new TreatmentView.Offer(
        new TreatmentView.Offer.Choice(
            course.school().id(),
            course.school().label(),
            course.school().what(),
            course.school().equals(followed),
            shown),
        new TreatmentView.Offer.Effort(
            course.visits().size(),
            courses.rhythm(course),
            Math.round(course.minutes()),
            AMOUNTS.get(
                course.cost() == 0 ? 0 : course.cost() < 4 ? 1 : course.cost() < 20 ? 2 : 3),
            AMOUNTS.get(course.harm())),
        new TreatmentView.Offer.Hope(
            Decibans.percent(course.chance()), below(course.chance(), outlook, course.visits())),
        course.means(),
        course.leftOut());
  }

  private TreatmentView.Running running(
      CourseService.Picked picked,
      Offers.Asked asked,
      Outlook outlook,
      List<Visit> plan,
      List<QuarantineView.Look> its) {
    LocalDate today = scope.today();
    double chance = outlook.chance(plan);
    List<TreatmentView.VisitRow> rows = new ArrayList<>();
    for (TreatmentVisit visit : picked.visits()) {
      boolean planned = visit.state() == TreatmentVisit.State.PLANNED;
      rows.add(
          new TreatmentView.VisitRow(
              visit.id(),
              visit.day(),
              visit.state().name().toLowerCase(Locale.ROOT),
              courses.means(visit),
              planned && !visit.plannedOn().isAfter(today),
              planned ? without(picked, visit, outlook) : null));
    }
    int left = (int) rows.stream().filter(r -> r.state().equals("planned")).count();
    return new TreatmentView.Running(
        courses.school(picked.course()).label(),
        picked.course().begunOn(),
        rows,
        picked.visits().stream()
            .flatMap(visit -> courses.means(visit).stream())
            .filter(Means::product)
            .distinct()
            .map(means -> WithinBounds.words(means, asked.bounds(means)))
            .toList(),
        PatchAhead.of(picked, courses, asked.known()),
        new TreatmentView.Running.Outlook(
            Decibans.percent(chance),
            below(chance, outlook, plan),
            picked.course().begunOn().plusDays(outlook.horizon(plan))),
        new TreatmentView.Running.Progress(
            (int) rows.stream().filter(r -> r.state().equals("done")).count(), left),
        CourseCalendar.of(
            picked.visits(),
            its,
            quarantines.of(asked.ground().plant()).orElse(null),
            picked.course().begunOn(),
            today));
  }

  /** The share of the numbers up to which a pest counts as kept low. Rule of thumb. */
  private static final double LOW = 0.5;

  private static String below(double chance, Outlook outlook, List<Visit> plan) {
    if (chance >= CourseSearch.ENOUGH) {
      return "";
    }
    double remaining = outlook.kept(plan);
    return remaining <= LOW
        ? WORDS.say("kept-low", Math.max(1, Math.round(100 * remaining)))
        : WORDS.say("not-kept");
  }

  private String without(CourseService.Picked picked, TreatmentVisit skipped, Outlook outlook) {
    List<TreatmentVisit> others =
        picked.visits().stream().filter(v -> !v.id().equals(skipped.id())).toList();
    return Decibans.percent(
        outlook.chance(courses.plan(new CourseService.Picked(picked.course(), others))));
  }

  private static ForecastChart chart(Outlook outlook, List<Visit> plan) {
    int days = Math.max(SHORTEST_CHART, Math.min(LONGEST_CHART, outlook.horizon(plan)));
    List<Visit> once = plan.subList(0, 1);
    return ForecastChart.of(
        List.of(
            new ForecastChart.Series("nothing done", "nothing", outlook.forecast(List.of(), days)),
            new ForecastChart.Series("one visit", "once", outlook.forecast(once, days)),
            new ForecastChart.Series(
                "this course, while any are left", "plan", outlook.whileAnyAreLeft(plan, days))),
        plan.stream().map(Visit::day).toList(),
        outlook.ifLeft(plan));
  }
}
