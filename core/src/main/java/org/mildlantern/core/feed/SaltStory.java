package org.mildlantern.core.feed;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.mildlantern.core.working.Working;

/**
 * How the salts of a pot came to be what they are, drink by drink, and where they go.
 *
 * @param pot as it is now
 * @param habit of its drinks of late
 * @param limit conductivity of the water in it from which its plant is harmed, mS/cm
 * @param drinks that were counted
 */
public record SaltStory(PotSalts pot, PotSalts.Habit habit, double limit, int drinks) {
  /** Run-through of a drink of which nothing was said, and of one that was seen to run through. */
  private static final double SOME_THROUGH = 0.1;

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

  /** How well all this is known: standard deviation of the logarithm. */
  private static final double SPREAD = 0.4;

  private static final double EIGHT_IN_TEN = 1.2816;

  /** Nobody looks further ahead. */
  private static final int AHEAD_DAYS = 730;

  /** How a drink ran. */
  public enum Ran {
    NOT_SAID,
    STAYED,
    THROUGH,
    PAST,
    FLUSH
  }

  /**
   * A drink.
   *
   * @param ml or null when that was not said
   * @param ecMsCm of what was poured, feed with its water
   */
  public record Drink(LocalDate day, Double ml, Ran ran, double ecMsCm) {}

  /**
   * A pot and its plant.
   *
   * @param holdsMl water when just drained
   * @param left share of it that is left when the plant is watered
   */
  public record Of(double holdsMl, double left, boolean resting, double limit) {}

  /**
   * Tells it.
   *
   * @param drinks since it was potted, the first first; one at least
   * @param usualDays between drinks where fewer than two were noted
   */
  public static SaltStory tell(Of of, List<Drink> drinks, int usualDays) {
    double uptake = of.resting ? UPTAKE_AT_REST : UPTAKE;
    PotSalts pot = PotSalts.fresh(of.holdsMl, drinks.get(0).ecMsCm);
    for (Drink drink : drinks) {
      PotSalts dry = pot.dried(pot.waterMl() - of.holdsMl * of.left, uptake);
      pot = dry.watered(ml(dry, drink), drink.ecMsCm).pot();
    }
    return new SaltStory(pot, habit(of, drinks, usualDays, uptake), of.limit, drinks.size());
  }

  private static double ml(PotSalts dry, Drink drink) {
    double refill = dry.holdsMl() - dry.waterMl();
    if (drink.ml != null) {
      return drink.ran == Ran.PAST ? drink.ml * PAST : drink.ml;
    }
    return drink.ran == Ran.FLUSH
        ? refill + FLUSH * dry.holdsMl()
        : refill / (1 - through(drink.ran));
  }

  private static double through(Ran ran) {
    return switch (ran) {
      case STAYED -> 0;
      case THROUGH -> THROUGH;
      case NOT_SAID, PAST, FLUSH -> SOME_THROUGH;
    };
  }

  private static PotSalts.Habit habit(Of of, List<Drink> drinks, int usualDays, double uptake) {
    List<Drink> late =
        drinks.stream()
            .filter(drink -> drink.ran != Ran.FLUSH)
            .skip(Math.max(0, drinks.stream().filter(d -> d.ran != Ran.FLUSH).count() - LATE))
            .toList();
    double days =
        late.size() < 2
            ? usualDays
            : (double) ChronoUnit.DAYS.between(late.get(0).day, late.get(late.size() - 1).day)
                / (late.size() - 1);
    return new PotSalts.Habit(
        Math.max(1, days),
        late.stream().mapToDouble(drink -> through(drink.ran)).average().orElse(SOME_THROUGH),
        late.stream().mapToDouble(Drink::ecMsCm).average().orElse(drinks.get(0).ecMsCm),
        uptake,
        of.left);
  }

  /** Conductivity of the water in the pot when it is full, mS/cm. */
  public Band ec() {
    double now = pot.ecFull();
    double off = Math.exp(EIGHT_IN_TEN * SPREAD);
    return new Band(now, now / off, now * off, false);
  }

  public boolean isOver() {
    return pot.ecFull() > limit;
  }

  /** Days until it is over its limit as it is watered now; empty where that is far off. */
  public OptionalDouble days() {
    return pot.daysTo(limit, habit, AHEAD_DAYS);
  }

  /**
   * Litres of a water that flush it down to half its limit; empty where that water cannot.
   *
   * @param ofWater mS/cm
   */
  public OptionalDouble flushLitres(double ofWater) {
    OptionalDouble volumes = pot.volumesTo(limit / 2, ofWater);
    return volumes.isPresent()
        ? OptionalDouble.of(volumes.getAsDouble() * pot.holdsMl() / 1000)
        : OptionalDouble.empty();
  }

  public Working working() {
    List<Working.Step> steps = new ArrayList<>();
    steps.add(new Working.Step("Water that the pot holds", figure(pot.holdsMl()) + " ml"));
    steps.add(new Working.Step("Drinks counted", String.valueOf(drinks)));
    steps.add(
        new Working.Step(
            "As it is watered now",
            figure(habit.ecMsCm()) + " mS/cm every " + figure(habit.everyDays()) + " days",
            figure(habit.through() * 100) + " % run out below"));
    steps.add(new Working.Step("Roots take up", figure(habit.uptakeMsCm()) + " mS/cm"));
    steps.add(
        new Working.Step("Limit", figure(limit) + " mS/cm", "rule of thumb, by its way of life"));
    return new Working(
        "Salts in the pot",
        "what came with water and feed − what roots took up − what ran out below",
        steps,
        figure(pot.ecFull()) + " mS/cm",
        "mass balance; Ayers & Westcot 1985; shares by rule of thumb");
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, value < 10 ? "%.2f" : "%.0f", value);
  }
}
