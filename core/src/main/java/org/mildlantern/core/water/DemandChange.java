package org.mildlantern.core.water;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.words.Words;

/**
 * How the draw of a place on a pot has changed, and by what: heat and dryness of the air, and
 * light.
 *
 * @param ratio demand now by demand then
 * @param because what moved it by a tenth or more, the strongest first, in words
 */
public record DemandChange(double ratio, List<String> because) {
  private static final Words WORDS = Words.of(DemandChange.class);

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
            WORDS.say(
                "air.heat",
                Words.yes(now.celsius() > then.celsius()),
                now.celsius(),
                then.celsius())));
    parts.add(
        new Part(
            (drier - hotter) / from,
            WORDS.say(
                "air.dryness",
                Words.yes(now.humidity() < then.humidity()),
                now.humidity(),
                then.humidity())));
    parts.add(
        new Part(
            (lighter - drier) / from,
            WORDS.say("air.light", Words.yes(now.dli() > then.dli()), now.dli(), then.dli())));
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
    return because.isEmpty() ? "" : WORDS.say("air.changed", ratio, String.join("; ", because));
  }
}
