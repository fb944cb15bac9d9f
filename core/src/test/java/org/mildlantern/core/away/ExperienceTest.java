package org.mildlantern.core.away;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.away.Experience.Found;

class ExperienceTest {
  private static List<Found> found(int plants, int harmed, double expected) {
    List<Found> all = new ArrayList<>(Collections.nCopies(harmed, new Found(expected, true)));
    all.addAll(Collections.nCopies(plants - harmed, new Found(expected, false)));
    return all;
  }

  @Test
  void nothingFoundTeachesNothing() {
    assertThat(Experience.of(List.of())).isEqualTo(Experience.NONE);
    assertThat(Experience.NONE.of(0.3)).isEqualTo(0.3);
  }

  @Test
  void whatWasExpectedMovesNothing() {
    assertThat(Experience.of(found(20, 10, 0.5)).shift()).isEqualTo(0, within(1e-9));
  }

  @Test
  void fewerHarmedThanExpectedMakeTheNextExpectationLower() {
    Experience taught = Experience.of(found(10, 2, 0.5));
    assertThat(taught.shift()).isEqualTo(-0.71, within(0.05));
    assertThat(taught.of(0.5)).isEqualTo(0.33, within(0.02));
  }

  @Test
  void onePlantMovesItLittleAndManyMoveItToWhatIsFound() {
    double one = Experience.of(found(1, 1, 0.2)).of(0.2);
    double many = Experience.of(found(400, 240, 0.2)).of(0.2);
    assertThat(one).isBetween(0.2, 0.3);
    assertThat(many).isEqualTo(0.6, within(0.03));
  }

  @Test
  void theSolutionIsTheHighestPointOfTheOddsThatAreWeighed() {
    List<Found> all = found(7, 5, 0.3);
    double best = 0;
    double most = Double.NEGATIVE_INFINITY;
    for (double shift = -4; shift <= 4; shift += 0.001) {
      double weight = -shift * shift / (2 * 0.7 * 0.7);
      for (Found one : all) {
        double chance = 1 / (1 + Math.exp(-(Math.log(0.3 / 0.7) + shift)));
        weight += Math.log(one.harmed() ? chance : 1 - chance);
      }
      if (weight > most) {
        most = weight;
        best = shift;
      }
    }
    assertThat(Experience.of(all).shift()).isEqualTo(best, within(0.002));
  }

  @Test
  void aCurveStaysACurveThatNeverFalls() {
    Survival fern =
        Survival.unfollowed(new Endurance("x", List.of(), 0.1, List.of(1, 4), List.of(4, 12)));
    Survival worse = Experience.of(found(10, 9, 0.4)).of(fern);
    for (int day = 0; day < Survival.DAYS; day++) {
      assertThat(worse.asItStands()[day]).isGreaterThanOrEqualTo(fern.asItStands()[day]);
      assertThat(worse.asItStands()[day + 1]).isGreaterThanOrEqualTo(worse.asItStands()[day]);
    }
    assertThat(Survival.untouched().asItStands())
        .isEqualTo(Experience.of(found(5, 5, 0.1)).of(Survival.untouched()).asItStands());
  }

  @Test
  void sureThingsThatWereNotSoAreBorne() {
    assertThat(Experience.of(found(30, 30, 0)).shift()).isPositive().isFinite();
    assertThat(Experience.of(found(30, 0, 1)).shift()).isNegative().isFinite();
    assertThatThrownBy(() -> new Found(1.2, true)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Found(Double.NaN, true))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
