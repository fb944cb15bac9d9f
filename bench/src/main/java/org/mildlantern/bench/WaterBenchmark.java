package org.mildlantern.bench;

import java.util.concurrent.TimeUnit;
import org.mildlantern.core.water.Forecast;
import org.mildlantern.core.water.PotFilter;
import org.mildlantern.core.water.Reading;
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

/** One reading taken in after three days, and the forecast of the sixty days to come. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class WaterBenchmark {
  private PotFilter filter;
  private double[] demand;

  @Setup
  public void soak() {
    filter = new PotFilter(0.1).soak();
    demand = new double[60];
    java.util.Arrays.fill(demand, 0.8);
  }

  @Benchmark
  public Forecast updateAndForecast() {
    PotFilter after =
        filter
            .copy()
            .dry(2.4, 3)
            .see(new Reading.Felt(Reading.Felt.Answer.DAMP, Reading.Felt.Depth.MIDDLE));
    return Forecast.of(after, demand, 0.25);
  }
}
