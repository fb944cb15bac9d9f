package org.mildlantern.core.repot;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.knowledge.Watering;
import org.mildlantern.core.repot.RepotDecision.Answer;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.StageOdds;
import org.mildlantern.core.season.YearStage;

/** What is right for one way of life can kill another: every kind, through the year. */
class WaysOfRepottingTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Repots REPOTS = Library.shipped().repots();
  private static final LocalDate JANUARY = LocalDate.of(2026, 1, 15);

  static Stream<Kind> kinds() {
    return KNOWLEDGE.taxa().stream().map(KNOWLEDGE::kind);
  }

  private static RepotDecision decide(Kind kind, LocalDate day, YearStage noted, Reason... seen) {
    return RepotDecision.of(
        new RepotDecision.Year(
            KNOWLEDGE.course(kind),
            53,
            StageOdds.Place.UNKNOWN,
            noted == null ? null : new StageOdds.Noted(noted, 3)),
        REPOTS.rhythm(kind).orElse(null),
        new RepotDecision.Medium(1.3, 2),
        List.of(seen),
        Set.of(),
        day);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void everyKindIsTreatedByHowItLives(Kind kind) {
    boolean wet = kind.water() == Watering.WET_FEET || kind.water() == Watering.EVENLY_MOIST;
    REPOTS
        .aftercare(kind)
        .ifPresent(care -> assertThat(wet && care.dryDays() > 4).as("left dry").isFalse());
    assertThat(REPOTS.aftercare(kind).isEmpty())
        .as("without a pot, nothing is spared")
        .isEqualTo(kind.way().tags().contains("potless"));
    Course course = KNOWLEDGE.course(kind);
    for (int month = 0; month < 12; month++) {
      LocalDate day = JANUARY.plusMonths(month);
      Answer bud = decide(kind, day, YearStage.BUD).answer();
      assertThat(bud).as("in bud in month " + month).isNotIn(Answer.NOW, Answer.AT_ONCE);
      Answer any = decide(kind, day, null).answer();
      if (any == Answer.NOW && course.repot() != null) {
        assertThat(course.repot().contain(day, 53)).as("out of season").isTrue();
      }
      Answer rotten = decide(kind, day, null, Reason.of(Reason.Why.ROOTS_ROTTEN)).answer();
      if (rotten == Answer.AT_ONCE && course.bareRootsKill()) {
        assertThat(course.repot().contain(day, 53)).as("bared out of season").isTrue();
      }
    }
    if (REPOTS.bonsai(kind).isPresent() && kind.way().tags().contains("tree")) {
      assertThat(PotSize.of(kind.way(), 20, 0).cm()).as("a tree keeps its pot").isEqualTo(20);
    }
  }
}
