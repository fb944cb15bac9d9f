package org.mildlantern.core.round;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How long a keeper takes at a stop of the round, learned from the times between answers.
 *
 * <p>The mean of the times noted, with a first guess that weighs as much as {@value #GUESS_WEIGHT}
 * of them. A time counts when it is longer than a few seconds, since answers given in one go tell
 * nothing, and shorter than ten minutes, since longer ones are a pause (rules of thumb).
 */
public final class Minutes {

  /** Kinds of stops, each with a first guess in minutes. Rule of thumb. */
  public enum Stop {
    POT(1),
    LOOK(3),
    TREAT(6);

    private final double guess;

    Stop(double guess) {
      this.guess = guess;
    }

    public double guess() {
      return guess;
    }
  }

  /** An answer on a round. */
  public record Answered(Stop stop, Instant at) {}

  private static final int GUESS_WEIGHT = 8;
  private static final Duration SHORTEST = Duration.ofSeconds(4);
  private static final Duration LONGEST = Duration.ofMinutes(10);

  private final Map<Stop, Double> minutes = new EnumMap<>(Stop.class);
  private final Map<Stop, Integer> counted = new EnumMap<>(Stop.class);

  private Minutes() {}

  /**
   * Learns from answers.
   *
   * @param answers in the order of their times
   */
  public static Minutes learn(List<Answered> answers) {
    Minutes learned = new Minutes();
    Map<Stop, Double> sum = new EnumMap<>(Stop.class);
    for (int i = 1; i < answers.size(); i++) {
      Duration gap = Duration.between(answers.get(i - 1).at(), answers.get(i).at());
      if (gap.compareTo(SHORTEST) >= 0 && gap.compareTo(LONGEST) <= 0) {
        Stop stop = answers.get(i).stop();
        sum.merge(stop, gap.toMillis() / 60_000.0, Double::sum);
        learned.counted.merge(stop, 1, Integer::sum);
      }
    }
    for (Stop stop : Stop.values()) {
      double all = stop.guess() * GUESS_WEIGHT + sum.getOrDefault(stop, 0.0);
      learned.minutes.put(stop, all / (GUESS_WEIGHT + learned.counted(stop)));
    }
    return learned;
  }

  /** Minutes at a stop of the kind. */
  public double at(Stop stop) {
    return minutes.get(stop);
  }

  /** Times that it was learned from. */
  public int counted(Stop stop) {
    return counted.getOrDefault(stop, 0);
  }
}
