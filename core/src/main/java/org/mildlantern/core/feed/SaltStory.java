package org.mildlantern.core.feed;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.mildlantern.core.working.Working;

/**
 * How the salts of a pot came to be what they are, drink by drink, and where they go.
 *
 * <p>How much runs out below is rarely said, and makes most of the difference. So the story is told
 * for several shares at once; what a keeper reads of the pot sets each of them right and makes
 * those likelier that foresaw it, by Bayes on the logarithm.
 *
 * @param pot as it is now
 * @param spread standard deviation of the logarithm of its salts
 * @param habit of its drinks of late
 * @param limit conductivity of the water in it from which its plant is harmed, mS/cm
 * @param drinks that were counted
 * @param readings that were
 */
public record SaltStory(
    PotSalts pot,
    double spread,
    PotSalts.Habit habit,
    double limit,
    int drinks,
    int readings,
    boolean stands) {
  /** Shares that may run out where nothing was said of it, with how likely. Rule of thumb. */
  private static final double[] SHARES = {0, 0.05, 0.1, 0.15, 0.22, 0.3};

  private static final double[] LIKELY = {0.06, 0.21, 0.33, 0.22, 0.12, 0.06};

  /** Run-through of a drink that was seen to run through. */
  private static final double THROUGH = 0.2;

  /** Of one that ran past a dry ball. */
  private static final double PAST = 0.5;

  /** Roots take up so much with each ml that leaves a pot in growth, mS/cm; at rest hardly any. */
  private static final double UPTAKE = 0.2;

  private static final double UPTAKE_AT_REST = 0.03;

  /** Volumes of a flush of which the amount was not said. */
  private static final double FLUSH = 3;

  /** Drinks that make the habit. */
  private static final int LATE = 6;

  /** What else is not known of a pot, as a standard deviation of the logarithm: each drink adds. */
  private static final double AT_MOST = 0.4;

  private static final double EACH_DRINK = 0.05;

  /** Nobody looks further ahead. */
  private static final int AHEAD_DAYS = 730;

  /** Water that a meter reads as none, mS/cm. */
  private static final double PUREST = 0.005;

  /** How a drink ran. */
  public enum Ran {
    NOT_SAID,
    STAYED,
    THROUGH,
    PAST,
    FLUSH
  }

  /** What tells of a pot’s salts. */
  public sealed interface Event permits Drink, Read, Grains {
    LocalDate day();
  }

  /**
   * A drink.
   *
   * @param ml or null when that was not said
   * @param ecMsCm of what was poured, feed with its water
   */
  public record Drink(LocalDate day, Double ml, Ran ran, double ecMsCm) implements Event {}

  /**
   * What a keeper read.
   *
   * @param msCm as it was read
   */
  public record Read(LocalDate day, SaltReading method, double msCm) implements Event {
    public Read {
      if (!(msCm >= 0 && msCm <= 100)) {
        throw new IllegalArgumentException("a reading is 0 to 100 mS/cm");
      }
    }
  }

  /**
   * Slow-release grains that were strewn.
   *
   * @param salt that they hold, mS/cm × ml
   * @param days over which it comes out in the warmth of the place
   */
  public record Grains(LocalDate day, double salt, double days) implements Event {
    double released(LocalDate from, LocalDate to) {
      return salt * (share(to) - share(from));
    }

    private double share(LocalDate on) {
      return Math.max(0, Math.min(1, ChronoUnit.DAYS.between(day, on) / days));
    }
  }

  /**
   * A pot and its plant.
   *
   * @param holdsMl water when just drained, with that in which it stands
   * @param left share of it that is left when the plant is watered
   * @param stands whether it stands in water, so that nothing runs out unless it is flushed
   */
  public record Of(double holdsMl, double left, boolean resting, double limit, boolean stands) {
    double uptake() {
      return resting ? UPTAKE_AT_REST : UPTAKE;
    }
  }

  /** The story if such a share of each drink ran out. */
  private static final class Told {
    private final Of of;
    private final double share;
    private double log;
    private double variance;
    private PotSalts pot;

    Told(Of of, double share, double chance, double firstEc) {
      this.of = of;
      this.share = share;
      this.log = Math.log(chance);
      this.pot = PotSalts.fresh(of.holdsMl, Math.max(PUREST, firstEc));
      this.variance = AT_MOST * AT_MOST;
    }

    void drink(Drink drink, double released) {
      PotSalts dry = pot.dried(pot.waterMl() - of.holdsMl * of.left, of.uptake()).with(released);
      double ml = ml(dry, drink, share);
      pot =
          drink.ran == Ran.FLUSH
              ? dry.flushed(ml, drink.ecMsCm)
              : dry.watered(ml, drink.ecMsCm).pot();
      variance = Math.min(AT_MOST * AT_MOST, variance + EACH_DRINK * EACH_DRINK);
    }

    void read(Read read) {
      double off = Math.log(Math.max(PUREST, read.method.pore(read.msCm))) - level();
      double error = read.method.spread() * read.method.spread();
      double all = variance + error;
      log -= (Math.log(all) + off * off / all) / 2;
      double gain = variance / all;
      pot = pot.times(Math.exp(gain * off));
      variance *= 1 - gain;
    }

    double level() {
      return Math.log(Math.max(PUREST, pot.ecFull()));
    }
  }

  /**
   * Tells it.
   *
   * @param events since it was potted, the first first; a drink at least
   * @param usualDays between drinks where fewer than two were noted
   * @param today until when grains are followed
   */
  public static SaltStory tell(Of of, List<Event> events, int usualDays, LocalDate today) {
    List<Drink> drinks = only(events, Drink.class);
    if (drinks.isEmpty()) {
      throw new IllegalArgumentException("a story has a drink at least");
    }
    List<Grains> grains = only(events, Grains.class);
    List<Told> all = new ArrayList<>();
    for (int i = 0; i < SHARES.length; i++) {
      all.add(new Told(of, SHARES[i], LIKELY[i], drinks.get(0).ecMsCm));
    }
    LocalDate since = drinks.get(0).day;
    for (Event event : events) {
      if (event instanceof Drink drink) {
        double released = released(grains, since, drink.day);
        all.forEach(told -> told.drink(drink, released));
        since = drink.day;
      } else if (event instanceof Read read) {
        all.forEach(told -> told.read(read));
      }
    }
    double last = released(grains, since, today);
    all.forEach(told -> told.pot = told.pot.with(last));
    return mean(
        of, all, drinks, usualDays, (int) events.stream().filter(Read.class::isInstance).count());
  }

  private static <T> List<T> only(List<Event> events, Class<T> kind) {
    return events.stream().filter(kind::isInstance).map(kind::cast).toList();
  }

  private static double released(List<Grains> grains, LocalDate from, LocalDate to) {
    return grains.stream().mapToDouble(one -> one.released(from, to)).sum();
  }

  private static SaltStory mean(
      Of of, List<Told> all, List<Drink> drinks, int usualDays, int readings) {
    double most = all.stream().mapToDouble(told -> told.log).max().orElseThrow();
    double[] weights = all.stream().mapToDouble(told -> Math.exp(told.log - most)).toArray();
    double sum = Arrays.stream(weights).sum();
    double level = 0;
    double share = 0;
    for (int i = 0; i < weights.length; i++) {
      weights[i] /= sum;
      level += weights[i] * all.get(i).level();
      share += weights[i] * all.get(i).share;
    }
    double variance = 0;
    int best = 0;
    for (int i = 0; i < weights.length; i++) {
      double off = all.get(i).level() - level;
      variance += weights[i] * (all.get(i).variance + off * off);
      best = weights[i] > weights[best] ? i : best;
    }
    PotSalts likeliest = all.get(best).pot;
    return new SaltStory(
        likeliest.times(Math.exp(level) / Math.max(PUREST, likeliest.ecFull())),
        Math.sqrt(variance),
        habit(of, drinks, usualDays, share),
        of.limit,
        drinks.size(),
        readings,
        of.stands);
  }

  private static double ml(PotSalts dry, Drink drink, double share) {
    double refill = dry.holdsMl() - dry.waterMl();
    if (drink.ml != null) {
      return drink.ran == Ran.PAST ? drink.ml * PAST : drink.ml;
    }
    return drink.ran == Ran.FLUSH
        ? refill + FLUSH * dry.holdsMl()
        : refill / (1 - through(drink.ran, share));
  }

  private static double through(Ran ran, double share) {
    return switch (ran) {
      case STAYED -> 0;
      case THROUGH -> THROUGH;
      case NOT_SAID, PAST, FLUSH -> share;
    };
  }

  private static PotSalts.Habit habit(Of of, List<Drink> drinks, int usualDays, double share) {
    List<Drink> plain = drinks.stream().filter(drink -> drink.ran != Ran.FLUSH).toList();
    List<Drink> late = plain.subList(Math.max(0, plain.size() - LATE), plain.size());
    double days =
        late.size() < 2
            ? usualDays
            : (double) ChronoUnit.DAYS.between(late.get(0).day, late.get(late.size() - 1).day)
                / (late.size() - 1);
    return new PotSalts.Habit(
        Math.max(1, days),
        late.stream().mapToDouble(drink -> through(drink.ran, share)).average().orElse(share),
        late.stream().mapToDouble(Drink::ecMsCm).average().orElse(drinks.get(0).ecMsCm),
        of.uptake(),
        of.left);
  }

  /** Conductivity of the water in the pot when it is full, mS/cm. */
  public Band ec() {
    double now = pot.ecFull();
    double off = Math.exp(Band.EIGHT_IN_TEN * spread);
    return new Band(now, now / off, now * off, readings > 0);
  }

  public boolean isOver() {
    return pot.ecFull() > limit;
  }

  /** Days until it is over its limit as it is watered now; empty where that is far off. */
  public OptionalDouble days() {
    return pot.daysTo(limit, habit, AHEAD_DAYS);
  }

  /**
   * Litres of a water that flush it down to half its limit when it is next watered; empty where
   * that water cannot.
   *
   * @param ofWater mS/cm
   */
  public OptionalDouble flushLitres(double ofWater) {
    OptionalDouble ml =
        pot.dried(pot.waterMl() - pot.holdsMl() * habit.left(), habit.uptakeMsCm())
            .flushMl(limit / 2, ofWater);
    return ml.isPresent() ? OptionalDouble.of(ml.getAsDouble() / 1000) : ml;
  }

  public Working working() {
    List<Working.Step> steps = new ArrayList<>();
    steps.add(new Working.Step("Water that the pot holds", figure(pot.holdsMl()) + " ml"));
    steps.add(new Working.Step("Drinks counted", String.valueOf(drinks)));
    steps.add(new Working.Step("Readings counted", String.valueOf(readings)));
    steps.add(
        new Working.Step(
            "As it is watered now",
            figure(habit.ecMsCm()) + " mS/cm every " + figure(habit.everyDays()) + " days",
            stands
                ? "it stands in water, nothing runs out"
                : figure(habit.through() * 100) + " % run out below"));
    steps.add(new Working.Step("Roots take up", figure(habit.uptakeMsCm()) + " mS/cm"));
    steps.add(
        new Working.Step("Limit", figure(limit) + " mS/cm", "rule of thumb, by its way of life"));
    return new Working(
        "Salts in the pot",
        "what came with water and feed − what roots took up − what ran out below",
        steps,
        figure(pot.ecFull()) + " mS/cm",
        "mass balance; Ayers & Westcot 1985; shares by rule of thumb, readings by Bayes");
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, value < 10 ? "%.2f" : "%.0f", value);
  }
}
