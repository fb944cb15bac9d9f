package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Taxon;

class RepottingTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  private Repotting of(String taxon, LocalDate day, double latitude, StageOdds.Noted noted) {
    return Repotting.of(
        knowledge.course(Kinds.taxon(taxon)), day, latitude, StageOdds.Place.UNKNOWN, noted);
  }

  @Test
  void nothingIsRepottedInBudOrFlower() {
    for (Taxon taxon : knowledge.taxa()) {
      for (YearStage stage : new YearStage[] {YearStage.BUD, YearStage.FLOWER}) {
        Repotting repotting =
            Repotting.of(
                knowledge.course(knowledge.kind(taxon)),
                LocalDate.of(2026, 4, 1),
                52,
                StageOdds.Place.UNKNOWN,
                new StageOdds.Noted(stage, 0));
        assertThat(repotting.now()).as(taxon.id()).isNotEqualTo(Repotting.Now.YES);
        assertThat(repotting.notBefore()).isAfter(LocalDate.of(2026, 4, 1));
      }
    }
  }

  @Test
  void aMapleIsRepottedAtBudSwellAndNeverInFullLeaf() {
    Repotting march = of("acer-palmatum", LocalDate.of(2026, 3, 10), 52, null);
    assertThat(march.now()).isEqualTo(Repotting.Now.YES);
    assertThat(march.notBefore()).isEqualTo(LocalDate.of(2026, 3, 10));
    Repotting july = of("acer-palmatum", LocalDate.of(2026, 7, 10), 52, null);
    assertThat(july.now()).isEqualTo(Repotting.Now.NO);
    assertThat(july.notBefore()).isBetween(LocalDate.of(2027, 1, 25), LocalDate.of(2027, 4, 1));
  }

  @Test
  void inTheSouthItIsHalfAYearOff() {
    assertThat(of("acer-palmatum", LocalDate.of(2026, 9, 10), -35, null).now())
        .isEqualTo(Repotting.Now.YES);
    assertThat(of("acer-palmatum", LocalDate.of(2026, 3, 10), -35, null).now())
        .isEqualTo(Repotting.Now.NO);
  }

  @Test
  void aHousePlantOutOfSeasonOnlyWhereItsRootsDie() {
    assertThat(of("goeppertia-orbifolia", LocalDate.of(2026, 11, 20), 52, null).now())
        .isEqualTo(Repotting.Now.ONLY_IF_ROOTS_DIE);
    assertThat(of("goeppertia-orbifolia", LocalDate.of(2026, 5, 1), 52, null).now())
        .isEqualTo(Repotting.Now.YES);
  }
}
