package org.mildlantern.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.treatment.Course;
import org.mildlantern.core.treatment.CourseSearch;
import org.mildlantern.core.treatment.Outlook;
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

/** Courses of all schools against one pest, intervals of 2 to 28 days and 1 to 12 visits. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class CourseBenchmark {
  @Param({"spider-mites", "mealybugs", "armoured-scale", "aphids", "fungal-leaf-spot"})
  public String pest;

  private Remedies remedies;
  private CourseSearch search;
  private LifeCycle life;

  @Setup
  public void load() {
    remedies = Library.shipped().remedies();
    search = new CourseSearch(remedies);
    life = remedies.pests().find(pest).orElseThrow();
  }

  @Benchmark
  public List<Course> allSchools() {
    Outlook outlook = new Outlook(life, 21, life.disease() ? 20 : 150);
    return remedies.schools().stream()
        .flatMap(school -> search.find(school, life, outlook).stream())
        .toList();
  }
}
