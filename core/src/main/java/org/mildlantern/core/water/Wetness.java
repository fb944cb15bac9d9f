package org.mildlantern.core.water;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.journal.Moisture;

/**
 * How a pot stands and has stood, as its story tells: what a finger would feel today, and for how
 * long it has been dry, or has not been less than half empty.
 *
 * @param now what a finger in the middle would most likely feel
 * @param chance of that, 0 to 1
 * @param dryDays days that it has been dry, when it is
 * @param wetDays days since it was last half empty or given a drink then, when it is not dry
 * @param left expected share of available water left
 */
public record Wetness(Moisture now, double chance, int dryDays, int wetDays, double left) {
  /** Below this share left a finger feels dry, above {@link #WET} wet; as {@link Reading.Felt}. */
  private static final double DRY = 0.28;

  private static final double WET = 0.68;

  /** Half empty: a drink from here on is no drink into a wet pot. Rule of thumb. */
  private static final double HALF = 0.5;

  private static final double SURE = 0.6;
  private static final int FEWEST = 3;

  /** Longest time without an entry after which the story still speaks. Rule of thumb. */
  private static final int STALE_DAYS = 30;

  /** Empty when too little was noted, too long ago, or the filter cannot tell. */
  public static Optional<Wetness> of(WaterStory story, LocalDate today) {
    if (story.told() < FEWEST
        || story.last() == null
        || ChronoUnit.DAYS.between(story.last(), today) > STALE_DAYS) {
      return Optional.empty();
    }
    double dry = story.now().below(DRY);
    double wet = 1 - story.now().below(WET);
    double damp = Math.max(0, 1 - dry - wet);
    double chance = Math.max(dry, Math.max(wet, damp));
    if (chance < SURE) {
      return Optional.empty();
    }
    Moisture now = chance == dry ? Moisture.DRY : chance == wet ? Moisture.WET : Moisture.DAMP;
    return Optional.of(
        new Wetness(
            now,
            chance,
            now == Moisture.DRY ? run(story.trail(), today, 0, DRY) : 0,
            now == Moisture.DRY ? 0 : run(story.trail(), today, HALF, 2),
            story.now().mean()));
  }

  /** Days back from today through which the trail stayed within bounds. */
  private static int run(List<WaterStory.Point> trail, LocalDate today, double from, double to) {
    LocalDate since = today;
    for (int i = trail.size() - 1; i >= 0; i--) {
      WaterStory.Point point = trail.get(i);
      if (point.share() < from || point.share() >= to) {
        break;
      }
      since = point.day();
    }
    return (int) ChronoUnit.DAYS.between(since, today);
  }
}
