package org.mildlantern.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.Repotting;
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

/** The year ahead of plants of all kinds by half months, and when their roots may be disturbed. */
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

  private final List<Course> courses = new ArrayList<>();

  @Setup
  public void kinds() {
    Knowledge knowledge = Library.shipped().knowledge();
    List<Taxon> taxa = knowledge.taxa().stream().toList();
    for (int plant = 0; plant < plants; plant++) {
      courses.add(knowledge.course(knowledge.kind(taxa.get(plant % taxa.size()))));
    }
  }

  @Benchmark
  public long aYearOfAllPlants() {
    StageOdds.Place place = new StageOdds.Place(12.0, 19.0);
    long sum = 0;
    for (Course course : courses) {
      for (int half = 0; half < HALF_MONTHS; half++) {
        sum +=
            StageOdds.of(course, TODAY.plusDays(15L * half), 52, place, null).likeliest().ordinal();
      }
      sum += Repotting.of(course, TODAY, 52, place, null).notBefore().toEpochDay();
    }
    return sum;
  }
}
