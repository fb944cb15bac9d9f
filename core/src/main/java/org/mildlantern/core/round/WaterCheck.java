package org.mildlantern.core.round;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * When to look at a pot again. It is a day to look, never an order to water.
 *
 * <p>A simple interval by kind, season and last entry (rule of thumb); it holds until the pot's own
 * pace is known.
 *
 * @param dueOn the day to look
 * @param since the day of the last entry about water, or null when there is none
 * @param reason in the keeper's words
 */
public record WaterCheck(LocalDate dueOn, LocalDate since, String reason, Working working) {
  private static final Words WORDS = Words.of(WaterCheck.class);

  /** What the last entry about water said. */
  public enum LastSeen {
    NOTHING,
    WATERED,
    DRY,
    DAMP,
    WET,
    SKIPPED
  }

  /**
   * The next look.
   *
   * @param resting whether it rests, by what was noted or by the calendar
   * @param last what the last entry said
   * @param on the day of the last entry, or of arrival when there is none
   * @param latitude degrees, north positive, for the season
   */
  public static WaterCheck next(
      Kind kind, boolean resting, LastSeen last, LocalDate on, double latitude) {
    int interval = kind.habits().checkDaysOn(on, latitude, resting);
    int days =
        switch (last) {
          case NOTHING -> 0;
          case WATERED -> interval;
          case WET -> Math.max(1, (int) Math.ceil(interval * 0.7));
          case DAMP -> Math.max(1, (int) Math.ceil(interval * 0.4));
          case DRY, SKIPPED -> 1;
        };
    List<Step> steps = new ArrayList<>();
    steps.add(
        new Step(
            WORDS.say("interval", Words.yes(resting), Season.of(on, latitude).id()),
            WORDS.say("days", interval),
            kind.taxon().isPresent() ? kind.name() : WORDS.say("usual", kind.name())));
    steps.add(
        new Step("Last entry", last.name().toLowerCase(java.util.Locale.ROOT), on.toString()));
    return new WaterCheck(
        on.plusDays(days),
        last == LastSeen.NOTHING ? null : on,
        reason(last),
        new Working(
            "Day to look at the pot",
            "last entry + interval; × 0.7 if it was wet, × 0.4 if damp, next day if dry",
            steps,
            WORDS.say("after", days),
            "rule of thumb"));
  }

  private static String reason(LastSeen last) {
    return switch (last) {
      case NOTHING -> "nothing noted yet";
      case WATERED -> "watered";
      case DRY -> "was dry and not watered";
      case DAMP -> "was damp";
      case WET -> "was wet enough";
      case SKIPPED -> "was skipped";
    };
  }
}
