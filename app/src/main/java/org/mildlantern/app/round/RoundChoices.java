package org.mildlantern.app.round;

import java.time.DayOfWeek;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Typed;
import org.mildlantern.core.round.DayTimes;
import org.springframework.stereotype.Component;

/** How the keeper wants the round: how long a day may be, and when a pot needs no look. */
@Component
public class RoundChoices {
  private static final String MINUTES = "round-minutes";
  private static final String DAYS = "round-days";
  private static final String UNSEEN = "water-unseen";
  private static final double SHORTEST = 5;
  private static final double LONGEST = 600;

  /** Odds in percent that may be picked. */
  public static final List<Integer> ODDS = List.of(80, 90, 95);

  private final ChoiceService choices;

  RoundChoices(ChoiceService choices) {
    this.choices = choices;
  }

  /** Minutes that days should take at most. */
  public DayTimes times() {
    return new DayTimes(
        number(MINUTES).orElse(null), DayTimes.named(choices.all().getOrDefault(DAYS, "")));
  }

  /** Minutes of the days of a week from Monday on, as they are typed; empty for those not named. */
  public List<String> weekdays() {
    Map<DayOfWeek, Double> named = times().named();
    return Arrays.stream(DayOfWeek.values())
        .map(day -> named.containsKey(day) ? Figures.plain(named.get(day)) : "")
        .toList();
  }

  /**
   * Minutes of one day of the week as typed; 0 is a day without time.
   *
   * @throws IllegalArgumentException when they are none or out of range
   */
  public static double dayMinutes(String typed) {
    return Typed.decimal(typed)
        .filter(minutes -> minutes >= 0 && minutes <= LONGEST)
        .orElseThrow(() -> new IllegalArgumentException(typed));
  }

  /** The chance from which a pot is watered without a look, 0 to 1; empty for never. */
  public Optional<Double> unseen() {
    return number(UNSEEN).map(percent -> percent / 100);
  }

  /** The same in percent, or null for never. */
  public Integer unseenPercent() {
    return number(UNSEEN).map(Double::intValue).orElse(null);
  }

  /** Minutes as typed; null when they are none or out of range. */
  public static Double minutes(String typed) {
    return Typed.decimal(typed)
        .filter(minutes -> minutes >= SHORTEST && minutes <= LONGEST)
        .orElse(null);
  }

  /** Odds as picked; null for never. */
  public static Integer percent(String picked) {
    return ODDS.stream().filter(p -> p.toString().equals(picked)).findFirst().orElse(null);
  }

  private Optional<Double> number(String topic) {
    Map<String, String> all = choices.all();
    return Optional.ofNullable(all.get(topic)).filter(c -> !c.isEmpty()).map(Double::valueOf);
  }

  /**
   * Keeps them.
   *
   * @param unseenPercent or null for never
   */
  public void choose(DayTimes times, Integer unseenPercent) {
    choices.choose(MINUTES, times.any() == null ? "" : times.any().toString());
    choices.choose(DAYS, times.text());
    choices.choose(UNSEEN, unseenPercent == null ? "" : unseenPercent.toString());
  }
}
