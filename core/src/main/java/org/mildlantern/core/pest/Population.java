package org.mildlantern.core.pest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.LifeCycle.Phase;

/**
 * A stage-structured population of females in one warmth, in daily steps.
 *
 * <p>Each stage has {@value #PARTS} equal parts that follow one another, so that its duration is
 * Erlang with a spread of a third of its mean (the linear chain trick, MacDonald 1978); the time of
 * laying has {@value #LAYING_PARTS}. A day is cut into equal steps, short enough that no part is
 * left with a probability above one half; the mean time in a part is exact. On each day the
 * treatment kills first, then the day's development, births and deaths follow; a treatment may also
 * stop a share of the day's births. What happens to one female does not depend on the others, so
 * that expectation, simulation and the chance of dying out are all of the same branching process.
 */
public final class Population {
  static final int PARTS = 8;
  private static final int LAYING_PARTS = 4;
  private static final double FASTEST = 0.5;

  private final LifeCycle pest;
  private final int steps;
  private final int stages;
  private final int[] stageOf;
  private final int[] next;
  private final double[] leaves;
  private final double[] survives;
  private final double[] births;

  public Population(LifeCycle pest, double celsius) {
    this.pest = pest;
    List<double[]> parts = new ArrayList<>();
    int stage = 0;
    for (Phase phase : pest.stages()) {
      for (int k = 1; k <= PARTS; k++) {
        parts.add(
            new double[] {stage, PARTS / phase.degreeDays(), k < PARTS ? 1 : phase.survival(), 0});
      }
      stage++;
    }
    parts.add(new double[] {stage, 1 / pest.adult().before(), 1, 0});
    double daughters = pest.adult().youngEach() * pest.adult().daughters();
    for (int k = 1; k <= LAYING_PARTS; k++) {
      double rate = LAYING_PARTS / pest.adult().laying();
      parts.add(new double[] {stage, rate, k < LAYING_PARTS ? 1 : 0, daughters});
    }
    stages = stage + 1;
    int types = parts.size();
    double degrees = Generation.degrees(pest, celsius);
    double fastest = parts.stream().mapToDouble(p -> p[1]).max().orElseThrow() * degrees;
    steps = (int) Math.ceil(fastest / FASTEST);
    double step = steps == 0 ? 0 : degrees / steps;
    stageOf = new int[types];
    next = new int[types];
    leaves = new double[types];
    survives = new double[types];
    births = new double[types];
    for (int i = 0; i < types; i++) {
      stageOf[i] = (int) parts.get(i)[0];
      next[i] = i + 1 < types ? i + 1 : 0;
      leaves[i] = parts.get(i)[1] * step;
      survives[i] = parts.get(i)[2];
      births[i] = parts.get(i)[3] * step;
    }
  }

  /** Number of stages, the grown one included. */
  public int stages() {
    return stages;
  }

  /**
   * A young infestation: the mix of stages into which an untreated one grows, of a given size.
   *
   * @param females number of females of all stages together
   */
  public double[] settled(double females) {
    double[] numbers = new double[stageOf.length];
    Arrays.fill(numbers, 1);
    for (int day = 0; day < 400 && steps > 0; day++) {
      numbers = dayOn(numbers, 1);
      scale(numbers, 1);
    }
    scale(numbers, females);
    return numbers;
  }

  private static void scale(double[] numbers, double to) {
    double sum = Arrays.stream(numbers).sum();
    for (int i = 0; i < numbers.length; i++) {
      numbers[i] *= to / sum;
    }
  }

  /** Females by stage. */
  public double[] byStage(double[] numbers) {
    double[] sums = new double[stages];
    for (int i = 0; i < numbers.length; i++) {
      sums[stageOf[i]] += numbers[i];
    }
    return sums;
  }

  /**
   * Expected numbers by stage at the end of each day; row 0 is the beginning.
   *
   * @param survival share that outlives the treatment, by day and stage; a column more, if there is
   *     one, is the share of new ones that are not stopped
   */
  public double[][] forecast(double[] from, double[][] survival) {
    double[][] days = new double[survival.length + 1][];
    double[] numbers = from.clone();
    days[0] = byStage(numbers);
    for (int day = 0; day < survival.length; day++) {
      for (int i = 0; i < numbers.length; i++) {
        numbers[i] *= survival[day][stageOf[i]];
      }
      numbers = dayOn(numbers, born(survival[day]));
      days[day + 1] = byStage(numbers);
    }
    return days;
  }

  private double born(double[] day) {
    return day.length > stages ? day[stages] : 1;
  }

  private double[] dayOn(double[] from, double born) {
    double[] numbers = from;
    for (int step = 0; step < steps; step++) {
      double[] after = new double[numbers.length];
      for (int i = 0; i < numbers.length; i++) {
        double moving = numbers[i] * leaves[i];
        after[i] += numbers[i] - moving;
        after[next[i]] += moving * survives[i];
        after[0] += numbers[i] * births[i] * born;
      }
      numbers = after;
    }
    return numbers;
  }

  /**
   * The chance that none are left after the last day, when the numbers at the beginning are those
   * expected (each Poisson).
   *
   * <p>By the backward recursion of the multi-type branching process (Harris 1963): the chance that
   * the line of one female dies out, by type, goes from the last day to the first.
   */
  public double clearing(double[] from, double[][] survival) {
    double[] gone = dyingOut(survival);
    double sum = 0;
    for (int i = 0; i < from.length; i++) {
      sum += from[i] * (1 - gone[i]);
    }
    return Math.exp(-sum);
  }

  /** The chance that the line of one female of each type is gone after the last day. */
  double[] dyingOut(double[][] survival) {
    double[] gone = new double[stageOf.length];
    for (int day = survival.length - 1; day >= 0; day--) {
      for (int step = 0; step < steps; step++) {
        gone = stepBack(gone, born(survival[day]));
      }
      for (int i = 0; i < gone.length; i++) {
        double share = survival[day][stageOf[i]];
        gone[i] = 1 - share + share * gone[i];
      }
    }
    return gone;
  }

  private double[] stepBack(double[] later, double born) {
    double[] gone = new double[later.length];
    double child = (later[0] - 1) * born;
    for (int i = 0; i < gone.length; i++) {
      double moved = 1 - survives[i] + survives[i] * later[next[i]];
      double self = (1 - leaves[i]) * later[i] + leaves[i] * moved;
      gone[i] = births[i] == 0 ? self : self * Math.exp(births[i] * child);
    }
    return gone;
  }

  /** One run by chance, numbers by stage at the end of each day; row 0 is the beginning. */
  public long[][] simulate(double[] expected, double[][] survival, RandomGenerator random) {
    long[] numbers = new long[stageOf.length];
    for (int i = 0; i < numbers.length; i++) {
      numbers[i] = poisson(expected[i], random);
    }
    long[][] days = new long[survival.length + 1][];
    days[0] = sums(numbers);
    for (int day = 0; day < survival.length; day++) {
      for (int i = 0; i < numbers.length; i++) {
        numbers[i] = some(numbers[i], survival[day][stageOf[i]], random);
      }
      for (int step = 0; step < steps; step++) {
        numbers = stepByChance(numbers, born(survival[day]), random);
      }
      days[day + 1] = sums(numbers);
    }
    return days;
  }

  private long[] stepByChance(long[] numbers, double born, RandomGenerator random) {
    long[] after = new long[numbers.length];
    for (int i = 0; i < numbers.length; i++) {
      long moving = some(numbers[i], leaves[i], random);
      after[i] += numbers[i] - moving;
      after[next[i]] += some(moving, survives[i], random);
      after[0] += poisson(numbers[i] * births[i] * born, random);
    }
    return after;
  }

  private long[] sums(long[] numbers) {
    long[] sums = new long[stages];
    for (int i = 0; i < numbers.length; i++) {
      sums[stageOf[i]] += numbers[i];
    }
    return sums;
  }

  private static long some(long of, double share, RandomGenerator random) {
    long count = 0;
    for (long i = 0; i < of; i++) {
      count += random.nextDouble() < share ? 1 : 0;
    }
    return count;
  }

  /** By multiplying uniforms (Knuth 1969), in parts for large means. */
  private static long poisson(double mean, RandomGenerator random) {
    long count = 0;
    double left = mean;
    while (left > 0) {
      double part = Math.min(left, 30);
      left -= part;
      double limit = Math.exp(-part);
      double product = random.nextDouble();
      while (product > limit) {
        count++;
        product *= random.nextDouble();
      }
    }
    return count;
  }

  public LifeCycle pest() {
    return pest;
  }
}
