package org.mildlantern.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.knowledge.Advice;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Hold;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * The one change for a suspected cause, as it is right for the plant's way of life on the day.
 *
 * @param advice what to do now, and what must wait
 * @param lookOn the day to look again
 * @param lookWorking how the day was found
 */
public record CarePlan(Advice advice, LocalDate lookOn, Working lookWorking) {
  private static final Words WORDS = Words.of(CarePlan.class);

  /** A plant at rest or in winter answers about half as fast again. Rule of thumb. */
  private static final double SLOW_SEASON = 1.5;

  public Cause cause() {
    return advice.cause();
  }

  public Change change() {
    return advice.change();
  }

  /** What not to do until the look. */
  public List<Hold> holds() {
    return advice.holds();
  }

  /** The plan with the cause's first change. */
  public static CarePlan first(Cause cause, PlantNow plant, LocalDate made, double latitude) {
    return of(cause, plant.lore(made, latitude).first(cause), plant, made, latitude);
  }

  /** The plan with any change, or with what is done here instead of it. */
  public static CarePlan of(
      Cause cause, Change change, PlantNow plant, LocalDate made, double latitude) {
    Lore lore = plant.lore(made, latitude);
    Advice advice =
        plant.inBloom()
            ? lore.adviceInBloom(cause, change, made, latitude)
            : lore.advice(cause, change, made, latitude);
    return of(advice, plant, made, latitude);
  }

  /**
   * Example: a change made on 1 July whose response shows in 14 days on a soft leafy plant is
   * looked at after 28 days on a single-stemmed orchid, whose pace is 2.
   *
   * @param made the day of the change
   */
  private static CarePlan of(Advice advice, PlantNow plant, LocalDate made, double latitude) {
    Cause cause = advice.cause();
    GrowthForm form = plant.kind().form();
    Season season = Season.of(made, latitude);
    boolean slow = plant.slow(made, latitude);
    double pace = paceFor(cause, form);
    double factor = pace * (slow ? SLOW_SEASON : 1);
    int days = Math.max(1, (int) Math.round(cause.showsDays() * factor));
    LocalDate waited = advice.waits() ? advice.later().from() : null;
    LocalDate lookOn = waited == null ? made.plusDays(days) : waited;
    List<Step> steps = new ArrayList<>();
    steps.add(
        new Step(
            "Shows on a soft leafy plant after",
            WORDS.say("days", cause.showsDays()),
            cause.label()));
    steps.add(new Step("Pace of this form", WORDS.say("times", pace), form.label()));
    steps.add(
        new Step(
            "Season",
            WORDS.say("times", slow ? SLOW_SEASON : 1),
            WORDS.say("season", Words.yes(slow), season.id())));
    return new CarePlan(
        advice,
        lookOn,
        new Working(
            "Day to look again",
            "days to show × pace of the form × season",
            steps,
            WORDS.say("days", days),
            "rule of thumb"));
  }

  /**
   * Pests, rots and thirst run at their own speed and not at the plant's, so those looks are not
   * stretched.
   */
  private static double paceFor(Cause cause, GrowthForm form) {
    boolean ownSpeed =
        cause.family().equals("pest") || cause.family().equals("disease") || cause.showsDays() <= 5;
    return ownSpeed ? 1 : form.pace();
  }
}
