package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Taxon;

class StageOddsTest {
  private static final LocalDate JANUARY = LocalDate.of(2026, 1, 10);
  private static final LocalDate JULY = LocalDate.of(2026, 7, 10);

  private final Knowledge knowledge = Library.shipped().knowledge();

  private Course course(String taxon) {
    return knowledge.course(Kinds.taxon(taxon));
  }

  private StageOdds odds(String taxon, LocalDate day, double latitude) {
    return StageOdds.of(course(taxon), day, latitude, StageOdds.Place.UNKNOWN, null);
  }

  private StageOdds at(String taxon, LocalDate day, double nightC) {
    return StageOdds.of(course(taxon), day, 52, new StageOdds.Place(nightC, nightC + 5), null);
  }

  @Test
  void theOddsOfEveryKindAddUpOnEveryDayInBothHalves() {
    List<String> wrong = new ArrayList<>();
    for (Taxon taxon : knowledge.taxa()) {
      Course course = knowledge.course(knowledge.kind(taxon));
      for (double latitude : new double[] {52, 3, -35}) {
        for (int month = 1; month <= 12; month++) {
          StageOdds odds =
              StageOdds.of(
                  course,
                  LocalDate.of(2026, month, 10),
                  latitude,
                  new StageOdds.Place(11.0, 18.0),
                  new StageOdds.Noted(YearStage.BUD, 10));
          double sum = odds.odds().values().stream().mapToDouble(Double::doubleValue).sum();
          if (Math.abs(sum - 1) > 1e-9 || odds.odds().values().stream().anyMatch(p -> !(p >= 0))) {
            wrong.add(taxon.id() + " " + month);
          }
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void aTrumpetRestsInWinterAndHalfAYearLaterInTheSouth() {
    assertThat(odds("dionaea", JANUARY, 52).of(YearStage.REST)).isGreaterThan(0.4);
    assertThat(odds("dionaea", JULY, 52).of(YearStage.REST)).isZero();
    assertThat(odds("dionaea", JULY, -35).of(YearStage.REST))
        .isCloseTo(odds("dionaea", JANUARY, 52).of(YearStage.REST), within(0.06));
    assertThat(odds("dionaea", JANUARY, -35).of(YearStage.REST)).isZero();
  }

  @Test
  void aKindWithoutARestNeverRests() {
    for (int month = 1; month <= 12; month++) {
      for (double latitude : new double[] {60, -40}) {
        assertThat(odds("phalaenopsis", LocalDate.of(2026, month, 1), latitude).of(YearStage.REST))
            .isZero();
      }
    }
  }

  @Test
  void inAWarmRoomWhatRestsColdStaysAwakeAndSetsNoBuds() {
    assertThat(at("dionaea", JANUARY, 20).of(YearStage.GROWTH))
        .isGreaterThan(at("dionaea", JANUARY, 3).of(YearStage.GROWTH) + 0.2);
    LocalDate march = LocalDate.of(2026, 3, 20);
    assertThat(at("dionaea", march, 20).of(YearStage.BUD))
        .isLessThan(at("dionaea", march, 3).of(YearStage.BUD));
    assertThat(at("dionaea", JANUARY, 20).of(YearStage.CHILL)).isLessThan(0.01);
  }

  @Test
  void aMothOrchidSpikesAfterCoolNightsAndFlowersInSpring() {
    assertThat(at("phalaenopsis", LocalDate.of(2026, 11, 1), 16).of(YearStage.CHILL))
        .isGreaterThan(0.2);
    assertThat(odds("phalaenopsis", LocalDate.of(2026, 2, 25), 52).likeliest())
        .isEqualTo(YearStage.FLOWER);
    assertThat(odds("phalaenopsis", JULY, 52).likeliest()).isEqualTo(YearStage.GROWTH);
  }

  @Test
  void whatIsNotedTurnsTheOddsAndFades() {
    Course course = course("phalaenopsis");
    double none = odds("phalaenopsis", JULY, 52).of(YearStage.BUD);
    double fresh = noted(course, 2);
    double old = noted(course, 150);
    assertThat(fresh).isGreaterThan(0.3);
    assertThat(old).isLessThan(fresh / 3).isGreaterThan(none - 1e-9);
  }

  private static double noted(Course course, long daysAgo) {
    return StageOdds.of(
            course, JULY, 52, StageOdds.Place.UNKNOWN, new StageOdds.Noted(YearStage.BUD, daysAgo))
        .of(YearStage.BUD);
  }

  @Test
  void waterFollowsTheKindOfRest() {
    assertThat(odds("pleione-formosana", JANUARY, 52).water(course("pleione-formosana")))
        .isEqualTo(StageOdds.Watered.DRY);
    assertThat(odds("dionaea", JANUARY, 52).water(course("dionaea")))
        .isEqualTo(StageOdds.Watered.DAMP);
    assertThat(odds("dionaea", JULY, 52).water(course("dionaea")))
        .isEqualTo(StageOdds.Watered.USUAL);
    assertThat(odds("phalaenopsis", JANUARY, 52).water(course("phalaenopsis")))
        .isEqualTo(StageOdds.Watered.USUAL);
  }

  @Test
  void aFormAloneHasNoCue() {
    Kind form = Kinds.form("leafy-stem");
    assertThat(knowledge.course(form).bloom()).isNull();
    assertThat(
            StageOdds.of(knowledge.course(form), JULY, 52, StageOdds.Place.UNKNOWN, null)
                .likeliest())
        .isEqualTo(YearStage.GROWTH);
  }
}
