package org.mildlantern.core.repot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Repots;

class ReasonTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Repots REPOTS = Library.shipped().repots();

  private static Kind kind(String id) {
    return KNOWLEDGE.kind(KNOWLEDGE.taxa().find(id).orElseThrow());
  }

  private static double years(String id, String medium, boolean mineral, Double lime) {
    Medium in = KNOWLEDGE.media().find(medium).orElseThrow();
    Kind kind = kind(id);
    return MediumLife.years(kind, in, REPOTS.rhythm(kind).orElse(null), mineral, lime);
  }

  @Test
  void ageSpeaksFromHalfOfItsLifeOnAndNeverWithoutEnd() {
    assertThat(Reason.used(0.5).logOdds()).isZero();
    assertThat(Reason.used(0.2).logOdds()).isZero();
    assertThat(Reason.used(1).logOdds()).isCloseTo(3.7, within(1e-9));
    assertThat(Reason.used(9).logOdds()).isEqualTo(6);
    assertThat(Reason.used(0.9).figure()).isEqualTo(0.9);
  }

  @Test
  void whatLikesItTightMindsCrowdingLess() {
    Reason crowded = Reason.of(Reason.Why.CROWDED);
    assertThat(crowded.tight().logOdds()).isLessThan(crowded.logOdds());
    Reason sour = Reason.of(Reason.Why.SOUR);
    assertThat(sour.tight()).isEqualTo(sour);
  }

  @Test
  void wetnessAndLimeShortenTheLifeOfWhatRotsAndStoneDoesNotRot() {
    double dry = years("hoya-carnosa", "aroid-mix", false, null);
    assertThat(dry).isCloseTo(2, within(1e-9));
    assertThat(years("goeppertia-orbifolia", "aroid-mix", false, null)).isLessThan(dry);
    assertThat(years("hoya-carnosa", "aroid-mix", false, 240.0)).isLessThan(dry);
    assertThat(years("hoya-carnosa", "aroid-mix", false, 90.0)).isEqualTo(dry);
    assertThat(years("goeppertia-orbifolia", "semi-hydro", true, null)).isCloseTo(5, within(1e-9));
  }

  @Test
  void theRhythmOfAKindComesBeforeALongLife() {
    assertThat(years("pleione-formosana", "sphagnum", false, null)).isLessThanOrEqualTo(1);
    assertThat(years("cymbidium", "semi-hydro", true, null)).isCloseTo(2.5, within(1e-9));
  }

  @Test
  void eachSignThatSpeaksForFreshMediumIsKnown() {
    assertThat(REPOTS.bySign())
        .containsEntry("sour-smell", Reason.Why.SOUR)
        .containsEntry("roots-circling", Reason.Why.CROWDED);
    assertThat(REPOTS.by(KNOWLEDGE.causes().find("root-rot").orElseThrow()))
        .contains(Reason.Why.ROOTS_ROTTEN);
    assertThat(REPOTS.by(KNOWLEDGE.causes().find("spider-mites").orElseThrow())).isEmpty();
  }
}
