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
 * left with a probability above one half; the mean time in a part is exact. Of those that come into
 * a stage a share sits hidden until they leave it ({@link LifeCycle#hidden}). On each day the
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
  private final boolean[] hidden;
  private final int[] next;

  /**
   * For the last part of each stage: where those that hide in the next stage go, and their share.
   */
  private final int[] nextHidden;

  private final double[] hides;
  private final double[] leaves;
  private final double[] survives;
  private final double[] births;

  /** Where those newly laid come to sit, in the open or hidden, and the share that hides. */
  private final int laidOpen;

  private final int laidHidden;
  private final double laidHide;

  public Population(LifeCycle pest, double celsius) {
    this(pest, celsius, 1);
  }

  /**
   * A population where not as many new ones come about as usual.
   *
   * @param takes what comes about, as a share of the usual
   */
  public Population(LifeCycle pest, double celsius, double takes) {
    this.pest = pest;
    List<Part> parts = new ArrayList<>();
    List<String> ids = pest.stageIds();
    stages = ids.size();
    for (int stage = 0; stage < stages; stage++) {
      double hiding = pest.hidden(ids.get(stage));
      parts.addAll(chain(stage, false));
      if (hiding > 0) {
        parts.addAll(chain(stage, true));
      }
    }
    int types = parts.size();
    double degrees = Generation.degrees(pest, celsius);
    double fastest = parts.stream().mapToDouble(Part::rate).max().orElseThrow() * degrees;
    steps = (int) Math.ceil(fastest / FASTEST);
    double step = steps == 0 ? 0 : degrees / steps;
    stageOf = new int[types];
    hidden = new boolean[types];
    next = new int[types];
    nextHidden = new int[types];
    hides = new double[types];
    leaves = new double[types];
    survives = new double[types];
    births = new double[types];
    laidOpen = first(parts, 0, false);
    laidHidden = first(parts, 0, true);
    laidHide = pest.hidden(ids.get(0));
    for (int i = 0; i < types; i++) {
      Part part = parts.get(i);
      stageOf[i] = part.stage();
      hidden[i] = part.hidden();
      leaves[i] = part.rate() * step;
      survives[i] = part.survival();
      births[i] = part.births() * step * takes;
      int into = part.last() ? (part.stage() + 1) % stages : part.stage();
      next[i] = part.last() ? first(parts, into, false) : i + 1;
      nextHidden[i] = part.last() ? first(parts, into, true) : i + 1;
      hides[i] = part.last() ? pest.hidden(ids.get(into)) : 0;
    }
  }

  /** One of the equal parts of a stage, of those in the open or of those that hide. */
  private record Part(
      int stage, boolean hidden, boolean last, double rate, double survival, double births) {}

  private List<Part> chain(int stage, boolean hidden) {
    List<Part> parts = new ArrayList<>();
    if (stage < pest.stages().size()) {
      Phase phase = pest.stages().get(stage);
      for (int k = 1; k <= PARTS; k++) {
        boolean last = k == PARTS;
        double survival = last ? phase.survival() : 1;
        parts.add(new Part(stage, hidden, last, PARTS / phase.degreeDays(), survival, 0));
      }
      return parts;
    }
    LifeCycle.Adult adult = pest.adult();
    parts.add(new Part(stage, hidden, false, 1 / adult.before(), 1, 0));
    for (int k = 1; k <= LAYING_PARTS; k++) {
      boolean last = k == LAYING_PARTS;
      double rate = LAYING_PARTS / adult.laying();
      double daughters = adult.youngEach() * adult.daughters();
      parts.add(new Part(stage, hidden, last, rate, last ? 0 : 1, daughters));
    }
    return parts;
  }

  /** The first part of a stage; where nobody hides in it, that of those in the open. */
  private static int first(List<Part> parts, int stage, boolean hidden) {
    int open = -1;
    for (int i = parts.size() - 1; i >= 0; i--) {
      if (parts.get(i).stage() == stage) {
        boolean begins = i == 0 || parts.get(i - 1).stage() != stage || parts.get(i - 1).last();
        if (begins && parts.get(i).hidden() == hidden) {
          return i;
        }
        open = begins ? i : open;
      }
    }
    return open;
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
   *     one, is the share of new ones that are not stopped; after it may stand the stages again,
   *     for those that hide
   */
  public double[][] forecast(double[] from, double[][] survival) {
    double[][] days = new double[survival.length + 1][];
    double[] numbers = from.clone();
    days[0] = byStage(numbers);
    for (int day = 0; day < survival.length; day++) {
      for (int i = 0; i < numbers.length; i++) {
        numbers[i] *= outlives(survival[day], i);
      }
      numbers = dayOn(numbers, born(survival[day]));
      days[day + 1] = byStage(numbers);
    }
    return days;
  }

  private double born(double[] day) {
    return day.length > stages ? day[stages] : 1;
  }

  private double outlives(double[] day, int type) {
    boolean apart = hidden[type] && day.length > stages + 1;
    return day[apart ? stages + 1 + stageOf[type] : stageOf[type]];
  }

  private double[] dayOn(double[] from, double born) {
    double[] numbers = from;
    for (int step = 0; step < steps; step++) {
      double[] after = new double[numbers.length];
      for (int i = 0; i < numbers.length; i++) {
        double moving = numbers[i] * leaves[i];
        after[i] += numbers[i] - moving;
        double moved = moving * survives[i];
        after[next[i]] += moved * (1 - hides[i]);
        after[nextHidden[i]] += moved * hides[i];
        double laid = numbers[i] * births[i] * born;
        after[laidOpen] += laid * (1 - laidHide);
        after[laidHidden] += laid * laidHide;
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
        double share = outlives(survival[day], i);
        gone[i] = 1 - share + share * gone[i];
      }
    }
    return gone;
  }

  private double[] stepBack(double[] later, double born) {
    double[] gone = new double[later.length];
    double young = (1 - laidHide) * later[laidOpen] + laidHide * later[laidHidden];
    double child = (young - 1) * born;
    for (int i = 0; i < gone.length; i++) {
      double there = (1 - hides[i]) * later[next[i]] + hides[i] * later[nextHidden[i]];
      double moved = 1 - survives[i] + survives[i] * there;
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
        numbers[i] = some(numbers[i], outlives(survival[day], i), random);
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
      long moved = some(moving, survives[i], random);
      long hiding = some(moved, hides[i], random);
      after[next[i]] += moved - hiding;
      after[nextHidden[i]] += hiding;
      double laid = numbers[i] * births[i] * born;
      after[laidOpen] += poisson(laid * (1 - laidHide), random);
      after[laidHidden] += poisson(laid * laidHide, random);
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
