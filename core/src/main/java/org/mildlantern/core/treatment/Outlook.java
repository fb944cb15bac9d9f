package org.mildlantern.core.treatment;

import java.util.Collection;
import java.util.List;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.pest.Generation;
import org.mildlantern.core.pest.Population;

/**
 * What becomes of an infestation in a warmth under a plan.
 *
 * <p>It is followed until one generation after the last visit, since what hatches within that time
 * would be seen again.
 */
public final class Outlook {
  private static final int LONGEST = 500;

  private final LifeCycle pest;
  private final double celsius;
  private final Population population;
  private final double[] start;
  private final int generation;

  /**
   * An infestation at its beginning.
   *
   * @param females number of all stages together
   * @param celsius mean warmth of the place; too cold for the pest means that nothing moves
   */
  public Outlook(LifeCycle pest, double celsius, double females) {
    this.pest = pest;
    this.celsius = celsius;
    this.population = new Population(pest, celsius);
    this.start = population.settled(females);
    double days = Generation.of(pest, celsius).days();
    this.generation = Double.isFinite(days) ? (int) Math.min(Math.ceil(days), 200) : 200;
  }

  /** Warmth of the place in °C. */
  public double celsius() {
    return celsius;
  }

  /** Days of one generation, rounded up; 200 when it hardly develops. */
  public int generation() {
    return generation;
  }

  /** The day on which the plan is judged. */
  public int horizon(Collection<Visit> visits) {
    int last = visits.stream().mapToInt(Visit::day).max().orElse(0);
    return Math.min(LONGEST, last + generation);
  }

  /** The chance that none are left one generation after the last visit. */
  public double chance(Collection<Visit> visits) {
    int days = horizon(visits);
    return population.clearing(start, Killing.survival(pest, visits, days));
  }

  /** Expected numbers by stage at the end of each day, the grown stage last. */
  public double[][] forecast(Collection<Visit> visits, int days) {
    return population.forecast(start, Killing.survival(pest, visits, days));
  }

  /** The labels of the stages in the order of a forecast's columns. */
  public List<String> stages() {
    return java.util.stream.Stream.concat(
            pest.stages().stream().map(LifeCycle.Phase::label), java.util.stream.Stream.of("grown"))
        .toList();
  }
}
