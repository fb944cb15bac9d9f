package org.mildlantern.core.feed;

import java.time.LocalDate;

/**
 * Whether a plant is fed on a day, and how strongly.
 *
 * @param why what speaks for it or against
 * @param ppm nitrogen in the can; 0 where it is not fed
 * @param next the day from which it is fed again, where only time keeps it off; else null
 */
public record FeedCheck(Why why, double ppm, LocalDate next) {
  /** Roots of tender kinds take up little below this, °C, those of hardy ones below the other. */
  private static final double COLD = 13;

  private static final double COLD_HARDY = 7;
  private static final double HARDY = 2;

  /** A can of less is not worth carrying. */
  private static final double LEAST = 10;

  /** What speaks for or against a feed. */
  public enum Why {
    FEED,
    /** By its traps, or not at all. */
    NOT_AT_THE_ROOTS,
    UNKNOWN_KIND,
    AT_REST,
    /** What it takes up now would disturb its rest. */
    BEFORE_REST,
    /** There is too much in its pot already. */
    SALTY,
    /** It is ill, or its roots are lost. */
    WEAK,
    FRESHLY_REPOTTED,
    SEEDLING,
    COLD,
    OUT_OF_SEASON,
    FED_LATELY
  }

  /**
   * What is known of a plant.
   *
   * @param kindKnown whether its kind is known, and not its form alone
   * @param restsSoon whether its rest begins within weeks
   * @param strength 0 to 1, how much of what its way of life takes it takes
   * @param freshlyRepotted whether it is still spared feed after its repotting
   * @param celsius usual air where it stands
   * @param coldest night that it bears, °C
   * @param daysSinceFeed null where none was noted
   * @param wateredEvery days between its waterings
   */
  public record Plant(
      boolean kindKnown,
      boolean resting,
      boolean weak,
      boolean seedling,
      boolean restsSoon,
      double strength,
      boolean freshlyRepotted,
      double celsius,
      double coldest,
      Integer daysSinceFeed,
      int wateredEvery) {}

  public static FeedCheck of(Programme programme, Plant plant, LocalDate day, double latitude) {
    Why not = against(programme, plant, day, latitude);
    if (not != null) {
      return new FeedCheck(not, 0, null);
    }
    double ppm = programme.nitrogen(plant.strength);
    int every = programme.daysBetween(plant.wateredEvery);
    if (plant.daysSinceFeed != null && plant.daysSinceFeed < every) {
      return new FeedCheck(Why.FED_LATELY, 0, day.plusDays(every - plant.daysSinceFeed));
    }
    return new FeedCheck(Why.FEED, Math.max(LEAST, ppm), null);
  }

  private static Why against(Programme programme, Plant plant, LocalDate day, double latitude) {
    if (!programme.roots()) {
      return Why.NOT_AT_THE_ROOTS;
    }
    if (!plant.kindKnown) {
      return Why.UNKNOWN_KIND;
    }
    if (plant.resting) {
      return Why.AT_REST;
    }
    if (plant.restsSoon) {
      return Why.BEFORE_REST;
    }
    if (plant.weak) {
      return Why.WEAK;
    }
    if (plant.freshlyRepotted) {
      return Why.FRESHLY_REPOTTED;
    }
    if (plant.seedling) {
      return Why.SEEDLING;
    }
    if (programme.months() != null && !programme.months().contain(day, latitude)) {
      return Why.OUT_OF_SEASON;
    }
    return plant.celsius < (plant.coldest <= HARDY ? COLD_HARDY : COLD) ? Why.COLD : null;
  }
}
