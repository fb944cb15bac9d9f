package org.mildlantern.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.feed.SaltStory;
import org.mildlantern.core.feed.SaltStory.Drink;
import org.mildlantern.core.feed.SaltStory.Ran;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The salts of pots through a year of drinks, and when each passes its limit. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class SaltBenchmark {
  private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);
  private static final int YEAR = 365;

  @Param({"1000", "10000"})
  public int pots;

  private final List<List<SaltStory.Event>> years = new ArrayList<>();

  @Setup
  public void water() {
    Random random = new Random(3);
    for (int pot = 0; pot < pots; pot++) {
      List<SaltStory.Event> drinks = new ArrayList<>();
      for (int day = random.nextInt(4); day < YEAR; day += 2 + random.nextInt(8)) {
        drinks.add(
            new Drink(
                FIRST.plusDays(day),
                null,
                random.nextInt(3) == 0 ? Ran.THROUGH : Ran.NOT_SAID,
                0.05 + random.nextDouble()));
      }
      years.add(drinks);
    }
  }

  @Benchmark
  public double aYearOfAllPots() {
    double sum = 0;
    for (List<SaltStory.Event> year : years) {
      SaltStory story =
          SaltStory.tell(
              new SaltStory.Of(500, 0.5, false, 1.0, false), year, 6, FIRST.plusDays(YEAR));
      sum += story.days().orElse(0);
    }
    return sum;
  }
}
