package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.mildlantern.core.knowledge.Means;

/**
 * What to wear, how long a room stays shut, and where things go after a visit. General rules of
 * care that labels repeat; the label and local law come before all of it.
 *
 * @param gear what people wear; empty when nothing is needed
 * @param shutHours hours for which people and pets stay out, 0 for none
 * @param lines everything to mind, in the order of doing
 */
public record Safety(List<String> gear, double shutHours, List<String> lines) {
  private static final Map<String, String> GEAR =
      Map.of(
          "gloves", "waterproof gloves",
          "goggles", "goggles",
          "mask", "a mask against mist",
          "sleeves", "long sleeves and trousers");

  public static Safety of(List<Means> means) {
    Set<String> gear = new LinkedHashSet<>();
    means.forEach(m -> m.use().gear().forEach(g -> gear.add(GEAR.get(g))));
    double shut = means.stream().mapToDouble(m -> m.use().roomsShutHours()).max().orElse(0);
    boolean bottle = means.stream().anyMatch(Means::product);
    List<String> lines = new ArrayList<>();
    if (bottle) {
      lines.add(
          "The label and the law where you live come first; where they differ from this, they are right.");
    }
    means.stream()
        .filter(m -> !m.legal().note().isEmpty())
        .forEach(m -> lines.add(m.label() + " " + m.legal().note() + "."));
    if (!gear.isEmpty()) {
      lines.add("Wear " + String.join(", ", gear) + ".");
    }
    if (means.stream().anyMatch(m -> m.use().flammable())) {
      lines.add(
          "Flammable: no flame, no spark, no hot lamp; an open window; a small cup, not the bottle.");
    }
    if (shut > 0) {
      lines.add(
          String.format(
              Locale.ROOT,
              "Window open while you work; people, children and pets out until it is dry, %.0f hours at least.",
              shut));
    }
    if (bottle) {
      lines.add(
          "Mix only what today needs, in a vessel that never holds food; never two products in one.");
      lines.add("Lamps, fans and plugs off and dry before you spray.");
    }
    means.stream()
        .filter(m -> m.use().rinseHours() != null)
        .forEach(
            m ->
                lines.add(
                    String.format(
                        Locale.ROOT,
                        "Rinse %s off with clear water after %.0f hours.",
                        m.label().toLowerCase(Locale.ROOT),
                        m.use().rinseHours())));
    if (means.stream().anyMatch(m -> m.use().as().equals("cut"))) {
      lines.add(
          "Clean the blade after each cut; cuttings into a closed bag and the bin, never the compost.");
    }
    if (means.stream().anyMatch(m -> m.use().as().equals("bath"))) {
      lines.add("Hot water: measure with a thermometer, and lift with both hands.");
    }
    if (bottle) {
      lines.add(
          "Left over: spread it on the plants treated, never down a drain; old bottles to the hazardous waste.");
      lines.add(
          "Keep it in its own bottle, locked away, dry and free of frost. Wash hands and sleeves.");
    }
    return new Safety(List.copyOf(gear), shut, lines);
  }
}
