package org.mildlantern.core.pest;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.LifeCycle.Phase;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * How long a pest takes from egg to egg in a warmth.
 *
 * <p>A stage that needs K degree-days takes K ÷ (T − lower) days; above the upper limit it goes no
 * faster, at or below the lower one it stands still.
 *
 * <p>Example: spider mites need 58 + 100 + 22 degree-days above 10 °C; at 20 °C that is 18 days.
 *
 * @param days from egg to egg, infinite when nothing develops
 */
public record Generation(double days, Working working) {
  private static final Words WORDS = Words.of(Generation.class);

  /** Degrees that count in a day of a mean temperature, K. */
  public static double degrees(LifeCycle pest, double celsius) {
    return Math.max(0, Math.min(celsius, pest.upper()) - pest.lower());
  }

  public static Generation of(LifeCycle pest, double celsius) {
    double degrees = degrees(pest, celsius);
    List<Step> steps = new ArrayList<>();
    steps.add(
        new Step(
            "Degrees that count",
            WORDS.say("kelvin", degrees),
            WORDS.say("counted", celsius, pest.lower(), pest.upper())));
    double needed = 0;
    for (Phase stage : pest.stages()) {
      needed += stage.degreeDays();
      steps.add(new Step(stage.label(), span(stage.degreeDays(), degrees)));
    }
    needed += pest.adult().before();
    steps.add(new Step("grown, before it lays", span(pest.adult().before(), degrees)));
    double days = needed / degrees;
    return new Generation(
        days,
        new Working(
            "From egg to egg",
            "degree-days of each stage ÷ degrees that count in a day",
            steps,
            Double.isFinite(days) ? WORDS.say("days", Math.round(days)) : "it does not develop",
            WORDS.say("source", pest.species(), String.join("; ", pest.sources()))));
  }

  private static String span(double degreeDays, double degrees) {
    return degrees > 0
        ? WORDS.say("span", degreeDays / degrees, degreeDays)
        : WORDS.say("still", degreeDays);
  }

  /** Days that the first stages before the given one take, from a newly laid egg. */
  public static double daysUntil(LifeCycle pest, String stage, double celsius) {
    double needed = 0;
    for (Phase phase : pest.stages()) {
      if (phase.id().equals(stage)) {
        break;
      }
      needed += phase.degreeDays();
    }
    return needed / degrees(pest, celsius);
  }
}
