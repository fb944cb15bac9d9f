package org.mildlantern.core.repot;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.Repotting;
import org.mildlantern.core.season.StageOdds;

/**
 * Whether a plant is repotted, when, and why: reasons add up to odds that fresh medium does it more
 * good than harm this year, and what holds it back decides when. “Not this year” is an answer.
 *
 * <p>Example: bark at its full life, nothing else seen, gives 75 %; with a sour smell 97 %.
 *
 * @param odds on the day that it would be done, 0 to 1
 * @param reasons the strongest first; those that add nothing are left out
 * @param on the day from which it is done; today for what waits no longer, null for never and where
 *     no day within a year would do
 * @param holds what speaks against today
 */
public record RepotDecision(
    Answer answer, double odds, List<Reason> reasons, LocalDate on, Set<Hold> holds) {

  /** What is to be done. */
  public enum Answer {
    /** Roots die: it is done whatever the season. */
    AT_ONCE,
    NOW,
    LATER,
    NOT_THIS_YEAR,
    /** Its kind is raised anew in place of that. */
    NEVER,
    /** Roots die, but baring them now would kill it. */
    WAIT_AND_SHELTER
  }

  /** What speaks against a day. */
  public enum Hold {
    BLOOM,
    REST,
    SEASON,
    WEAK,
    QUARANTINE,
    NEW,
    /** A tree that had a heavy work within the year. */
    WORKED
  }

  private static final double BASE = -2.6;
  private static final double EVEN = 0.5;
  private static final int SETTLES_DAYS = 21;
  private static final int LONGEST_DAYS = 400;
  private static final int RECOVERS_DAYS = 180;
  private static final double A_YEAR = 365.25;

  /**
   * The year of the plant as it is.
   *
   * @param noted a stage that was noted, or null
   */
  public record Year(Course course, double latitude, StageOdds.Place place, StageOdds.Noted noted) {
    Repotting on(LocalDate day) {
      return Repotting.of(course, day, latitude, place, noted);
    }
  }

  /**
   * How a medium ages.
   *
   * @param used share of its life by today; null where its age is not known
   * @param lifeYears that it lasts
   */
  public record Medium(Double used, double lifeYears) {
    private double on(long daysAhead) {
      return used + daysAhead / (lifeYears * A_YEAR);
    }
  }

  /**
   * Decides.
   *
   * @param rhythm of its kind, or null
   * @param seen what speaks for fresh medium, but for its age
   * @param kept what speaks against it that the calendar does not tell
   */
  public static RepotDecision of(
      Year year, Rhythm rhythm, Medium medium, List<Reason> seen, Set<Hold> kept, LocalDate today) {
    boolean tight = rhythm != null && rhythm.tight();
    List<Reason> reasons = seen.stream().map(reason -> tight ? reason.tight() : reason).toList();
    if (rhythm != null && rhythm.never()) {
      List<Reason> all = all(reasons, medium, 0);
      return new RepotDecision(Answer.NEVER, odds(all), strongest(all), null, kept);
    }
    if (seen.isEmpty() && odds(all(reasons, medium, LONGEST_DAYS)) < EVEN) {
      List<Reason> all = all(reasons, medium, 0);
      return new RepotDecision(Answer.NOT_THIS_YEAR, odds(all), strongest(all), null, kept);
    }
    Repotting now = year.on(today);
    EnumSet<Hold> holds = EnumSet.noneOf(Hold.class);
    holds.addAll(kept);
    holds.addAll(ofYear(now, year, today));
    List<Reason> all = all(reasons, medium, 0);
    double odds = odds(all);
    if (seen.stream().anyMatch(reason -> reason.why() == Reason.Why.ROOTS_ROTTEN)) {
      boolean kills = year.course().bareRootsKill() && now.now() != Repotting.Now.YES;
      return new RepotDecision(
          kills ? Answer.WAIT_AND_SHELTER : Answer.AT_ONCE,
          odds,
          strongest(all),
          kills ? now.notBefore() : today,
          holds);
    }
    if (odds >= EVEN && holds.isEmpty()) {
      return new RepotDecision(Answer.NOW, odds, strongest(all), today, holds);
    }
    LocalDate on =
        holds.contains(Hold.WORKED)
            ? today.plusDays(RECOVERS_DAYS)
            : holds.contains(Hold.NEW) ? today.plusDays(SETTLES_DAYS) : today;
    on = year.on(on).notBefore();
    List<Reason> then = all(reasons, medium, ChronoUnit.DAYS.between(today, on));
    double later = odds(then);
    return new RepotDecision(
        later >= EVEN ? Answer.LATER : Answer.NOT_THIS_YEAR, later, strongest(then), on, holds);
  }

  private static Set<Hold> ofYear(Repotting now, Year year, LocalDate today) {
    if (now.now() == Repotting.Now.YES) {
      return Set.of();
    }
    StageOdds odds =
        StageOdds.of(year.course(), today, year.latitude(), year.place(), year.noted());
    return Set.of(
        switch (odds.likeliest()) {
          case BUD, FLOWER -> Hold.BLOOM;
          case REST, CHILL ->
              year.course().rest() == Course.RestKind.NONE ? Hold.SEASON : Hold.REST;
          default -> Hold.SEASON;
        });
  }

  private static List<Reason> all(List<Reason> seen, Medium medium, long daysAhead) {
    List<Reason> all = new ArrayList<>(seen);
    if (medium.used() != null) {
      all.add(Reason.used(medium.on(daysAhead)));
    }
    return all;
  }

  private static double odds(List<Reason> reasons) {
    double sum = BASE + reasons.stream().mapToDouble(Reason::logOdds).sum();
    return 1 / (1 + Math.exp(-sum));
  }

  private static List<Reason> strongest(List<Reason> reasons) {
    return reasons.stream()
        .filter(reason -> reason.logOdds() > 0)
        .sorted(Comparator.comparingDouble(Reason::logOdds).reversed())
        .toList();
  }
}
