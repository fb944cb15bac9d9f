package org.mildlantern.core.growth;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * Whether a spot is still or spreading, from two measures of the same length.
 *
 * <p>Each measure has a normal error. A spot counts as spreading when it grows faster than {@value
 * #STILL} mm a day, one and a half millimetres a month (rule of thumb). The chance of that is the
 * normal probability that the true difference exceeds what a still spot may gain in the days
 * between.
 *
 * <p>Example: 8 mm, and 14 days later 12 mm, each ± 0.5 mm. The difference is 4 ± 0.7 mm, a still
 * spot may gain 0.7 mm; the chance that it spreads is above 0.999.
 *
 * @param perDay growth in mm a day
 * @param chance probability that it spreads
 */
public record SpotChange(Verdict verdict, double perDay, double chance, Working working) {
  private static final Words WORDS = Words.of(SpotChange.class);

  private static final double STILL = 0.05;
  private static final double SURE = 0.9;

  /** What the two measures say. */
  public enum Verdict {
    STILL("still"),
    SPREADING("spreading"),
    HEALING("smaller than it was"),
    OPEN("cannot tell yet");

    private final String label;

    Verdict(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /**
   * One measure.
   *
   * @param mm length, above 0
   * @param error standard error of the length in mm, above 0
   */
  public record Measure(LocalDate day, double mm, double error) {
    public Measure {
      if (!(mm > 0) || !(error > 0)) {
        throw new IllegalArgumentException("length and error: above zero");
      }
    }
  }

  /**
   * Compares two measures.
   *
   * @throws IllegalArgumentException when the second is not on a later day
   */
  public static SpotChange between(Measure first, Measure second) {
    long days = ChronoUnit.DAYS.between(first.day(), second.day());
    if (days < 1) {
      throw new IllegalArgumentException("the second measure: on a later day");
    }
    double difference = second.mm() - first.mm();
    double error = Math.hypot(first.error(), second.error());
    double gain = STILL * days;
    double chance = normal((difference - gain) / error);
    double shrunk = normal((-difference - gain) / error);
    Verdict verdict =
        chance >= SURE
            ? Verdict.SPREADING
            : shrunk >= SURE ? Verdict.HEALING : chance <= 1 - SURE ? Verdict.STILL : Verdict.OPEN;
    return new SpotChange(
        verdict, difference / days, chance, working(days, difference, error, gain, chance));
  }

  private static Working working(
      long days, double difference, double error, double gain, double chance) {
    return new Working(
        "Still or spreading",
        "normal probability that the difference exceeds what a still spot may gain",
        List.of(
            new Step("Difference", WORDS.say("mm-and-error", difference, error)),
            new Step("Days between", Long.toString(days)),
            new Step("A still spot may gain", WORDS.say("mm", gain), WORDS.say("mm-a-day", STILL))),
        WORDS.say("spreads", Decibans.percent(chance)),
        "error propagation; Abramowitz & Stegun 1964, 26.2.17");
  }

  /**
   * Standard normal distribution function, absolute error under 7.5e-8 (Abramowitz & Stegun 1964,
   * 26.2.17).
   */
  static double normal(double z) {
    if (z < 0) {
      return 1 - normal(-z);
    }
    double t = 1 / (1 + 0.2316419 * z);
    double poly =
        t
            * (0.319381530
                + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
    return 1 - Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI) * poly;
  }
}
