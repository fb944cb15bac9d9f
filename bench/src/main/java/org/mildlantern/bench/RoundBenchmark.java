package org.mildlantern.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.round.Agenda;
import org.mildlantern.core.round.DayTimes;
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

/** The work of so many plants laid out over the days, with every day too full. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class RoundBenchmark {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

  @Param({"1000", "10000", "20000"})
  int plants;

  private List<Agenda.Task<Integer>> tasks;
  private double most;

  @Setup
  public void work() {
    Random random = new Random(1859);
    tasks = new ArrayList<>();
    for (int i = 0; i < plants; i++) {
      LocalDate due = TODAY.plusDays(random.nextInt(14) - 2);
      LocalDate bears = random.nextInt(3) == 0 ? null : due.plusDays(random.nextInt(5));
      tasks.add(new Agenda.Task<>(i, due, bears, 0.5 + random.nextDouble()));
    }
    most = plants / 16.0;
  }

  @Benchmark
  public int layOut() {
    Agenda<Integer> agenda = Agenda.of(tasks, TODAY, 0, new DayTimes(most, Map.of()), 10);
    return agenda.on(TODAY).size() + agenda.putOff(TODAY).size();
  }
}
