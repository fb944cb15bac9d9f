package org.mildlantern.core.water;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import org.mildlantern.core.knowledge.Wish;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/** When to look at a pot next, how sure that is, and how much a full drink is. */
public record WaterOutlook(Days days, Water water, Wish wish, Basis basis) {
  /**
   * When to look, and how sure that is.
   *
   * @param lookOn the day to look: today while nothing is known of the pot, tomorrow at the
   *     earliest when it was looked at today
   * @param soonest the day before which the pot is dry enough with a chance of one in ten
   * @param latest the day by which it is with a chance of nine in ten; null when beyond the
   *     forecast
   * @param bears the last day to which the look may be put off without harm
   */
  public record Days(LocalDate lookOn, LocalDate soonest, LocalDate latest, LocalDate bears) {}

  /**
   * What is left now, how likely it is ready on the day, and what then fills it.
   *
   * @param left expected share of available water left now
   * @param readyChance the chance that it is dry enough on the day to look
   * @param drinkMl what fills it from the day to look to just drained
   */
  public record Water(double left, double readyChance, double drinkMl) {}

  /**
   * What it follows from.
   *
   * @param change of its pace, or null
   */
  public record Basis(Forecast forecast, PaceChange change, WaterStory story, Working working) {}

  public LocalDate lookOn() {
    return days.lookOn();
  }

  public LocalDate soonest() {
    return days.soonest();
  }

  public LocalDate latest() {
    return days.latest();
  }

  public LocalDate bears() {
    return days.bears();
  }

  public double left() {
    return water.left();
  }

  public double readyChance() {
    return water.readyChance();
  }

  public double drinkMl() {
    return water.drinkMl();
  }

  public Forecast forecast() {
    return basis.forecast();
  }

  public PaceChange change() {
    return basis.change();
  }

  public WaterStory story() {
    return basis.story();
  }

  public Working working() {
    return basis.working();
  }

  private static final Words WORDS = Words.of(WaterOutlook.class);

  public static final int AHEAD = 60;

  /**
   * Looks ahead from what is known.
   *
   * @param demand of a day
   */
  public static WaterOutlook of(
      WaterStory story,
      Holding holding,
      Wish wish,
      LocalDate today,
      ToDoubleFunction<LocalDate> demand) {
    double[] ahead = new double[AHEAD];
    for (int day = 0; day < AHEAD; day++) {
      ahead[day] = demand.applyAsDouble(today.plusDays(day));
    }
    Forecast forecast = Forecast.of(story.now(), ahead, wish.threshold());
    int asked = forecast.dayOf(wish.patience());
    int earliest = earliest(wish, story.last(), today);
    int look = story.told() == 0 ? 0 : asked < 0 ? AHEAD : Math.max(earliest, asked);
    int soon = forecast.dayOf(0.1);
    int late = forecast.dayOf(0.9);
    double ready = forecast.dry()[look];
    int bears = forecast.lastUnder(wish.bears());
    double drink = (1 - forecast.middle()[look]) * holding.availableMl();
    List<Step> steps = new ArrayList<>();
    steps.add(new Step("Left now", percent(story.now().mean()), "of the available water"));
    steps.add(
        new Step(
            "Its pace",
            WORDS.say("pace.a-day", 100 * story.now().pace()),
            WORDS.say("pace.known", 100 * story.now().paceError(), story.told())));
    steps.add(new Step("Demand today", String.format(Locale.ROOT, "%.2f", ahead[0])));
    steps.add(
        new Step(
            "It is watered when",
            wish.label(),
            WORDS.say("wish", 100 * wish.threshold(), wish.harm())));
    steps.add(
        new Step(
            "Look when the chance of that is",
            percent(wish.patience()),
            WORDS.say("ready", 100 * ready)));
    return new WaterOutlook(
        new Days(
            today.plusDays(look),
            today.plusDays(soon < 0 ? AHEAD : soon),
            late < 0 ? null : today.plusDays(late),
            today.plusDays(Math.max(look, bears))),
        new Water(story.now().mean(), ready, drink),
        wish,
        new Basis(
            forecast,
            PaceChange.of(story.now(), story.before()),
            story,
            new Working(
                "Day to look at the pot",
                "first day on which the chance of being dry enough reaches what its wish allows, by a"
                    + " filter over level and pace",
                steps,
                WORDS.say("days-ahead", look),
                "Bucy & Senne 1971 (filter); Allen et al. 1998 (drying); van Genuchten 1980 (pot);"
                    + " wishes by rule of thumb")));
  }

  /**
   * A pot looked at today waits until tomorrow; one in a dry rest is looked at now and then only.
   */
  private static int earliest(Wish wish, LocalDate last, LocalDate today) {
    if (last == null) {
      return 0;
    }
    long since = ChronoUnit.DAYS.between(last, today);
    return (int) Math.max(0, Math.min(wish.waits(), wish.waits() - since));
  }

  private static String percent(double share) {
    return WORDS.say("percent", 100 * share);
  }
}
