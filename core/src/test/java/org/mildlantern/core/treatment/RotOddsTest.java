package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Rot;

class RotOddsTest {
  private static final List<Rot> ROTS = Library.shipped().remedies().rots().stream().toList();

  private static RotOdds odds(String id, double celsius) {
    return new RotOdds(
        ROTS.stream().filter(rot -> rot.id().equals(id)).findFirst().orElseThrow(), celsius);
  }

  /** Days from the first rot to the loss of an orchid with one crown, or of its stem. */
  @ParameterizedTest
  @CsvSource({
    "bacterial-soft-rot, 18, 5, 12",
    "bacterial-soft-rot, 22, 3, 7",
    "bacterial-soft-rot, 27, 2, 4",
    "crown-rot, 18, 8, 16",
    "crown-rot, 22, 4, 10",
    "crown-rot, 27, 3, 6",
    "southern-blight, 22, 8, 15",
    "southern-blight, 27, 4, 8",
    "stem-rot, 22, 8, 20",
    "damping-off, 22, 1, 3",
  })
  void untreatedAndWetItKillsInTheDaysOfTheHandbooks(
      String rot, double celsius, double from, double to) {
    assertThat(odds(rot, celsius).lost(0.5, 1, true)).isBetween(from, to);
  }

  @Test
  void noRotClearsByItselfAndNoneIsFasterDry() {
    for (Rot rot : ROTS) {
      for (double celsius : new double[] {5, 18, 22, 28, 35}) {
        RotOdds odds = new RotOdds(rot, celsius);
        double last = 1;
        for (int day = 1; day <= 4000; day += 1 + day / 10) {
          double alive = odds.alive(day, 1, true);
          assertThat(alive).as(rot.id()).isBetween(0.0, last);
          assertThat(odds.alive(day, 1, false)).as(rot.id()).isGreaterThanOrEqualTo(alive);
          last = alive;
        }
        assertThat(last).as(rot.id() + " at " + celsius).isLessThan(0.05);
        assertThat(odds.alive(3, 0.3, true)).isLessThanOrEqualTo(odds.alive(3, 0.9, true));
      }
    }
  }

  @Test
  void halfOfAllLieWithinTheMiddleAndNineInTenWithinAFactorOfTwo() {
    RotOdds odds = odds("crown-rot", 22);
    double middle = odds.lost(0.5, 1, true);
    assertThat(middle).isCloseTo(1 / odds.speed(true), within(1e-3));
    assertThat(odds.lost(0.05, 1, true)).isCloseTo(middle / 2, within(0.02 * middle));
    assertThat(odds.lost(0.95, 1, true)).isCloseTo(middle * 2, within(0.02 * middle));
  }

  @Test
  void theCutSavesByWhatIsLeftAndByDryness() {
    for (Rot rot : ROTS) {
      RotOdds odds = new RotOdds(rot, 22);
      double last = 0;
      for (double sound = 0.02; sound <= 1; sound += 0.02) {
        double saved = odds.saved(sound, true);
        assertThat(saved).as(rot.id()).isBetween(last, 0.95);
        assertThat(odds.saved(sound, false)).isCloseTo(saved / 2, within(1e-9));
        last = saved;
      }
      assertThat(odds.saved(0, true)).isZero();
      assertThat(new RotOdds(rot, 30).saved(0.6, true)).isLessThan(odds.saved(0.6, true));
      assertThat(new RotOdds(rot, 18).saved(0.6, true)).isGreaterThan(odds.saved(0.6, true));
    }
    assertThat(odds("crown-rot", 22).saved(0.8, true)).isCloseTo(0.4, within(1e-9));
    assertThat(odds("bacterial-soft-rot", 22).saved(0.95, true)).isCloseTo(0.9, within(1e-9));
  }

  @Test
  void looksAreDailyFirstAndThenWider() {
    assertThat(odds("crown-rot", 22).rot().lookDays())
        .containsExactly(1, 2, 3, 4, 5, 6, 7, 9, 11, 13, 20, 27);
    for (Rot rot : ROTS) {
      List<Integer> looks = rot.lookDays();
      assertThat(looks).as(rot.id()).isSorted().doesNotHaveDuplicates().startsWith(1, 2, 3);
    }
  }
}
