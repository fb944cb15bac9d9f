package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.mildlantern.core.knowledge.Wish;

/**
 * A pot of known truth, watered through several cycles by a keeper who reads it now and then, with
 * errors and gaps; and what the filter, a fixed interval and the mean of past intervals say of the
 * last cycle.
 */
final class SimulatedPot {
  private static final int CYCLES = 4;
  private static final int LONGEST = 90;
  private static final int AHEAD = 60;

  /** Chance of a reading on a day on which none was asked for, and of one that was not made. */
  private static final double EXTRA = 0.1;

  private static final double MISSED = 0.1;

  /** How a keeper reads pots. */
  enum Keeper {
    SCALE,
    PROBE,
    LIFT
  }

  /**
   * The last cycle.
   *
   * @param truth when the pot was ready, in days after its soaking, with parts of days
   * @param sent the day on which the round sent the keeper to a pot that was ready
   * @param looks how often it sent them in the cycle
   * @param low where the band of the forecast made at the soaking begins
   * @param high where it ends
   * @param meanInterval mean of the intervals before
   */
  record Trial(double truth, int sent, int looks, double low, double high, double meanInterval) {}

  private final Random random;
  private final Keeper keeper;
  private final Wish wish;
  private final double latitude;
  private final double dli;
  private final double celsius;
  private final double humidity;
  private final PotFilter filter;
  private double factor;
  private PotWater pot;
  private double x = 1;

  /** When in the last day the truth passed the threshold, as a part of the day. */
  private double crossing;

  private LocalDate day;
  private double waitedDemand;
  private int waitedDays;

  SimulatedPot(PotShape pot, Holding holding, Wish wish, int season, long seed) {
    this.random = new Random(seed);
    this.keeper = Keeper.values()[random.nextInt(3)];
    this.wish = wish;
    this.latitude = 53;
    this.dli = 2 + 8 * random.nextDouble();
    this.celsius = 14 + 10 * random.nextDouble();
    this.humidity = 35 + 45 * random.nextDouble();
    this.day = LocalDate.of(2026, 1, 15).plusMonths(3L * season);
    double guess = Pace.guess(pot, holding, 1.0);
    this.factor = guess * Math.exp(0.45 * random.nextGaussian());
    this.filter = new PotFilter(guess);
    this.pot = new PotWater(holding.availableMl(), holding.availableMl());
  }

  private double demand(LocalDate on) {
    return Demand.of(celsius, humidity, dli * Demand.seasonOfLight(on, latitude)).value();
  }

  /** One day passes for the truth and, as far as it is known, for the filter. */
  private void pass() {
    double known = demand(day);
    double real = known * Math.max(0.2, 1 + 0.15 * random.nextGaussian());
    crossing = Drying.until(x, factor, wish.threshold()) / real;
    keep(pot.dry(factor, real), 0);
    factor *= Math.exp(0.015 * random.nextGaussian());
    waitedDemand += known;
    waitedDays++;
    day = day.plusDays(1);
  }

  /** Tells the filter of the days since it was last asked, at once, as the app does. */
  private void catchUp() {
    if (waitedDays > 0) {
      filter.dry(waitedDemand, waitedDays);
    }
    waitedDemand = 0;
    waitedDays = 0;
  }

  private void read() {
    catchUp();
    switch (keeper) {
      case SCALE -> filter.see(new Reading.Level(x + 0.04 * random.nextGaussian(), 0.04));
      case PROBE -> {
        for (Reading.Felt.Depth depth : Reading.Felt.Depth.values()) {
          filter.see(new Reading.Felt(feel(depth), depth));
        }
      }
      case LIFT -> {
        filter.see(new Reading.Lifted(x + 0.17 * random.nextGaussian() > 0.45));
        filter.see(new Reading.Felt(feel(Reading.Felt.Depth.TOP), Reading.Felt.Depth.TOP));
      }
    }
  }

  private Reading.Felt.Answer feel(Reading.Felt.Depth depth) {
    double felt = x - depth.drier() + 0.11 * random.nextGaussian();
    return felt < 0.28
        ? Reading.Felt.Answer.DRY
        : felt > 0.68 ? Reading.Felt.Answer.WET : Reading.Felt.Answer.DAMP;
  }

  /** Goes on from a step, after seeing that its balance closes. */
  private void keep(PotWater.Step step, double given) {
    assertThat(step.before() + step.absorbed() - step.drawn())
        .isCloseTo(step.after().leftMl(), within(1e-9));
    assertThat(step.absorbed() + step.ranOff()).isCloseTo(given, within(1e-9));
    pot = step.after();
    x = pot.share();
  }

  private void soak() {
    double given = (1 - x) * (1 - 0.06 * random.nextDouble()) * pot.availableMl();
    keep(pot.give(given), given);
    catchUp();
    filter.soak();
  }

  /** Null when the pot does not dry within the longest cycle that is followed. */
  Trial run() {
    List<Double> intervals = new ArrayList<>();
    Trial last = null;
    for (int cycle = 0; cycle <= CYCLES; cycle++) {
      double mean = intervals.stream().mapToDouble(i -> i).average().orElse(7);
      last = cycle(mean);
      if (last == null) {
        return null;
      }
      intervals.add(last.truth());
    }
    return last;
  }

  /** Soaks the pot and looks at it when the forecast says so, until it is ready. */
  private Trial cycle(double meanInterval) {
    soak();
    Forecast first = forecast();
    double truth = -1;
    int days = 0;
    int looks = 0;
    while (true) {
      int asked = forecast().dayOf(wish.patience());
      int wait = asked < 0 ? AHEAD : Math.max(1, asked);
      for (int d = 0; d < wait; d++) {
        pass();
        days++;
        if (truth < 0 && x <= wish.threshold()) {
          truth = days - 1 + crossing;
        }
        if (d < wait - 1 && random.nextDouble() < EXTRA) {
          read();
        }
      }
      if (days > LONGEST) {
        return null;
      }
      looks++;
      if (random.nextDouble() > MISSED) {
        read();
        if (truth >= 0) {
          return new Trial(truth, days, looks, first.timeOf(0.1), first.timeOf(0.9), meanInterval);
        }
      }
    }
  }

  private Forecast forecast() {
    catchUp();
    double[] ahead = new double[AHEAD];
    for (int d = 0; d < ahead.length; d++) {
      ahead[d] = demand(day.plusDays(d));
    }
    return Forecast.of(filter, ahead, wish.threshold());
  }
}
