package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.pest.Generation;
import org.mildlantern.core.pest.Population;

class DiseaseCourseTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Remedies REMEDIES = Library.shipped().remedies();

  private static Outlook outlook(String id) {
    return new Outlook(REMEDIES.pests().find(id).orElseThrow(), 20, 20);
  }

  private static List<Visit> weekly(int visits, String... means) {
    return java.util.stream.IntStream.range(0, visits)
        .mapToObj(
            i ->
                new Visit(
                    7 * i,
                    java.util.Arrays.stream(means)
                        .map(id -> REMEDIES.means().find(id).orElseThrow())
                        .toList()))
        .toList();
  }

  /** Days from infection until it can be seen. */
  @ParameterizedTest(name = "{0} at {1} °C shows after {2} to {3} days ({4})")
  @CsvSource({
    "powdery-mildew, 20, 4, 8, Daughtrey et al. 1995",
    "grey-mould, 18, 3, 7, Daughtrey et al. 1995",
    "rust, 20, 8, 14, Daughtrey et al. 1995",
    "downy-mildew, 18, 5, 10, Daughtrey et al. 1995",
    "fungal-leaf-spot, 22, 6, 14, Chase 1987",
    "bacterial-brown-spot, 28, 2, 5, Chase 1987",
    "bacterial-soft-rot, 28, 1, 3, Chase 1987",
    "aerial-blight, 28, 2, 4, Chase 1987",
  })
  void incubationTakesAsLongAsPublished(String id, double celsius, double least, double most) {
    LifeCycle life = REMEDIES.pests().find(id).orElseThrow();
    assertThat(life.stages().get(0).degreeDays() / Generation.degrees(life, celsius))
        .isBetween(least, most);
  }

  @Test
  void dryLeavesStopNewInfectionsAndCuttingTakesOldOnes() {
    Outlook spots = outlook("fungal-leaf-spot");
    double nothing = spots.chance(List.of());
    double dry = spots.chance(weekly(6, "dry-leaves"));
    double both = spots.chance(weekly(6, "dry-leaves", "cut-infected"));
    assertThat(dry).isGreaterThan(nothing);
    assertThat(both).isGreaterThan(dry);
  }

  @Test
  void whatIsStoppedIsTheShareOfNewOnesOnly() {
    LifeCycle life = REMEDIES.pests().find("fungal-leaf-spot").orElseThrow();
    double[][] survival = Killing.survival(life, weekly(1, "dry-leaves"), 40);
    assertThat(survival[0]).startsWith(new double[] {1, 1, 0.2}, within(1e-12));
    assertThat(survival[29]).containsOnly(1);
  }

  @Test
  void theChanceEqualsSimulationWhenNewOnesAreStopped() {
    LifeCycle life = REMEDIES.pests().find("fungal-leaf-spot").orElseThrow();
    List<Visit> plan = weekly(3, "dry-leaves", "cut-infected");
    double[][] survival = Killing.survival(life, plan, 40);
    Population population = new Population(life, 20);
    double[] start = population.settled(6);
    double expected = population.clearing(start, survival);
    java.util.Random random = new java.util.Random(11);
    int runs = 4000;
    int gone = 0;
    for (int run = 0; run < runs; run++) {
      long[][] days = population.simulate(start, survival, random);
      gone += java.util.Arrays.stream(days[40]).sum() == 0 ? 1 : 0;
    }
    double error = Math.sqrt(expected * (1 - expected) / runs);
    assertThat(expected).isBetween(0.05, 0.95);
    assertThat((double) gone / runs).isCloseTo(expected, within(3.3 * error));
  }

  /** What the few uses that labels allow do not end within a course. */
  private static final Set<String> SLOW = Set.of("needle-cast");

  @Test
  void everyDiseaseHasACourseThatIsEnoughWithSomeSchool() {
    CourseSearch search = new CourseSearch(REMEDIES);
    for (LifeCycle life : REMEDIES.pests()) {
      if (life.disease() && !SLOW.contains(life.id()) && !REMEDIES.rots().knows(life.id())) {
        double best =
            REMEDIES.schools("diseases").stream()
                .flatMap(s -> search.find(s, life, new Outlook(life, 20, 20)).stream())
                .mapToDouble(Course::chance)
                .max()
                .orElse(0);
        assertThat(best).as(life.id()).isGreaterThanOrEqualTo(CourseSearch.ENOUGH);
      }
    }
  }

  @Test
  void whatAPlantDoesNotBearIsLeftOutOfItsCourse() {
    Patient masdevallia = Patient.of(Kinds.taxon("masdevallia"), REMEDIES);
    LifeCycle spots = REMEDIES.pests().find("fungal-leaf-spot").orElseThrow();
    Course course =
        new CourseSearch(REMEDIES)
            .find(
                REMEDIES.schools().find("contact-fungicide").orElseThrow(),
                spots,
                new Outlook(spots, 18, 20),
                new CourseSearch.For(masdevallia::bears, means -> true, WithinBounds.Known.NOTHING))
            .orElseThrow();
    assertThat(course.leftOut()).extracting("id").containsExactly("copper");
    assertThat(course.means()).extracting("id").doesNotContain("copper");
  }
}
