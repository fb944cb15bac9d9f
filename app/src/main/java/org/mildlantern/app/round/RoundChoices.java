package org.mildlantern.app.round;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.core.reading.Typed;
import org.springframework.stereotype.Component;

/** How the keeper wants the round: how long a day may be, and when a pot needs no look. */
@Component
public class RoundChoices {
  private static final String MINUTES = "round-minutes";
  private static final String UNSEEN = "water-unseen";
  private static final double SHORTEST = 5;
  private static final double LONGEST = 600;

  /** Odds in percent that may be picked. */
  public static final List<Integer> ODDS = List.of(80, 90, 95);

  private final ChoiceService choices;

  RoundChoices(ChoiceService choices) {
    this.choices = choices;
  }

  /** Minutes that a day should take at most, or null for any. */
  public Double mostMinutes() {
    return number(MINUTES).orElse(null);
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
   * @param minutes or null for any
   * @param unseenPercent or null for never
   */
  public void choose(Double minutes, Integer unseenPercent) {
    choices.choose(MINUTES, minutes == null ? "" : minutes.toString());
    choices.choose(UNSEEN, unseenPercent == null ? "" : unseenPercent.toString());
  }
}
