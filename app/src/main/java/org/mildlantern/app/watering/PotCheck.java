package org.mildlantern.app.watering;

import java.time.LocalDate;
import org.mildlantern.core.round.WaterCheck;
import org.mildlantern.core.water.Standing;
import org.mildlantern.core.working.Working;

/**
 * When to look at a pot, and what is known of it.
 *
 * @param since day of the last entry when only its kind's interval is known, or null
 * @param working of the day, or null when the plant's page shows it
 * @param bears last day to which the look may be put off, or null when it may not
 * @param chance that it is dry enough, 0 to 1, or null when that is not known
 * @param drinkMl a full drink, or null
 * @param weighed whether a weight tells its water
 * @param standing what it stands in or draws from
 */
public record PotCheck(
    LocalDate dueOn,
    LocalDate since,
    String reason,
    Working working,
    LocalDate bears,
    Double chance,
    Double drinkMl,
    boolean weighed,
    Standing.Kind standing) {

  static PotCheck of(WaterCheck check) {
    return new PotCheck(
        check.dueOn(),
        check.since(),
        check.reason(),
        check.working(),
        null,
        null,
        null,
        false,
        Standing.Kind.NONE);
  }

  static PotCheck of(PotState state) {
    return new PotCheck(
        state.lookOn(),
        null,
        state.reason(),
        null,
        state.bears(),
        state.readyChance(),
        state.drinkMl(),
        state.weighed(),
        Standing.Kind.NONE);
  }

  static PotCheck of(Standing.Outlook water, Standing.Kind kind) {
    return new PotCheck(
        water.lookOn(),
        null,
        "a fifth full by then",
        water.working(),
        null,
        null,
        null,
        false,
        kind);
  }
}
