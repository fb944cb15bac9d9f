package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.water.Reading.Felt.Answer;
import org.mildlantern.core.water.Reading.Felt.Depth;

class PotFilterTest {

  private static double sum(PotFilter filter) {
    double sum = 0;
    for (int f = 0; f < PotFilter.FACTORS; f++) {
      for (int l = 0; l < PotFilter.LEVELS; l++) {
        sum += filter.mass(f, l);
      }
    }
    return sum;
  }

  @Test
  void nothingIsLostWhateverHappens() {
    Random random = new Random(3);
    PotFilter filter = new PotFilter(0.1);
    for (int step = 0; step < 200; step++) {
      switch (random.nextInt(6)) {
        case 0 -> filter.soak();
        case 1 -> filter.water();
        case 2 -> filter.add(0.5 * random.nextDouble());
        case 3 -> filter.see(new Reading.Felt(Answer.values()[random.nextInt(3)], Depth.MIDDLE));
        case 4 -> filter.see(new Reading.Level(random.nextDouble(), 0.05));
        default -> filter.dry(3 * random.nextDouble(), 1 + random.nextInt(5));
      }
      assertThat(sum(filter)).isCloseTo(1, within(1e-9));
      assertThat(filter.mean()).isBetween(0.0, 1 + 1e-9);
    }
  }

  @Test
  void readingsTeachThePace() {
    double truth = 0.16;
    PotFilter filter = new PotFilter(0.08);
    double before = filter.paceError();
    for (int cycle = 0; cycle < 4; cycle++) {
      filter.soak();
      double x = 0.99;
      for (int look = 0; look < 2; look++) {
        x = Drying.after(x, truth, 2);
        filter.dry(2, 2).see(new Reading.Level(x, 0.03));
      }
    }
    assertThat(filter.pace()).isCloseTo(truth, within(0.02));
    assertThat(filter.paceError()).isLessThan(before / 3);
  }

  @Test
  void eachKindOfReadingMovesTheLevelItsWay() {
    PotFilter start = new PotFilter(0.1);
    assertThat(start.copy().see(new Reading.Level(0.2, 0.05)).mean()).isCloseTo(0.2, within(0.03));
    assertThat(start.copy().see(new Reading.Felt(Answer.DRY, Depth.MIDDLE)).mean())
        .isLessThan(start.copy().see(new Reading.Felt(Answer.DAMP, Depth.MIDDLE)).mean());
    assertThat(start.copy().see(new Reading.Felt(Answer.WET, Depth.MIDDLE)).mean())
        .isGreaterThan(0.7);
    assertThat(start.copy().see(new Reading.Felt(Answer.DRY, Depth.TOP)).mean())
        .isGreaterThan(start.copy().see(new Reading.Felt(Answer.DRY, Depth.BOTTOM)).mean());
    assertThat(start.copy().see(new Reading.Lifted(true)).mean())
        .isGreaterThan(start.copy().see(new Reading.Lifted(false)).mean());
    assertThat(start.copy().see(new Reading.Wilted()).mean()).isLessThan(0.3);
    assertThatThrownBy(() -> new Reading.Level(0.5, 0)).hasMessageContaining("error");
  }

  @Test
  void aSoakFillsADrinkAddsAndARepotForgets() {
    PotFilter dry = new PotFilter(0.1).see(new Reading.Level(0.1, 0.03));
    assertThat(dry.copy().soak().mean()).isGreaterThan(0.95);
    assertThat(dry.copy().water().mean()).isBetween(0.85, 0.98);
    assertThat(dry.copy().add(0.4).mean()).isBetween(0.4, 0.55);
    PotFilter known = dry.copy().soak();
    assertThat(known.copy().repot().below(0.5)).isGreaterThan(known.below(0.5) + 0.2);
  }

  @Test
  void theForecastIsTheExactSolutionWhenAllIsKnown() {
    for (double x = 0.05; x <= 1; x += 0.05) {
      double left = x;
      for (int day = 0; day < 30; day++) {
        left = Drying.after(left, 0.07, 0.9);
      }
      assertThat(Drying.after(x, 0.07, 27)).isCloseTo(left, within(1e-9));
      double until = Drying.until(x, 0.07, 0.1);
      assertThat(Drying.after(x, 0.07, until)).isCloseTo(Math.min(x, 0.1), within(1e-9));
    }
  }

  @Test
  void theChanceOfDryNeverFallsAndTheBandIsInOrder() {
    PotFilter filter = new PotFilter(0.12).soak();
    double[] demand = new double[60];
    java.util.Arrays.fill(demand, 0.8);
    Forecast forecast = Forecast.of(filter, demand, 0.3);
    for (int day = 0; day <= 60; day++) {
      assertThat(forecast.low()[day]).isLessThanOrEqualTo(forecast.middle()[day]);
      assertThat(forecast.middle()[day]).isLessThanOrEqualTo(forecast.high()[day]);
      if (day > 0) {
        assertThat(forecast.dry()[day]).isGreaterThanOrEqualTo(forecast.dry()[day - 1] - 1e-12);
      }
    }
    assertThat(forecast.dayOf(0.1)).isLessThanOrEqualTo(forecast.dayOf(0.5));
    assertThat(forecast.timeOf(0.5)).isBetween(4.0, 12.0);
    assertThat(Forecast.of(filter, new double[] {0, 0}, 0.3).dayOf(0.5)).isEqualTo(-1);
  }

  @Test
  void waterBalanceCloses() {
    Random random = new Random(8);
    PotWater pot = new PotWater(240, 100);
    for (int step = 0; step < 5000; step++) {
      double given = random.nextInt(3) == 0 ? 400 * random.nextDouble() : 0;
      PotWater.Step in = pot.give(given);
      assertThat(in.absorbed() + in.ranOff()).isCloseTo(given, within(1e-9));
      PotWater.Step out = in.after().dry(0.02 + 0.5 * random.nextDouble(), 2 * random.nextDouble());
      assertThat(in.before() + in.absorbed() - out.drawn())
          .isCloseTo(out.after().leftMl(), within(1e-9));
      assertThat(out.after().share()).isBetween(0.0, 1.0);
      pot = out.after();
    }
  }

  @Test
  void demandRisesWithHeatDrynessAndLight() {
    double usual = Demand.of(20, 50, 6).value();
    assertThat(Demand.of(26, 50, 6).value()).isGreaterThan(usual);
    assertThat(Demand.of(20, 30, 6).value()).isGreaterThan(usual);
    assertThat(Demand.of(20, 50, 12).value()).isGreaterThan(usual);
    assertThat(Demand.of(20, 100, 0).value()).isPositive();
    assertThat(Demand.of(25, 50, 0).vpd()).isCloseTo(1.58, within(0.02));
    LocalDate june = LocalDate.of(2026, 6, 21);
    assertThat(Demand.seasonOfLight(june, 53)).isGreaterThan(1.5);
    assertThat(Demand.seasonOfLight(june, -35)).isLessThan(0.6);
  }

  @Test
  void aCoarserWayOfFeelingTellsLess() {
    double before = new PotFilter(0.1).mean();
    double last = 0;
    for (double error :
        new double[] {
          Reading.Felt.PROBE, Reading.Felt.SKEWER, Reading.Felt.TOUCH, Reading.Felt.CLEAR_POT
        }) {
      double mean =
          new PotFilter(0.1).see(new Reading.Felt(Answer.DRY, Depth.MIDDLE, error)).mean();
      assertThat(mean).isBetween(last, before);
      last = mean;
    }
  }
}
