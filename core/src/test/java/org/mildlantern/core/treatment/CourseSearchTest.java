package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.School;

class CourseSearchTest {
  private static final Remedies REMEDIES = Library.shipped().remedies();
  private final CourseSearch search = new CourseSearch(REMEDIES);

  private static LifeCycle pest(String id) {
    return REMEDIES.pests().find(id).orElseThrow();
  }

  private static School school(String id) {
    return REMEDIES.schools().find(id).orElseThrow();
  }

  private static Means means(String id) {
    return REMEDIES.means().find(id).orElseThrow();
  }

  @Test
  void itFindsTheFewestVisitsThatAnySearchFinds() {
    Outlook outlook = new Outlook(pest("spider-mites"), 21, 40);
    Course found =
        search.find(school("soap-and-water"), pest("spider-mites"), outlook).orElseThrow();
    assertThat(found.enough()).isTrue();
    School.Pattern pattern = found.school().courses().get("spider-mites");
    int fewer = found.visits().size() - 1;
    for (int interval = CourseSearch.SHORTEST; interval <= CourseSearch.LONGEST; interval++) {
      assertThat(outlook.chance(bounded(pattern, interval, fewer, outlook)))
          .isLessThan(CourseSearch.ENOUGH);
      assertThat(outlook.chance(bounded(pattern, interval, fewer + 1, outlook)))
          .isLessThanOrEqualTo(found.chance());
    }
  }

  private List<Visit> bounded(School.Pattern pattern, int interval, int visits, Outlook outlook) {
    return search.plan(pattern, interval, visits, outlook, CourseSearch.For.ANY);
  }

  @Test
  void oneSprayFailsBecauseEggsSurviveIt() {
    Outlook outlook = new Outlook(pest("spider-mites"), 22, 150);
    List<Visit> once = List.of(new Visit(0, List.of(means("soap"))));
    assertThat(outlook.chance(once)).isLessThan(0.01);
    double[][] days = outlook.forecast(once, 30);
    double after = days[1][1] + days[1][2];
    assertThat(after).isLessThan(days[0][1] + days[0][2]);
    assertThat(days[30][1] + days[30][2]).isGreaterThan(days[0][1] + days[0][2]);
  }

  @Test
  void aForecastDoesNotContradictItsChance() {
    Outlook outlook = new Outlook(pest("spider-mites"), 19, 150);
    Course course =
        search.find(school("soap-and-water"), pest("spider-mites"), outlook).orElseThrow();
    int days = outlook.horizon(course.visits());
    double mean = sum(outlook.forecast(course.visits(), days)[days]);
    double left = sum(outlook.whileAnyAreLeft(course.visits(), days)[days]);
    assertThat(left * (1 - course.chance())).isCloseTo(mean, within(1e-6 * left));
    assertThat(left).isGreaterThan(1);
    Outlook.IfLeft band = outlook.ifLeft(course.visits());
    assertThat(band.least()).isGreaterThanOrEqualTo(1).isLessThan(left);
    assertThat(band.most()).isGreaterThan(left);
    double[][] untreated = outlook.whileAnyAreLeft(List.of(), 20);
    assertThat(sum(untreated[20]))
        .isCloseTo(sum(outlook.forecast(List.of(), 20)[20]), within(1e-6));
  }

  private static double sum(double[] numbers) {
    return Arrays.stream(numbers).sum();
  }

  @Test
  void moreVisitsNeverLowerTheChance() {
    for (LifeCycle pest : REMEDIES.pests()) {
      Outlook outlook = new Outlook(pest, 22, 40);
      for (School school : REMEDIES.schools()) {
        School.Pattern pattern = school.courses().get(pest.id());
        double last = 0;
        for (int visits = 1; pattern != null && visits <= CourseSearch.MOST; visits++) {
          double chance = outlook.chance(bounded(pattern, 7, visits, outlook));
          assertThat(chance).as(pest.id() + " " + school.id()).isGreaterThanOrEqualTo(last);
          last = chance;
        }
      }
    }
  }

  @Test
  void warmRoomsAskForShorterIntervals() {
    School soap = school("soap-and-water");
    LifeCycle mites = pest("spider-mites");
    Course cool = search.find(soap, mites, new Outlook(mites, 16, 150)).orElseThrow();
    Course warm = search.find(soap, mites, new Outlook(mites, 28, 150)).orElseThrow();
    assertThat(warm.interval()).isLessThan(cool.interval());
  }

  @Test
  void aSystemicNeedsItsUptakeBridged() {
    LifeCycle aphids = pest("aphids");
    Outlook outlook = new Outlook(aphids, 22, 40);
    List<Visit> alone = List.of(new Visit(0, List.of(means("systemic"))));
    List<Visit> bridged = new ArrayList<>(alone);
    bridged.add(new Visit(0, List.of(means("soap"))));
    bridged.add(new Visit(4, List.of(means("soap"))));
    assertThat(outlook.forecast(alone, 9)[9]).isEqualTo(outlook.forecast(List.of(), 9)[9]);
    assertThat(outlook.chance(bridged)).isGreaterThan(outlook.chance(alone));
  }

  @Test
  void whatHidesIsMissedByEachVisitAlike() {
    LifeCycle scale = pest("armoured-scale");
    String place = scale.placeOf("adult");
    double hides = scale.hidden("adult");
    assertThat(hides).isPositive();
    for (String id : List.of("wipe", "oil", "swab-alcohol", "scale-growth", "systemic")) {
      Means means = means(id);
      double all = means.kills("armoured-scale", "adult", place);
      double open = means.kills("armoured-scale", "adult", place, hides, false);
      double hidden = means.kills("armoured-scale", "adult", place, hides, true);
      assertThat((1 - hides) * open + hides * hidden).as(id).isCloseTo(all, within(1e-12));
      assertThat(hidden).as(id).isLessThanOrEqualTo(open);
    }
    assertThat(means("wipe").kills("armoured-scale", "adult", place, hides, true)).isZero();
    Outlook outlook = new Outlook(scale, 22, 40);
    int adult = scale.stageIds().size() - 1;
    List<Visit> wiped = new ArrayList<>();
    for (int day = 0; day < 12; day += 3) {
      wiped.add(new Visit(day, List.of(means("wipe"))));
    }
    double[][] days = outlook.forecast(wiped, 12);
    double open = Math.pow(1 - means("wipe").kills("armoured-scale", "adult", place), 4);
    assertThat(days[12][adult] / days[0][adult])
        .as("four wipes leave more than four chances would")
        .isGreaterThan(open);
  }

  @Test
  void whatIsKeptLowIsJudgedWhileThePlanWorks() {
    Outlook mites = new Outlook(pest("spider-mites"), 22, 40);
    List<Visit> predators = List.of(new Visit(0, List.of(means("predatory-mites"))));
    assertThat(mites.kept(predators)).isLessThan(1).isGreaterThan(0.1);
    assertThat(mites.kept(List.of(new Visit(0, List.of(means("sticky-trap")))))).isGreaterThan(1);
    assertThat(mites.kept(List.of())).isCloseTo(1, within(0.2));
  }

  @Test
  void whereASchoolHasNothingToOfferThereIsNoCourse() {
    LifeCycle knots = pest("root-knot-nematodes");
    Optional<Course> none = search.find(school("biological"), knots, new Outlook(knots, 22, 20));
    assertThat(none).isEmpty();
  }

  @Test
  void theSameMeansTwiceOnADayCountsOnce() {
    LifeCycle gnats = pest("fungus-gnats");
    List<Visit> twice =
        List.of(
            new Visit(0, List.of(means("soil-bacteria"))),
            new Visit(1, List.of(means("soil-bacteria"))));
    double[][] survival = Killing.survival(gnats, twice, 10);
    double hides = gnats.hidden("young");
    double once =
        1 - 0.35 * means("soil-bacteria").kills("fungus-gnats", "young", "soil", hides, false);
    for (int day = 0; day <= 5; day++) {
      assertThat(survival[day][1]).isEqualTo(once);
    }
    assertThat(survival[6][1]).isEqualTo(1);
  }

  @Test
  void theFirstVisitHoldsWhatIsDoneAtTheStart() {
    School.Pattern pattern = school("soap-and-water").courses().get("spider-mites");
    Outlook outlook = new Outlook(pest("spider-mites"), 21, 150);
    List<Visit> plan = bounded(pattern, 5, 3, outlook);
    assertThat(plan).extracting(Visit::day).containsExactly(0, 5, 10);
    assertThat(plan.get(0).means()).contains(means("prune-out"));
    assertThat(plan.get(1).means()).containsExactly(means("wash-off"), means("soap"));
  }
}
