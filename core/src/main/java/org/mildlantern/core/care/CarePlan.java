package org.mildlantern.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.Hold;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * The one change for a suspected cause.
 *
 * @param change what to do now
 * @param holds what not to do until the look
 * @param lookOn the day to look again
 * @param better what better would look like
 * @param worse what worse would look like
 * @param lookWorking how the day was found
 */
public record CarePlan(
    Cause cause,
    Change change,
    List<Hold> holds,
    LocalDate lookOn,
    String better,
    String worse,
    Working lookWorking) {
  private static final Words WORDS = Words.of(CarePlan.class);

  /** A plant at rest or in winter answers about half as fast again. Rule of thumb. */
  private static final double SLOW_SEASON = 1.5;

  public CarePlan {
    holds = List.copyOf(holds);
  }

  /** The plan with the cause's first change. */
  public static CarePlan first(
      Cause cause, Kind kind, LocalDate made, double latitude, Knowledge knowledge) {
    return of(cause, knowledge.changes().find(cause.change()).orElseThrow(), kind, made, latitude);
  }

  /**
   * The plan with any change.
   *
   * <p>Example: a change made on 1 July whose response shows in 14 days on a soft leafy plant is
   * looked at after 28 days on a single-stemmed orchid, whose pace is 2.
   *
   * @param made the day of the change
   */
  public static CarePlan of(
      Cause cause, Change change, Kind kind, LocalDate made, double latitude) {
    Season season = Season.of(made, latitude);
    boolean slow = season == Season.WINTER || kind.restsIn(season);
    double pace = paceFor(cause, kind);
    double factor = pace * (slow ? SLOW_SEASON : 1);
    int days = Math.max(1, (int) Math.round(cause.showsDays() * factor));
    LocalDate lookOn = made.plusDays(days);
    List<Step> steps = new ArrayList<>();
    steps.add(
        new Step(
            "Shows on a soft leafy plant after",
            WORDS.say("days", cause.showsDays()),
            cause.label()));
    steps.add(new Step("Pace of this form", WORDS.say("times", pace), kind.form().label()));
    steps.add(
        new Step(
            "Season",
            WORDS.say("times", slow ? SLOW_SEASON : 1),
            WORDS.say("season", Words.yes(slow), season.id())));
    return new CarePlan(
        cause,
        change,
        cause.hold(),
        lookOn,
        cause.better(),
        cause.worse(),
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
  private static double paceFor(Cause cause, Kind kind) {
    boolean ownSpeed =
        cause.family().equals("pest") || cause.family().equals("disease") || cause.showsDays() <= 5;
    return ownSpeed ? 1 : kind.form().pace();
  }
}
