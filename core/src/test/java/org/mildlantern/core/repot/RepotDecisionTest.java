package org.mildlantern.core.repot;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.repot.RepotDecision.Answer;
import org.mildlantern.core.repot.RepotDecision.Hold;
import org.mildlantern.core.season.StageOdds;
import org.mildlantern.core.season.YearStage;

class RepotDecisionTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Repots REPOTS = Library.shipped().repots();
  private static final LocalDate APRIL = LocalDate.of(2026, 4, 10);
  private static final LocalDate NOVEMBER = LocalDate.of(2026, 11, 27);

  private static Kind kind(String id) {
    return KNOWLEDGE.kind(KNOWLEDGE.taxa().find(id).orElseThrow());
  }

  private static RepotDecision of(
      String id, LocalDate day, double latitude, Double used, YearStage noted, Reason... seen) {
    Kind kind = kind(id);
    return RepotDecision.of(
        new RepotDecision.Year(
            KNOWLEDGE.course(kind),
            latitude,
            StageOdds.Place.UNKNOWN,
            noted == null ? null : new StageOdds.Noted(noted, 5)),
        REPOTS.rhythm(kind).orElse(null),
        new RepotDecision.Medium(used, 2),
        List.of(seen),
        Set.of(),
        day);
  }

  private static RepotDecision of(String id, LocalDate day, double used, Reason... seen) {
    return of(id, day, 53, used, null, seen);
  }

  @Test
  void aFreshMediumIsLeftAloneAndASpentOneIsRenewedInItsSeason() {
    assertThat(of("goeppertia-orbifolia", APRIL, 0.2).answer()).isEqualTo(Answer.NOT_THIS_YEAR);
    assertThat(of("goeppertia-orbifolia", APRIL, 1.1).answer()).isEqualTo(Answer.NOW);
    RepotDecision winter = of("goeppertia-orbifolia", NOVEMBER, 1.1);
    assertThat(winter.answer()).isEqualTo(Answer.LATER);
    assertThat(winter.on()).isEqualTo(LocalDate.of(2027, 3, 1));
    assertThat(winter.holds()).isNotEmpty();
  }

  @Test
  void inTheSouthTheSeasonIsHalfAYearOff() {
    assertThat(of("goeppertia-orbifolia", NOVEMBER, -35, 1.1, null).answer()).isEqualTo(Answer.NOW);
    assertThat(of("goeppertia-orbifolia", APRIL.plusMonths(2), -35, 1.1, null).answer())
        .isEqualTo(Answer.LATER);
  }

  @Test
  void nothingIsRepottedInBudOrFlower() {
    for (Taxon taxon : KNOWLEDGE.taxa()) {
      for (YearStage stage : List.of(YearStage.BUD, YearStage.FLOWER)) {
        Answer answer = of(taxon.id(), APRIL, 53, 1.2, stage).answer();
        assertThat(answer).as(taxon.id()).isIn(Answer.LATER, Answer.NEVER, Answer.NOT_THIS_YEAR);
      }
    }
  }

  @Test
  void moreReasonsMakeItLikelierAndASmellSaysMoreThanAge() {
    double aged = of("paphiopedilum", APRIL, 0.8).odds();
    double crowded = of("paphiopedilum", APRIL, 0.8, Reason.of(Reason.Why.CROWDED)).odds();
    double sour = of("paphiopedilum", APRIL, 0.8, Reason.of(Reason.Why.SOUR)).odds();
    assertThat(aged).isLessThan(crowded);
    assertThat(crowded).isLessThan(sour);
    assertThat(of("paphiopedilum", APRIL, 1.0).odds()).isBetween(0.7, 0.8);
  }

  @Test
  void whatLikesItTightIsNotRepottedForCrowding() {
    Reason crowded = Reason.of(Reason.Why.CROWDED);
    assertThat(of("goeppertia-orbifolia", APRIL, 0.8, crowded).answer()).isEqualTo(Answer.NOW);
    assertThat(of("clivia", APRIL, 53, 0.5, YearStage.GROWTH, crowded).answer())
        .isEqualTo(Answer.NOT_THIS_YEAR);
  }

  @Test
  void rottenRootsDoNotWaitButAConiferIsShelteredOutOfSeason() {
    Reason rotten = Reason.of(Reason.Why.ROOTS_ROTTEN);
    assertThat(of("paphiopedilum", NOVEMBER, 0.3, rotten).answer()).isEqualTo(Answer.AT_ONCE);
    RepotDecision pine = of("pinus-thunbergii", NOVEMBER, 0.3, rotten);
    assertThat(pine.answer()).isEqualTo(Answer.WAIT_AND_SHELTER);
    assertThat(pine.on().getMonthValue()).isBetween(2, 4);
  }

  @Test
  void whatDoesNotBearItIsNeverRepotted() {
    assertThat(of("drosera-pygmy", APRIL, 1.5).answer()).isEqualTo(Answer.NEVER);
  }

  @Test
  void anUnknownAgeAloneSaysNothing() {
    RepotDecision unknown = of("paphiopedilum", APRIL, 53, null, (YearStage) null);
    assertThat(unknown.answer()).isEqualTo(Answer.NOT_THIS_YEAR);
    assertThat(unknown.reasons()).isEmpty();
  }

  @Test
  void whoIsWeakOrInQuarantineWaits() {
    Kind kind = kind("paphiopedilum");
    for (Hold hold : EnumSet.of(Hold.WEAK, Hold.QUARANTINE, Hold.NEW)) {
      RepotDecision held =
          RepotDecision.of(
              new RepotDecision.Year(KNOWLEDGE.course(kind), 53, StageOdds.Place.UNKNOWN, null),
              null,
              new RepotDecision.Medium(1.2, 2),
              List.of(),
              Set.of(hold),
              APRIL);
      assertThat(held.answer()).isEqualTo(Answer.LATER);
      assertThat(held.holds()).contains(hold);
    }
  }
}
