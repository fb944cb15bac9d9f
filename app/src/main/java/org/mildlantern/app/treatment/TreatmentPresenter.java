package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.pest.Generation;
import org.mildlantern.core.treatment.Course;
import org.mildlantern.core.treatment.Outlook;
import org.mildlantern.core.treatment.Visit;
import org.springframework.stereotype.Component;

/** Turns courses and their outlook into what the treatment page shows. */
@Component
class TreatmentPresenter {
  private static final double[] WARMTHS = {16, 20, 24, 28};
  private static final List<String> AMOUNTS = List.of("none", "little", "some", "much");
  private static final int SHORTEST_CHART = 28;
  private static final int LONGEST_CHART = 240;

  private final CourseService courses;
  private final Scope scope;

  TreatmentPresenter(CourseService courses, Scope scope) {
    this.courses = courses;
    this.scope = scope;
  }

  /**
   * Shows a case's treatment.
   *
   * @param size how many there are, for the schools' offers
   * @param schoolShown whose course is drawn while none is picked, or null for the default
   */
  TreatmentView show(CourseService.Ground ground, Infestation size, String schoolShown) {
    CourseService.Picked picked = courses.picked(ground.kase().id()).orElse(null);
    Outlook outlook =
        picked == null ? ground.outlook(size.females()) : courses.outlook(picked.course());
    List<Course> found = picked == null ? courses.offers(ground, outlook) : List.of();
    Course shown = shown(found, schoolShown);
    List<Visit> plan =
        picked != null ? courses.plan(picked) : shown == null ? List.of() : shown.visits();
    return new TreatmentView(
        ground.kase(),
        ground.plant(),
        ground.pest(),
        warmth(ground),
        Generation.of(ground.pest(), ground.celsius()).working(),
        lives(ground.pest()),
        size,
        found.stream().map(c -> offer(c, c == shown)).toList(),
        picked == null ? null : running(picked, outlook, plan),
        plan.isEmpty() ? null : chart(outlook, plan));
  }

  private static Course shown(List<Course> found, String wanted) {
    return found.stream()
        .filter(c -> c.school().id().equals(wanted))
        .findFirst()
        .or(() -> found.stream().filter(c -> c.school().byDefault()).findFirst())
        .orElse(found.isEmpty() ? null : found.get(0));
  }

  private static String warmth(CourseService.Ground ground) {
    return String.format(
        Locale.ROOT,
        ground.plant().place().temperature() == null
            ? "no temperature is noted for %s; %.0f °C is assumed"
            : "%s, %.0f °C",
        ground.plant().place().name(),
        ground.celsius());
  }

  private static List<TreatmentView.Life> lives(LifeCycle pest) {
    return DoubleStream.of(WARMTHS)
        .mapToObj(
            celsius ->
                new TreatmentView.Life(
                    String.format(Locale.ROOT, "%.0f °C", celsius),
                    Generation.of(pest, celsius).working().result()))
        .toList();
  }

  private static TreatmentView.Offer offer(Course course, boolean shown) {
    return new TreatmentView.Offer(
        course.school().id(),
        course.school().label(),
        course.school().what(),
        course.school().byDefault(),
        shown,
        course.visits().size(),
        course.visits().size() == 1 ? "once" : "every " + course.interval() + " days",
        Math.round(course.minutes()),
        AMOUNTS.get(course.cost() == 0 ? 0 : course.cost() < 4 ? 1 : course.cost() < 20 ? 2 : 3),
        AMOUNTS.get(course.harm()),
        Decibans.percent(course.chance()),
        course.enough(),
        course.means());
  }

  private TreatmentView.Running running(
      CourseService.Picked picked, Outlook outlook, List<Visit> plan) {
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
        Decibans.percent(chance),
        chance >= org.mildlantern.core.treatment.CourseSearch.ENOUGH,
        picked.course().begunOn().plusDays(outlook.horizon(plan)),
        (int) rows.stream().filter(r -> r.state().equals("done")).count(),
        left);
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
            new ForecastChart.Series("this course", "plan", outlook.forecast(plan, days))),
        plan.stream().map(Visit::day).toList());
  }
}
