package org.mildlantern.core.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.pest.Generation;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * How long a plant stands apart.
 *
 * <p>By one school a fixed time, by the other one full generation of its pest at the place's warmth
 * with a third added; by default the longer of the two. It is counted from the beginning or from
 * the last find, whichever is later, so that a new find starts it again.
 *
 * <p>Example: spider mites at 19 °C take 20 days, with a third 27; the fixed four weeks are longer.
 *
 * @param since the day from which it counts
 * @param reset whether a find has started it again
 * @param clearOn the day on which it may leave if nothing is found until then
 */
public record Quarantine(
    LocalDate since, boolean reset, int days, LocalDate clearOn, Working working) {
  private static final Words WORDS = Words.of(Quarantine.class);

  /** The fixed time of the school of fixed days, in days. Rule of thumb. */
  public static final int FIXED_DAYS = 28;

  private static final double MARGIN = 4.0 / 3;

  /** Longest wait that is worked out; colder places would make it endless. */
  private static final int LONGEST = 365;

  /** The schools. */
  public enum Rule {
    LONGER("the longer of the two"),
    FIXED("fixed days, started again by each find"),
    GENERATION("one full generation at the room's warmth");

    private final String label;

    Rule(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** By the default school, the longer of the two. */
  public static Quarantine of(LocalDate began, LocalDate lastFind, LifeCycle pest, double celsius) {
    return of(began, lastFind, pest, celsius, Rule.LONGER);
  }

  /**
   * Works out the time. Where no life cycle is known the fixed time stands for every school.
   *
   * @param lastFind day of the last find, or null
   * @param pest what it has, or null when nothing was found or its life is not known
   */
  public static Quarantine of(
      LocalDate began, LocalDate lastFind, LifeCycle pest, double celsius, Rule rule) {
    boolean reset = lastFind != null && lastFind.isAfter(began);
    LocalDate since = reset ? lastFind : began;
    List<Step> steps = new ArrayList<>();
    steps.add(new Step("Fixed time", WORDS.say("days", FIXED_DAYS), "four weeks, rule of thumb"));
    int days = FIXED_DAYS;
    if (pest != null && rule != Rule.FIXED) {
      double generation = Generation.of(pest, celsius).days();
      int full = (int) Math.min(LONGEST, Math.ceil(generation * MARGIN));
      steps.add(
          new Step(
              "One generation and a third",
              WORDS.say("days", full),
              WORDS.say("at-celsius", pest.species(), celsius)));
      days = rule == Rule.GENERATION ? full : Math.max(days, full);
    }
    steps.add(new Step(reset ? "Counted from the last find" : "Counted from", since.toString()));
    LocalDate clear = since.plusDays(days);
    return new Quarantine(
        since,
        reset,
        days,
        clear,
        new Working(
            "Quarantine",
            rule == Rule.LONGER
                ? "the longer of a fixed time and one full generation with a third added"
                : rule.label(),
            steps,
            clear.toString(),
            "degree-days of the pest; margin and fixed time are rules of thumb"));
  }

  /** Days still to wait; 0 once it may leave. */
  public int daysLeft(LocalDate today) {
    return (int) Math.max(0, ChronoUnit.DAYS.between(today, clearOn));
  }

  /** The share of the time that has passed, 0 to 1. */
  public double passed(LocalDate today) {
    return Math.min(1, (double) ChronoUnit.DAYS.between(since, today) / days);
  }
}
