package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.School;
import org.mildlantern.core.knowledge.Taxon;

class WithinBoundsTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Remedies REMEDIES = Library.shipped().remedies();
  private static final double[] CELSIUS = {10, 18, 22, 28, 33};

  private final CourseSearch search = new CourseSearch(REMEDIES);

  private static Means means(String id) {
    return REMEDIES.means().find(id).orElseThrow();
  }

  /**
   * The means of a school's course, parted by what a plant bears and what does not even mark it.
   */
  private record Bearing(Set<String> borne, Set<String> unhurt) {
    static Bearing of(Patient patient, Stream<Means> of) {
      List<Means> all = of.toList();
      return new Bearing(
          ids(all.stream().filter(patient::bears)),
          ids(all.stream().filter(m -> patient.hurtBy(m).isEmpty())));
    }

    private static Set<String> ids(Stream<Means> means) {
      return means.map(Means::id).collect(Collectors.toSet());
    }

    CourseSearch.For plant() {
      return new CourseSearch.For(
          m -> borne.contains(m.id()),
          m -> unhurt.contains(m.id()),
          WithinBounds.Known.NOTHING.untried());
    }
  }

  private static Stream<Means> of(School.Pattern pattern) {
    return Stream.concat(pattern.start().stream(), pattern.visits().stream().flatMap(List::stream))
        .distinct()
        .map(WithinBoundsTest::means);
  }

  @Test
  void everyCourseKeepsEveryBoundForEveryKindAtEveryWarmth() {
    int courses = 0;
    for (School school : REMEDIES.schools()) {
      for (String pest : school.courses().keySet()) {
        LifeCycle life = REMEDIES.pests().find(pest).orElseThrow();
        Set<Bearing> bearings = new HashSet<>();
        for (Taxon taxon : KNOWLEDGE.taxa()) {
          Patient patient = Patient.of(KNOWLEDGE.kind(taxon), REMEDIES);
          bearings.add(Bearing.of(patient, of(school.courses().get(pest))));
        }
        for (double celsius : CELSIUS) {
          Outlook outlook = new Outlook(life, celsius, 40);
          for (Bearing bearing : bearings) {
            String what = school.id() + " against " + pest + " at " + celsius;
            Optional<Course> course = search.find(school, life, outlook, bearing.plant());
            if (course.isPresent()) {
              courses++;
              keeps(course.get().visits(), List.of(), outlook, what);
              assertThat(course.get().visits().get(0).means())
                  .as(what)
                  .allMatch(m -> bearing.unhurt().contains(m.id()));
              assertThat(course.get().means())
                  .as(what)
                  .allMatch(m -> bearing.borne().contains(m.id()));
            }
          }
        }
      }
    }
    assertThat(courses).isGreaterThan(300);
  }

  @Test
  void whatWasUsedBeforeCounts() {
    LifeCycle mites = REMEDIES.pests().find("spider-mites").orElseThrow();
    Outlook outlook = new Outlook(mites, 22, 40);
    List<WithinBounds.Use> earlier =
        List.of(
            new WithinBounds.Use(means("sulphur"), -2),
            new WithinBounds.Use(means("soap"), 0),
            new WithinBounds.Use(means("mite-contact"), -9),
            new WithinBounds.Use(means("avermectin"), -40),
            new WithinBounds.Use(means("avermectin"), -20));
    CourseSearch.For plant =
        new CourseSearch.For(m -> true, m -> true, known(earlier, List.of(), Map.of()));
    for (String school : List.of("soap-and-water", "neem-cure", "synthetic")) {
      search
          .find(REMEDIES.schools().find(school).orElseThrow(), mites, outlook, plant)
          .ifPresent(
              course -> {
                keeps(course.visits(), earlier, outlook, school);
                assertThat(course.means()).doesNotContain(means("avermectin"));
              });
    }
  }

  private static WithinBounds.Known known(
      List<WithinBounds.Use> earlier,
      List<WithinBounds.Use> elsewhere,
      Map<String, Means.Bounds> labels) {
    return new WithinBounds.Known(earlier, elsewhere, labels, means -> 0);
  }

  private static List<Integer> daysOf(WithinBounds.Known known, String... wished) {
    WithinBounds bounds = new WithinBounds(22, 14, known);
    List<Integer> days = new ArrayList<>();
    for (int day = 0; day < 120; day++) {
      if (!bounds.use(day, Stream.of(wished).map(WithinBoundsTest::means).toList()).isEmpty()) {
        days.add(day);
      }
    }
    return days;
  }

  @Test
  void soapRestsAfterThreeInARow() {
    assertThat(daysOf(WithinBounds.Known.NOTHING, "soap")).containsExactly(0, 5, 10, 24, 29, 34);
  }

  @Test
  void aGroupIsUsedOnFourDaysOfAYearInTheWholeHome() {
    List<WithinBounds.Use> elsewhere =
        Stream.of(-300, -200, -100, -100, -30)
            .map(day -> new WithinBounds.Use(means("avermectin"), day))
            .toList();
    WithinBounds.Known known = known(List.of(), elsewhere, Map.of());
    assertThat(daysOf(known, "avermectin")).containsExactly(65);
    assertThat(daysOf(known, "soap")).isNotEmpty();
    WithinBounds.Known today =
        known(
            List.of(),
            Stream.of(-90, -60, -30, 0)
                .map(day -> new WithinBounds.Use(means("avermectin"), day))
                .toList(),
            Map.of());
    assertThat(daysOf(today, "avermectin"))
        .as("the same round goes to this plant too")
        .containsExactly(0);
  }

  @Test
  void aStricterLabelWinsAndALooserOneDoesNot() {
    Means.Bounds soap = means("soap").bounds();
    assertThat(daysOf(known(List.of(), List.of(), Map.of("soap", soap.within(10, 2))), "soap"))
        .containsExactly(0, 10);
    assertThat(daysOf(known(List.of(), List.of(), Map.of("soap", soap.within(2, 40))), "soap"))
        .isEqualTo(daysOf(WithinBounds.Known.NOTHING, "soap"));
    assertThat(means("pyrethrum").bounds().within(null, null))
        .isEqualTo(means("pyrethrum").bounds());
  }

  /** Counted here anew, apart from what lays the plan out. */
  private static void keeps(
      List<Visit> visits, List<WithinBounds.Use> earlier, Outlook outlook, String what) {
    List<WithinBounds.Use> uses = new ArrayList<>(earlier);
    for (Visit visit : visits) {
      assertThat(visit.means()).as(what).isNotEmpty();
      assertThat(visit.means().stream().filter(Means::product).count())
          .as(what + ": two products")
          .isLessThanOrEqualTo(1);
      for (Means one : visit.means()) {
        Means.Use use = one.use();
        if (earlier.isEmpty()) {
          assertThat(visit.day())
              .as(what + ": a leaf first")
              .isGreaterThanOrEqualTo(one.patchDays());
        }
        assertThat(use.from() == null || use.from() <= outlook.celsius()).as(what).isTrue();
        assertThat(use.to() == null || use.to() >= outlook.celsius()).as(what).isTrue();
        for (Means other : visit.means()) {
          assertThat(one.bounds().notWith()).as(what).doesNotContain(other.id());
          assertThat(one.bounds().gapAfter()).as(what).doesNotContainKey(other.id());
        }
        uses.add(new WithinBounds.Use(one, visit.day()));
      }
    }
    for (WithinBounds.Use one : uses) {
      Means.Bounds bounds = one.means().bounds();
      List<Integer> same =
          uses.stream().filter(u -> u.means().equals(one.means())).map(u -> u.day()).toList();
      if (bounds.mostUses() != null) {
        assertThat(visits.stream().filter(v -> v.means().contains(one.means())).count())
            .as(what + ": " + one.means().id())
            .isLessThanOrEqualTo(bounds.mostUses());
      }
      if (bounds.seasonMost() != null) {
        assertThat(same.stream().filter(d -> d <= one.day() && d > one.day() - 365).count())
            .as(what + ": " + one.means().id())
            .isLessThanOrEqualTo(bounds.seasonMost());
      }
      if (bounds.inRow() != null) {
        int row = 0;
        int last = Integer.MIN_VALUE / 2;
        for (int day : same.stream().sorted().toList()) {
          row = day - last < bounds.inRow().rest() ? row + 1 : 1;
          last = day;
          assertThat(row).as(what + ": in a row").isLessThanOrEqualTo(bounds.inRow().most());
        }
      }
      for (WithinBounds.Use other : uses) {
        int between = other.day() - one.day();
        if (between <= 0 || earlier.contains(other)) {
          continue;
        }
        String pair = what + ": " + other.means().id() + " after " + one.means().id();
        if (other.means().equals(one.means())) {
          assertThat(between).as(pair).isGreaterThanOrEqualTo(bounds.leastDays());
        } else {
          assertThat(between)
              .as(pair)
              .isGreaterThanOrEqualTo(bounds.gapAfter().getOrDefault(other.means().id(), 0))
              .isGreaterThanOrEqualTo(
                  other.means().bounds().gapAfter().getOrDefault(one.means().id(), 0));
          if (one.means().sprayed() && other.means().sprayed()) {
            assertThat(between).as(pair).isGreaterThanOrEqualTo(3);
          }
          if (other.means().released()) {
            assertThat(between).as(pair).isGreaterThanOrEqualTo(one.means().harmsPredators());
          }
        }
      }
      long sprays =
          uses.stream()
              .filter(u -> u.means().sprayed() && u.day() <= one.day() && u.day() > one.day() - 30)
              .count();
      assertThat(sprays).as(what + ": sprays in a month").isLessThanOrEqualTo(6);
    }
    groupsAlternate(uses, outlook.generation(), what);
  }

  private static void groupsAlternate(List<WithinBounds.Use> uses, int generation, String what) {
    Set<String> groups =
        uses.stream()
            .map(WithinBounds.Use::means)
            .filter(m -> m.wearsOut())
            .map(Means::group)
            .collect(Collectors.toSet());
    for (String group : groups) {
      List<Integer> days =
          uses.stream()
              .filter(u -> u.means().group().equals(group))
              .map(u -> u.day())
              .sorted()
              .toList();
      int begun = 0;
      for (int i = 1; i < days.size(); i++) {
        if (days.get(i) - days.get(i - 1) >= generation) {
          begun = i;
        }
        assertThat(days.get(i) - days.get(begun))
            .as(what + ": group " + group)
            .isLessThan(generation);
        assertThat(i - begun).as(what + ": uses of " + group).isLessThan(2);
      }
    }
  }

  @Test
  void abamectinEverySecondDayIsNoCourse() {
    LifeCycle broad = REMEDIES.pests().find("broad-mites").orElseThrow();
    School synthetic = REMEDIES.schools().find("synthetic").orElseThrow();
    Course course = search.find(synthetic, broad, new Outlook(broad, 22, 40)).orElseThrow();
    assertThat(course.visits()).hasSizeLessThanOrEqualTo(2);
    assertThat(course.gaps().getMin()).isGreaterThanOrEqualTo(course.visits().size() > 1 ? 7 : 0);
  }

  @Test
  void productsThatKillByGroupWearOutAndPhysicalOnesDoNot() {
    assertThat(means("avermectin").wearsOut()).isTrue();
    assertThat(means("phosphonate").wearsOut()).isTrue();
    for (String id : List.of("soil-bacteria", "soap", "copper", "sulphur", "neem", "hot-bath")) {
      assertThat(means(id).wearsOut()).as(id).isFalse();
    }
  }
}
