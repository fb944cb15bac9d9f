package org.mildlantern.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.away.AwayPlan;
import org.mildlantern.core.away.Means;
import org.mildlantern.core.away.RoomAir;
import org.mildlantern.core.away.Survival;
import org.mildlantern.core.knowledge.Absence;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.water.PotFilter;
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

/** An absence of three weeks with three visits at most: how each pot dries, and the plan. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
public class AwayBenchmark {
  private static final AwayPlan.Trip TRIP = new AwayPlan.Trip(21, 0.1, 45, 3, 5);

  private static final int ROOMS = 5;

  @Param({"40", "300"})
  public int plants;

  private final List<Kind> kinds = new ArrayList<>();
  private final List<PotFilter> pots = new ArrayList<>();

  @Setup
  public void pots() {
    Knowledge knowledge = Library.shipped().knowledge();
    List<Kind> all = knowledge.taxa().stream().map(knowledge::kind).toList();
    Random random = new Random(7);
    for (int plant = 0; plant < plants; plant++) {
      kinds.add(all.get(random.nextInt(all.size())));
      pots.add(new PotFilter(0.04 + random.nextDouble() / 8).water());
    }
  }

  @Benchmark
  public AwayPlan aPlan() {
    Absence absence = Library.shipped().absence();
    double[] demand = {1};
    List<AwayPlan.Plant> all = new ArrayList<>();
    for (int plant = 0; plant < plants; plant++) {
      Kind kind = kinds.get(plant);
      Survival survival =
          Survival.of(pots.get(plant), demand, absence.endurance(kind, Stage.GROWTH, false));
      int room = plant % ROOMS;
      all.add(new AwayPlan.Plant(survival, absence.means(kind, Stage.GROWTH, false), true, room));
    }
    List<Means> air =
        absence.means(new RoomAir(21, 18, 40.0, true, true, List.of(14.0), TRIP.days()));
    return AwayPlan.of(all, Collections.nCopies(ROOMS, air), TRIP);
  }
}
