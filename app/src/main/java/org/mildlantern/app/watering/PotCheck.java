package org.mildlantern.app.watering;

import java.time.LocalDate;
import org.mildlantern.core.round.WaterCheck;
import org.mildlantern.core.water.Standing;
import org.mildlantern.core.working.Working;

/**
 * When to look at a pot, and what is known of it.
 *
 * @param working of the day, or null when the plant's page shows it
 * @param standing what it stands in or draws from
 */
public record PotCheck(
    Day day, String reason, Working working, Known known, Standing.Kind standing) {
  /**
   * The day, what it counts from, and how far it may be put off.
   *
   * @param since day of the last entry when only its kind's interval is known, or null
   * @param bears last day to which the look may be put off, or null when it may not
   */
  public record Day(LocalDate dueOn, LocalDate since, LocalDate bears) {}

  /**
   * What is known of the pot by its own records.
   *
   * @param chance that it is dry enough, 0 to 1, or null when that is not known
   * @param drinkMl a full drink, or null
   * @param weighed whether a weight tells its water
   */
  public record Known(Double chance, Double drinkMl, boolean weighed) {}

  public LocalDate dueOn() {
    return day.dueOn();
  }

  public LocalDate since() {
    return day.since();
  }

  public LocalDate bears() {
    return day.bears();
  }

  public Double chance() {
    return known.chance();
  }

  public Double drinkMl() {
    return known.drinkMl();
  }

  public boolean weighed() {
    return known.weighed();
  }

  static PotCheck of(WaterCheck check) {
    return new PotCheck(
        new Day(check.dueOn(), check.since(), null),
        check.reason(),
        check.working(),
        new Known(null, null, false),
        Standing.Kind.NONE);
  }

  static PotCheck of(PotState state) {
    return new PotCheck(
        new Day(state.lookOn(), null, state.bears()),
        state.reason(),
        null,
        new Known(state.readyChance(), state.drinkMl(), state.weighed()),
        Standing.Kind.NONE);
  }

  static PotCheck of(Standing.Outlook water, Standing.Kind kind) {
    return new PotCheck(
        new Day(water.lookOn(), null, null),
        "a fifth full by then",
        water.working(),
        new Known(null, null, false),
        kind);
  }
}
