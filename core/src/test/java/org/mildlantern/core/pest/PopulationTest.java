package org.mildlantern.core.pest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Remedies;

class PopulationTest {
  private static final Remedies REMEDIES = Library.shipped().remedies();

  private static LifeCycle pest(String id) {
    return REMEDIES.pests().find(id).orElseThrow();
  }

  private static double[][] killing(Population population, int days, int every, double share) {
    double[][] survival = new double[days][population.stages()];
    for (int day = 0; day < days; day++) {
      Arrays.fill(survival[day], day % every == 0 ? 1 - share : 1);
    }
    return survival;
  }

  @ParameterizedTest
  @CsvSource({"spider-mites, 0.6", "aphids, 0.75", "fungus-gnats, 0.5", "soft-scale, 0.4"})
  void theRecursionEqualsSimulationWithinItsError(String id, double share) {
    Population population = new Population(pest(id), 22);
    double[] start = population.settled(12);
    double[][] survival = killing(population, 40, 4, share);
    double exact = population.clearing(start, survival);
    int runs = 3000;
    int cleared = 0;
    Random random = new Random(7);
    for (int run = 0; run < runs; run++) {
      long[][] days = population.simulate(start, survival, random);
      cleared += Arrays.stream(days[days.length - 1]).sum() == 0 ? 1 : 0;
    }
    double error = Math.sqrt(exact * (1 - exact) / runs);
    assertThat(exact).isBetween(0.05, 0.95);
    assertThat((double) cleared / runs).isCloseTo(exact, within(3.3 * error));
  }

  @Test
  void thoseThatHideAreReckonedAlikeByRecursionForecastAndSimulation() {
    Population population = new Population(pest("mealybugs"), 24);
    double[] start = population.settled(40);
    int stages = population.stages();
    double[][] survival = new double[40][2 * stages + 1];
    for (int day = 0; day < survival.length; day++) {
      Arrays.fill(survival[day], 1);
      if (day % 3 == 0) {
        Arrays.fill(survival[day], 0, stages, 0.3);
      }
    }
    double exact = population.clearing(start, survival);
    double expected = Arrays.stream(population.forecast(start, survival)[40]).sum();
    Random random = new Random(5);
    int runs = 3000;
    int cleared = 0;
    double sum = 0;
    double squares = 0;
    for (int run = 0; run < runs; run++) {
      double left = Arrays.stream(population.simulate(start, survival, random)[40]).sum();
      cleared += left == 0 ? 1 : 0;
      sum += left;
      squares += left * left;
    }
    double mean = sum / runs;
    assertThat(exact).isBetween(0.05, 0.95);
    assertThat((double) cleared / runs)
        .isCloseTo(exact, within(3.3 * Math.sqrt(exact * (1 - exact) / runs)));
    assertThat(mean)
        .isCloseTo(expected, within(3.3 * Math.sqrt((squares / runs - mean * mean) / runs)));
    double[][] alike = killing(population, 40, 3, 0.7);
    assertThat(population.clearing(start, alike))
        .as("were nobody hidden from it")
        .isGreaterThan(exact);
  }

  @Test
  void theMeanOfManyRunsIsTheForecast() {
    Population population = new Population(pest("thrips"), 22);
    double[] start = population.settled(10);
    double[][] survival = killing(population, 25, 7, 0.5);
    double expected = Arrays.stream(population.forecast(start, survival)[25]).sum();
    Random random = new Random(11);
    int runs = 2000;
    double sum = 0;
    double squares = 0;
    for (int run = 0; run < runs; run++) {
      double total = Arrays.stream(population.simulate(start, survival, random)[25]).sum();
      sum += total;
      squares += total * total;
    }
    double mean = sum / runs;
    double error = Math.sqrt((squares / runs - mean * mean) / runs);
    assertThat(mean).isCloseTo(expected, within(3.3 * error));
  }

  /** Neither births nor deaths on the way: 6 days an egg, 9 days young at 20 °C. */
  private static final LifeCycle STILL =
      new LifeCycle(
          "still",
          "none",
          null,
          10,
          30,
          List.of(
              new LifeCycle.Phase("egg", "eggs", 60, "leaf", 1),
              new LifeCycle.Phase("young", "young", 90, "leaf", 1)),
          new LifeCycle.Adult(1e12, 1e12, 0, 1, "leaf"),
          null,
          List.of(),
          "",
          List.of());

  private static double[][] untreated(Population population, int days) {
    double[] start = new double[population.settled(1).length];
    start[0] = 1000;
    return population.forecast(start, killing(population, days, 1, 0));
  }

  @Test
  void nobodyIsLostOrMadeOnTheWay() {
    double[][] days = untreated(new Population(STILL, 20), 60);
    for (double[] day : days) {
      assertThat(Arrays.stream(day).sum()).isCloseTo(1000, within(1e-6));
    }
    assertThat(days[60][2]).isGreaterThan(999);
  }

  @Test
  void aStageTakesItsMeanTime() {
    double[][] days = untreated(new Population(STILL, 20), 60);
    double seenInEgg = 0;
    for (double[] day : days) {
      seenInEgg += day[0] / 1000;
    }
    double aThirdOfADayTooLongForDaysAreCutInThree = 1.0 / 3;
    assertThat(seenInEgg - aThirdOfADayTooLongForDaysAreCutInThree).isCloseTo(6, within(0.01));
  }

  @Test
  void higherEfficacyNeverLowersTheChance() {
    Population population = new Population(pest("mealybugs"), 24);
    double[] start = population.settled(100);
    double last = -1;
    for (double share = 0; share <= 1; share += 0.05) {
      double chance = population.clearing(start, killing(population, 60, 6, share));
      assertThat(chance).isGreaterThanOrEqualTo(last).isBetween(0.0, 1.0);
      last = chance;
    }
    assertThat(population.clearing(start, killing(population, 60, 6, 1))).isEqualTo(1);
  }

  @Test
  void inTheColdNothingMoves() {
    Population population = new Population(pest("thrips"), 4);
    double[] start = population.settled(50);
    double[][] days = population.forecast(start, killing(population, 100, 1, 0));
    assertThat(days[100]).containsExactly(days[0]);
    assertThat(population.clearing(start, killing(population, 100, 101, 0))).isLessThan(1e-9);
  }
}
