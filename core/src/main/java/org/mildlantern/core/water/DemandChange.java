package org.mildlantern.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How the draw of a place on a pot has changed, and by what: heat and dryness of the air, and
 * light.
 *
 * @param ratio demand now by demand then
 * @param because what moved it by a tenth or more, the strongest first, in words
 */
public record DemandChange(double ratio, List<String> because) {
  /** A part that moves the demand by this share is worth a word. Rule of thumb. */
  private static final double NOTABLE = 0.1;

  /**
   * The air and light about a pot on a day.
   *
   * @param celsius air temperature
   * @param humidity relative humidity in %
   * @param dli daily light integral in mol/m²
   */
  public record Air(double celsius, double humidity, double dli) {
    /** Its draw on a pot, 1 for the reference. */
    public double demand() {
      return Demand.of(celsius, humidity, dli).value();
    }
  }

  private record Part(double share, String words) {}

  /** Changes one thing after the other, heat, dryness, light, and notes what each adds. */
  public static DemandChange of(Air then, Air now) {
    double from = then.demand();
    double hotter = new Air(now.celsius(), then.humidity(), then.dli()).demand();
    double drier = new Air(now.celsius(), now.humidity(), then.dli()).demand();
    double lighter = now.demand();
    List<Part> parts = new ArrayList<>();
    parts.add(
        new Part(
            (hotter - from) / from,
            String.format(
                Locale.ROOT,
                "%s, %.0f °C after %.0f °C",
                now.celsius() > then.celsius() ? "warmer" : "colder",
                now.celsius(),
                then.celsius())));
    parts.add(
        new Part(
            (drier - hotter) / from,
            String.format(
                Locale.ROOT,
                "%s air, %.0f %% after %.0f %%",
                now.humidity() < then.humidity() ? "drier" : "damper",
                now.humidity(),
                then.humidity())));
    parts.add(
        new Part(
            (lighter - drier) / from,
            String.format(
                Locale.ROOT,
                "%s, %.1f mol a day after %.1f",
                now.dli() > then.dli() ? "more light" : "less light",
                now.dli(),
                then.dli())));
    return new DemandChange(
        lighter / from,
        parts.stream()
            .filter(part -> Math.abs(part.share()) >= NOTABLE)
            .sorted((a, b) -> Double.compare(Math.abs(b.share()), Math.abs(a.share())))
            .map(Part::words)
            .toList());
  }

  /** In the keeper's words; empty when nothing moved it. */
  public String words() {
    return because.isEmpty()
        ? ""
        : String.format(
            Locale.ROOT,
            "Its place draws %.1f times what it did five weeks ago: %s.",
            ratio,
            String.join("; ", because));
  }
}
