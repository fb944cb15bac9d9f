package org.mildlantern.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.placing.Guest;
import org.mildlantern.core.placing.Placing;
import org.mildlantern.core.placing.Stand;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Three hundred plants onto sixty stands. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class PlacingBenchmark {
  private static final int PLANTS = 300;
  private static final int STANDS = 60;

  private final List<Stand> stands = new ArrayList<>();
  private final List<Guest> guests = new ArrayList<>();

  @Setup
  public void furnish() {
    Random random = new Random(1859);
    for (int i = 0; i < STANDS; i++) {
      stands.add(
          new Stand(
              i,
              6,
              List.of(20 * random.nextDouble(), 20 * random.nextDouble(), 20 * random.nextDouble()),
              new Stand.Airs(20 * random.nextDouble(), 24 + 10 * random.nextDouble(), 50.0),
              false));
    }
    for (int i = 0; i < PLANTS; i++) {
      double low = 1 + 9 * random.nextDouble();
      guests.add(
          new Guest(
              i,
              random.nextInt(STANDS),
              new LightWish(low, 2 * low),
              new Guest.Bears(18 * random.nextDouble(), 30, 40 + 30 * random.nextDouble()),
              Guest.Moving.LIGHTLY));
    }
  }

  @Benchmark
  public int best() {
    return Placing.best(guests, stands).size();
  }
}
