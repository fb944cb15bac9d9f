package org.mildlantern.core.treatment;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
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
    this(pest, celsius, females, 1);
  }

  /**
   * An infection where not as much takes hold as usual.
   *
   * @param takes what takes hold, as a share of the usual ({@link LeafWetness#takes})
   */
  public Outlook(LifeCycle pest, double celsius, double females, double takes) {
    this.pest = pest;
    this.celsius = celsius;
    this.population = new Population(pest, celsius, takes);
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

  /** Above this chance of being cleared nothing is expected any more. */
  private static final double CLEARED = 0.999;

  /**
   * Expected numbers as {@link #forecast} gives them, but of those outcomes in which any are left
   * on the day; 0 where it is as good as cleared. A mean over all outcomes would climb beside a
   * good chance of clearing, for the few that are not cleared.
   */
  public double[][] whileAnyAreLeft(Collection<Visit> visits, int days) {
    double[][] survival = Killing.survival(pest, visits, days);
    double[][] expected = population.forecast(start, survival);
    for (int day = 1; day < expected.length; day++) {
      double cleared = population.clearing(start, Arrays.copyOf(survival, day));
      for (int s = 0; s < expected[day].length; s++) {
        expected[day][s] = cleared > CLEARED ? 0 : expected[day][s] / (1 - cleared);
      }
    }
    return expected;
  }

  /**
   * How many there are when the plan is judged, if any: eight in ten outcomes lie between. Numbers
   * of a line that goes on scatter exponentially about their mean (Yaglom 1947).
   */
  public record IfLeft(double least, double most) {}

  public IfLeft ifLeft(Collection<Visit> visits) {
    int days = horizon(visits);
    double mean = sum(forecast(visits, days)[days]) / (1 - chance(visits));
    return new IfLeft(Math.max(1, -Math.log(0.9) * mean), Math.max(1, -Math.log(0.1) * mean));
  }

  /**
   * What the numbers come to on the mean over the later half of the time in which the plan works,
   * as a share of those at its beginning: the yardstick of what keeps a pest low without ending it.
   */
  public double kept(Collection<Visit> visits) {
    int last = visits.stream().mapToInt(Visit::day).max().orElse(0);
    int works =
        visits.stream()
            .filter(visit -> visit.day() == last)
            .flatMap(visit -> visit.means().stream())
            .mapToInt(means -> means.lasting() == null ? 1 : means.lasting().to())
            .max()
            .orElse(1);
    int end = Math.min(LONGEST, last + works);
    double[][] expected = forecast(visits, end);
    double mean =
        IntStream.rangeClosed(end / 2, end)
            .mapToDouble(day -> sum(expected[day]))
            .average()
            .orElse(0);
    return mean / sum(start);
  }

  private static double sum(double[] numbers) {
    return Arrays.stream(numbers).sum();
  }

  /** The labels of the stages in the order of a forecast's columns. */
  public List<String> stages() {
    return java.util.stream.Stream.concat(
            pest.stages().stream().map(LifeCycle.Phase::label), java.util.stream.Stream.of("grown"))
        .toList();
  }
}
