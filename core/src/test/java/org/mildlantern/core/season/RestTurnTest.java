package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Taxon;

class RestTurnTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final double NORTH = 53;
  private static final LocalDate MID_NOVEMBER = LocalDate.of(2026, 11, 20);

  private static Course of(String id) {
    return KNOWLEDGE.course(KNOWLEDGE.kind(KNOWLEDGE.taxa().find(id).orElseThrow()));
  }

  private static Optional<RestTurn> nothingNoted(String id, LocalDate day, double latitude) {
    return RestTurn.near(of(id), day, latitude, null, null);
  }

  @Test
  void aRestBeginsByTheCalendar() {
    assertThat(nothingNoted("dionaea", MID_NOVEMBER, NORTH))
        .contains(new RestTurn(true, LocalDate.of(2026, 11, 1), LocalDate.of(2027, 3, 1)));
    assertThat(nothingNoted("dionaea", LocalDate.of(2026, 10, 20), NORTH))
        .contains(new RestTurn(true, LocalDate.of(2026, 11, 1), LocalDate.of(2027, 3, 1)));
  }

  @Test
  void inTheSouthItIsHalfAYearOff() {
    assertThat(nothingNoted("dionaea", MID_NOVEMBER, -NORTH)).isEmpty();
    assertThat(nothingNoted("dionaea", LocalDate.of(2026, 5, 20), -NORTH))
        .contains(new RestTurn(true, LocalDate.of(2026, 5, 1), LocalDate.of(2026, 9, 1)));
  }

  @Test
  void aKindWithoutARestIsNeverAskedForOne() {
    for (Taxon taxon : KNOWLEDGE.taxa()) {
      Kind kind = KNOWLEDGE.kind(taxon);
      for (int month = 0; month < 12 && !kind.habits().rest().any(); month++) {
        assertThat(nothingNoted(taxon.id(), MID_NOVEMBER.plusMonths(month), NORTH))
            .as(taxon.id())
            .isEmpty();
      }
    }
  }

  @Test
  void whatIsInBudOrFlowerIsNotSentToRest() {
    assertThat(
            RestTurn.near(
                of("cattleya"), MID_NOVEMBER, NORTH, Stage.BUD, MID_NOVEMBER.minusDays(40)))
        .isEmpty();
  }

  @Test
  void whoSaysNotYetIsAskedInTwoWeeks() {
    LocalDate said = LocalDate.of(2026, 11, 15);
    assertThat(RestTurn.near(of("dionaea"), MID_NOVEMBER, NORTH, Stage.GROWTH, said))
        .contains(new RestTurn(true, said.plusDays(14), LocalDate.of(2027, 3, 1)));
  }

  @Test
  void aRestThatWasNotedEndsWithItsMonthsAndIsAskedAboutUntilItHasEnded() {
    LocalDate said = LocalDate.of(2026, 11, 3);
    LocalDate march = LocalDate.of(2027, 3, 1);
    for (LocalDate day = said; day.isBefore(march.plusDays(60)); day = day.plusDays(7)) {
      assertThat(RestTurn.near(of("dionaea"), day, NORTH, Stage.REST, said))
          .contains(new RestTurn(false, march, march));
    }
    LocalDate still = LocalDate.of(2027, 3, 5);
    assertThat(RestTurn.near(of("dionaea"), still, NORTH, Stage.REST, still))
        .contains(new RestTurn(false, still.plusDays(14), still.plusDays(14)));
  }

  @Test
  void aRestIsAskedAboutForFourWeeksWhereNothingIsNoted() {
    assertThat(nothingNoted("dionaea", LocalDate.of(2026, 12, 15), NORTH)).isEmpty();
    assertThat(nothingNoted("dionaea", LocalDate.of(2027, 3, 10), NORTH))
        .contains(new RestTurn(false, LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 1)));
    assertThat(nothingNoted("dionaea", LocalDate.of(2027, 5, 10), NORTH)).isEmpty();
  }

  @Test
  void theNextTurnIsKnownAllTheYear() {
    assertThat(RestTurn.next(of("dionaea"), LocalDate.of(2026, 6, 1), NORTH, null))
        .contains(new RestTurn(true, LocalDate.of(2026, 11, 1), LocalDate.of(2027, 3, 1)));
    assertThat(RestTurn.next(of("dionaea"), LocalDate.of(2026, 12, 20), NORTH, null))
        .contains(new RestTurn(false, LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 1)));
    assertThat(RestTurn.next(of("phalaenopsis"), MID_NOVEMBER, NORTH, null)).isEmpty();
  }

  @Test
  void whatBloomsInTheMonthsOfItsRestIsToldNeitherItsBeginningNorItsEnd() {
    assertThat(RestTurn.next(of("dionaea"), LocalDate.of(2026, 12, 20), NORTH, Stage.FLOWER))
        .isEmpty();
    assertThat(RestTurn.next(of("dionaea"), LocalDate.of(2026, 10, 20), NORTH, Stage.BUD))
        .isEmpty();
    assertThat(RestTurn.next(of("dionaea"), LocalDate.of(2026, 6, 1), NORTH, Stage.FLOWER))
        .contains(new RestTurn(true, LocalDate.of(2026, 11, 1), LocalDate.of(2027, 3, 1)));
  }

  @Test
  void aSeedlingHasNoYear() {
    assertThat(RestTurn.near(of("dionaea"), MID_NOVEMBER, NORTH, Stage.SEEDLING, MID_NOVEMBER))
        .isEmpty();
  }

  @Test
  void everyKindThatRestsSaysWhatOneSees() {
    assertThat(KNOWLEDGE.taxa().stream().map(Taxon::id))
        .filteredOn(id -> of(id).resting() != null && of(id).signs() == null)
        .isEmpty();
  }
}
