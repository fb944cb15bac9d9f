package org.mildlantern.core.placing;

import java.util.List;
import java.util.stream.DoubleStream;
import org.mildlantern.core.light.LightWish;

/**
 * How far a stand is from what a plant wishes, in points: one for half the light that it wishes,
 * for four degrees too cold, seven too warm, or air that is twenty points too dry. Too much light
 * counts half as much again as too little, as it burns at once. Rules of thumb.
 */
public record Misfit(double light, double cold, double heat, double dry) {
  private static final double MOST = 4;
  private static final double BURNS = 1.5;
  private static final double COLD_KELVIN = 4;
  private static final double HEAT_KELVIN = 7;
  private static final double DRY_POINTS = 20;
  private static final double NEXT_TO_NOTHING = 0.02;

  /** Frost for a plant that does not bear it is the end of it. */
  private static final double FROST = 8;

  static Misfit of(Guest guest, Stand stand) {
    double light =
        guest.light() == null
            ? 0
            : stand.light().stream()
                .mapToDouble(dli -> light(guest.light(), dli))
                .average()
                .orElse(0);
    if (guest.bears() == null) {
      return new Misfit(light, 0, 0, 0);
    }
    Guest.Bears bears = guest.bears();
    Stand.Airs air = stand.air();
    return new Misfit(
        light,
        air.coldest() == null ? 0 : cold(bears.coldest(), air.coldest()),
        air.warmest() == null ? 0 : over(air.warmest() - bears.warmest(), HEAT_KELVIN),
        air.humidity() == null ? 0 : over(bears.humidity() - air.humidity(), DRY_POINTS));
  }

  private static double light(LightWish wish, double dli) {
    double some = Math.max(NEXT_TO_NOTHING, dli);
    double off =
        some < wish.low()
            ? log2(wish.low() / some)
            : some > wish.high() ? BURNS * log2(some / wish.high()) : 0;
    return Math.min(MOST, off);
  }

  private static double cold(double bears, double coldest) {
    return over(bears - coldest, COLD_KELVIN) + (coldest <= 0 && bears > 0 ? FROST : 0);
  }

  private static double over(double by, double scale) {
    return Math.min(MOST, Math.max(0, by) / scale);
  }

  private static double log2(double ratio) {
    return Math.log(ratio) / Math.log(2);
  }

  public double points() {
    return DoubleStream.of(light, cold, heat, dry).sum();
  }

  /** What presses most. */
  public Want most() {
    double most = Math.max(Math.max(light, cold), Math.max(heat, dry));
    List<Double> all = List.of(light, cold, heat, dry);
    return most <= 0 ? Want.NOTHING : Want.values()[all.indexOf(most)];
  }

  /** What a plant wants. */
  public enum Want {
    LIGHT,
    WARMTH,
    COOLNESS,
    MOISTURE,
    NOTHING
  }
}
