package org.mildlantern.core.air;

import java.time.LocalDate;
import java.util.Optional;
import org.mildlantern.core.chance.Normal;
import org.mildlantern.core.knowledge.Taxon;

/**
 * The nights and days ahead where a plant stands, beside what it bears. Rules of thumb.
 *
 * @param open whether it stands in the open
 */
public record Nights(boolean open) {
  /** A heated room is so much cooler at night, K. */
  public static final double HEATED_ROOM = 2;

  /** Rooms are heated while the mean of the day outdoors is below this, °C. */
  private static final double HEATING_BELOW = 13;

  /** People differ in when they turn it on by so much, K. */
  private static final double HEATING_SPREAD = 3;

  /** Chance from which it is time to act. */
  private static final double ACT = 0.25;

  /** A room that was noted as cold as this is not heated, °C. */
  private static final double UNHEATED = 5;

  /** It is so much warmer there at night than outdoors, K. */
  private static final double SHELTER = 4;

  /** A day hotter than a kind wishes by so much is too hot in the open, K. */
  private static final double HOT = 4;

  /** What is too much for a plant. */
  public enum Harm {
    COLD,
    HEAT
  }

  /**
   * What a day does to a plant.
   *
   * @param expected low or high where it stands, °C
   * @param bears °C
   * @param chance that it goes beyond what the plant bears, 0 to 1
   */
  public record Danger(Harm harm, double expected, double bears, double chance) {}

  /**
   * Where the weather reaches plants.
   *
   * @param coldest of the room as it was noted, °C, or null
   * @return empty in a heated room
   */
  public static Optional<Nights> at(boolean open, Double coldest) {
    return open || coldest != null && coldest <= UNHEATED
        ? Optional.of(new Nights(open))
        : Optional.empty();
  }

  /** The chance that rooms are heated on a day of such a mean outdoors, °C. */
  public static double heating(double outdoors) {
    return Normal.below((HEATING_BELOW - outdoors) / HEATING_SPREAD);
  }

  /** Whether a day, or the night before it, is too much for a kind. */
  public Optional<Danger> of(Taxon taxon, Forecast.Day day, LocalDate today) {
    double shelter = open ? 0 : SHELTER;
    double bears = ColdBorne.night(taxon);
    double cold = Forecast.below(bears - shelter, day, today);
    if (cold >= ACT) {
      return Optional.of(new Danger(Harm.COLD, day.low() + shelter, bears, cold));
    }
    double most = taxon.warmestWished() + HOT;
    double hot = open ? Forecast.above(most, day, today) : 0;
    return hot >= ACT
        ? Optional.of(new Danger(Harm.HEAT, day.high(), most, hot))
        : Optional.empty();
  }
}
