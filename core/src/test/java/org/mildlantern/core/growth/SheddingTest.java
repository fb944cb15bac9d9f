package org.mildlantern.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.season.Stage;

class SheddingTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();

  private static Shedding of(String kind, Stage stage, Season season, Integer sinceChange) {
    return Shedding.of(Kinds.taxon(kind), stage, in(season), 53, sinceChange);
  }

  private static LocalDate in(Season season) {
    return LocalDate.of(2026, 1 + 3 * ((season.ordinal() + 1) % 4), 15);
  }

  @Test
  void aFigLosesAFifthInGrowthAndMostOfItselfAfterAMove() {
    assertThat(of("ficus-benjamina", Stage.GROWTH, Season.SUMMER, null).leaves())
        .isCloseTo(0.2, within(1e-9));
    Shedding moved = of("ficus-benjamina", Stage.GROWTH, Season.SUMMER, 10);
    assertThat(moved.leaves()).isCloseTo(0.6, within(1e-9));
    assertThat(moved.buds()).isGreaterThan(0);
    assertThat(moved.working().result()).contains("60 %").contains("buds");
    assertThat(of("ficus-benjamina", Stage.GROWTH, Season.SUMMER, 43).settling()).isFalse();
  }

  @Test
  void aMapleMayLoseAllAtRestEvenWhenNobodyNotedTheRest() {
    assertThat(of("acer-palmatum", Stage.REST, Season.WINTER, null).leaves()).isEqualTo(1);
    assertThat(of("acer-palmatum", Stage.GROWTH, Season.WINTER, null).leaves()).isEqualTo(1);
    assertThat(of("acer-palmatum", Stage.GROWTH, Season.SUMMER, null).leaves()).isLessThan(0.5);
  }

  @Test
  void aTankFadesOnceItHasFlowered() {
    assertThat(of("guzmania", Stage.GROWTH, Season.SUMMER, null).leaves()).isLessThan(0.2);
    assertThat(of("guzmania", Stage.AFTER_FLOWER, Season.SUMMER, null).leaves()).isEqualTo(1);
  }

  @Test
  void noFormLosesLessForHavingBeenMovedAndNoneMoreThanAll() {
    for (GrowthForm form : KNOWLEDGE.forms()) {
      for (Stage stage : Stage.values()) {
        double still =
            Shedding.of(KNOWLEDGE.kind(form), stage, in(Season.SUMMER), 53, null).leaves();
        double moved = Shedding.of(KNOWLEDGE.kind(form), stage, in(Season.SUMMER), 53, 0).leaves();
        assertThat(moved).as(form.id()).isBetween(still, 1.0);
      }
    }
  }
}
