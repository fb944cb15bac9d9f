package org.mildlantern.app.light;

import java.util.List;
import org.mildlantern.core.air.Air;
import org.mildlantern.core.air.ColdPane;
import org.mildlantern.core.air.Nearby;
import org.mildlantern.core.chance.Normal;
import org.mildlantern.core.light.FloorPlan;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.light.Setting;

/**
 * What warms, cools or blows at a stand.
 *
 * @param things in the room, with how far off they are
 * @param panes before which it stands
 */
public record Felt(List<Thing> things, List<Pane> panes) {
  /** A plant that is colder than the room by so much on a cold night stands at cold glass, K. */
  private static final double COLD_GLASS = 3;

  /** How far the warmth of a leaf may be off, where its pane was worked out and where read, K. */
  private static final double WORKED_OUT = 1.5;

  private static final double READ = 0.8;

  record Thing(Nearby kind, double metres) {}

  record Pane(Glass glass, double metres) {}

  static Felt of(Drawn drawn, List<ThingForm> things, FloorPlan.Point at) {
    return new Felt(
        things.stream()
            .map(t -> new Thing(t.kind(), at.away(drawn.plan().at(t.wall(), t.along() / 100))))
            .toList(),
        drawn.seenFrom(at).stream()
            .filter(Felt::isBefore)
            .map(seen -> new Pane(seen.window().glass(), seen.from().distance()))
            .toList());
  }

  private static boolean isBefore(Setting.Seen seen) {
    return Math.abs(seen.from().side()) <= seen.window().width() / 2 + seen.from().distance();
  }

  /** Whether anything was said of what stands in the room. */
  public boolean known() {
    return !things.isEmpty();
  }

  public boolean heated() {
    return things.stream().anyMatch(thing -> thing.kind().heats(thing.metres()));
  }

  public boolean blown() {
    return things.stream().anyMatch(thing -> thing.kind().blows(thing.metres()));
  }

  /** How warm it gets there in a night, °C. */
  public double night(double indoors, double outdoors) {
    return panes.stream()
        .mapToDouble(pane -> new ColdPane(indoors, outdoors, pane.glass()).at(pane.metres()))
        .min()
        .orElse(indoors);
  }

  /** Humidity there while the heating is on, %, in a room of a warmth and a humidity. */
  public double humidity(double celsius, double humidity) {
    Air room = new Air(celsius, Math.max(1, humidity));
    return things.stream()
        .mapToDouble(thing -> thing.kind().at(room, thing.metres()).humidity())
        .min()
        .orElse(humidity);
  }

  /**
   * The chance that it stands at cold glass in such a night.
   *
   * @param read the coldest that its pane was read, °C, or null
   */
  public double atColdGlass(double indoors, double outdoors, Double read) {
    double leaf =
        read == null
            ? night(indoors, outdoors)
            : panes.stream()
                .mapToDouble(
                    pane -> ColdPane.before(indoors, Math.min(indoors, read), pane.metres()))
                .min()
                .orElse(indoors);
    return panes.isEmpty()
        ? 0
        : Normal.below((indoors - COLD_GLASS - leaf) / (read == null ? WORKED_OUT : READ));
  }
}
