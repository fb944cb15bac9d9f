package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.feed.PotSalts.Habit;
import org.mildlantern.core.feed.PotSalts.Watered;

class PotSaltsTest {
  @Test
  void saltsAreConservedOverAYearOfRandomWatering() {
    Random random = new Random(4);
    PotSalts pot = PotSalts.fresh(500, 0.4);
    double in = pot.salt();
    double out = 0;
    for (int day = 0; day < 365; day++) {
      PotSalts before = pot;
      pot = pot.dried(random.nextDouble() * 120, 0.2 * random.nextDouble());
      out += before.salt() - pot.salt();
      if (random.nextInt(4) == 0) {
        double ml = random.nextDouble() * 700;
        double ec = random.nextDouble() * 1.5;
        Watered watered = pot.watered(ml, ec);
        in += ml * ec;
        out += watered.drainedSalt();
        assertThat(pot.waterMl() + ml)
            .isCloseTo(watered.pot().waterMl() + watered.drainedMl(), within(1e-6));
        pot = watered.pot();
      }
      assertThat(pot.salt()).isGreaterThanOrEqualTo(0);
      assertThat(pot.waterMl()).isLessThanOrEqualTo(pot.holdsMl() + 1e-6);
    }
    assertThat(pot.salt()).isCloseTo(in - out, within(1e-6 * in));
  }

  @Test
  void whatRunsOutCarriesInTheLongRunWhatComesIn() {
    // Ayers & Westcot 1985: drainage water is as concentrated as water in over the leaching share.
    Habit habit = new Habit(6, 0.2, 0.5, 0, 0.4);
    PotSalts pot = PotSalts.fresh(800, 0.5);
    for (int i = 0; i < 300; i++) {
      pot = pot.after(habit);
    }
    PotSalts dry = pot.dried(pot.waterMl() - 800 * 0.4, 0);
    Watered watered = dry.watered((800 - dry.waterMl()) / 0.8, 0.5);
    assertThat(watered.drainEc()).isCloseTo(0.5 / 0.2, within(0.02));
  }

  @Test
  void withoutRunThroughSaltsPileUpWithoutEnd() {
    Habit sips = new Habit(5, 0, 0.6, 0, 0.4);
    PotSalts pot = PotSalts.fresh(400, 0.6);
    double after50 = pot.ecFull();
    for (int i = 0; i < 50; i++) {
      pot = pot.after(sips);
    }
    assertThat(pot.ecFull()).isCloseTo(after50 + 50 * 0.6 * 0.6, within(1e-6));
  }

  @Test
  void dryingMakesWhatIsLeftStronger() {
    PotSalts pot = PotSalts.fresh(500, 0.6).dried(250, 0);
    assertThat(pot.ecMsCm()).isCloseTo(1.2, within(1e-9));
    assertThat(pot.ecFull()).isCloseTo(0.6, within(1e-9));
    assertThat(PotSalts.fresh(500, 0.6).dried(1e9, 0).waterMl()).isPositive();
  }

  @Test
  void itIsSaidWhenALimitIsPassedAndHowMuchWaterFlushesIt() {
    Habit hard = new Habit(6, 0.1, 0.7, 0.1, 0.4);
    PotSalts pot = PotSalts.fresh(600, 0.3);
    double days = pot.daysTo(0.8, hard, 365).orElseThrow();
    assertThat(days).isBetween(6.0, 60.0);
    assertThat(pot.daysTo(0.8, new Habit(6, 0.3, 0.05, 0.1, 0.4), 365)).isEmpty();
    PotSalts salty = PotSalts.fresh(600, 1.6);
    for (double down : new double[] {1.2, 0.8, 0.2, 0.05}) {
      double ml = salty.flushMl(down, 0.02).orElseThrow();
      assertThat(salty.flushed(ml, 0.02).ecFull()).isCloseTo(down, within(0.001));
    }
    assertThat(salty.flushMl(0.8, 0.9)).isEmpty();
    assertThat(salty.flushMl(2, 0.02)).hasValue(0);
    assertThat(salty.flushMl(0.2, 0.02).orElseThrow()).isGreaterThan(1200);
    assertThat(salty.dried(300, 0).flushMl(0.8, 0.02).orElseThrow())
        .as("it fills first")
        .isGreaterThan(salty.flushMl(0.8, 0.02).orElseThrow());
  }

  @Test
  void aReadingIsTurnedIntoTheWaterOfThePot() {
    assertThat(SaltReading.POUR_THROUGH.pore(1.2)).isEqualTo(1.2);
    assertThat(SaltReading.ONE_TO_TWO.pore(0.5)).isCloseTo(1.6, within(1e-9));
    assertThat(SaltReading.DRAIN.spread()).isGreaterThan(SaltReading.POUR_THROUGH.spread());
  }

  @Test
  void refusesWhatNoPotIs() {
    assertThatIllegalArgumentException().isThrownBy(() -> PotSalts.fresh(0, 1));
    assertThatIllegalArgumentException().isThrownBy(() -> PotSalts.fresh(100, -1));
    assertThatIllegalArgumentException().isThrownBy(() -> PotSalts.fresh(100, 1).watered(-1, 0.1));
    assertThatIllegalArgumentException().isThrownBy(() -> new Habit(0, 0.1, 0.5, 0.1, 0.4));
  }
}
