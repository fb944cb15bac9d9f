package org.mildlantern.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.air.ClimateYear;
import org.mildlantern.core.air.ColdBorne;
import org.mildlantern.core.air.OutAndIn;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.repot.RepotDecision;
import org.mildlantern.core.repot.Rhythm;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.RestTurn;
import org.mildlantern.core.season.StageOdds;
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

/**
 * The year ahead of plants of all kinds by half months, with the turns of their rests, whether they
 * are repotted, and when they go out and come in.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
public class SeasonBenchmark {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
  private static final int HALF_MONTHS = 24;

  @Param({"1", "1000", "10000"})
  public int plants;

  private static final ClimateYear CLIMATE = ClimateYear.at(52);

  /** A kind with all that its year rests on. */
  private record Grown(Taxon taxon, Course course, Rhythm rhythm) {}

  private final List<Grown> grown = new ArrayList<>();

  @Setup
  public void kinds() {
    Knowledge knowledge = Library.shipped().knowledge();
    List<Taxon> taxa = knowledge.taxa().stream().toList();
    for (int plant = 0; plant < plants; plant++) {
      Taxon taxon = taxa.get(plant % taxa.size());
      Kind kind = knowledge.kind(taxon);
      Rhythm rhythm = Library.shipped().repots().rhythm(kind).orElse(null);
      grown.add(new Grown(taxon, knowledge.course(kind), rhythm));
    }
  }

  @Benchmark
  public long aYearOfAllPlants() {
    StageOdds.Place place = new StageOdds.Place(12.0, 19.0);
    long sum = 0;
    for (Grown one : grown) {
      for (int half = 0; half < HALF_MONTHS; half++) {
        LocalDate day = TODAY.plusDays(15L * half);
        sum += StageOdds.of(one.course, day, 52, place, null).likeliest().ordinal();
      }
      sum += RestTurn.near(one.course, TODAY, 52, null, null).map(turn -> 1).orElse(0);
      sum +=
          RepotDecision.of(
                  new RepotDecision.Year(one.course, 52, place, null),
                  one.rhythm,
                  new RepotDecision.Medium(0.9, 2),
                  List.of(),
                  Set.of(),
                  TODAY)
              .answer()
              .ordinal();
      OutAndIn.Needs needs =
          new OutAndIn.Needs(one.taxon.coldestWished(), ColdBorne.night(one.taxon), day -> false);
      sum +=
          OutAndIn.of(needs, false, TODAY, CLIMATE::night, Map.of())
              .out()
              .map(LocalDate::getDayOfYear)
              .orElse(0);
    }
    return sum;
  }
}
