package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.mildlantern.core.knowledge.Hazard;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.words.Words;

/**
 * What to wear, how long a room stays shut, and where things go after a visit. General rules of
 * care that labels repeat; the label and local law come before all of it.
 *
 * @param gear what people wear; empty when nothing is needed
 * @param shutHours hours for which people and pets stay out, 0 for none
 * @param lines everything to mind, in the order of doing
 */
public record Safety(List<String> gear, double shutHours, List<String> lines) {
  private static final Words WORDS = Words.of(Safety.class);

  private static final Map<String, String> GEAR =
      Map.of(
          "gloves", "waterproof gloves",
          "goggles", "goggles",
          "mask", "a mask against mist",
          "sleeves", "long sleeves and trousers");

  /** What locking a bottle away is enough for. */
  private static final Set<Hazard> KEPT_LIKE_ALL =
      EnumSet.of(Hazard.SWALLOWED, Hazard.EYES, Hazard.CATS, Hazard.PETS);

  public static Safety of(List<Means> means) {
    Set<String> gear = new LinkedHashSet<>();
    means.forEach(m -> m.use().gear().forEach(g -> gear.add(GEAR.get(g))));
    double shut = means.stream().mapToDouble(m -> m.use().roomsShutHours()).max().orElse(0);
    boolean bottle = means.stream().anyMatch(Means::product);
    List<String> lines = new ArrayList<>();
    if (bottle) {
      lines.add(WORDS.say("safety.law"));
    }
    means.stream()
        .filter(m -> !m.legal().note().isEmpty())
        .forEach(m -> lines.add(WORDS.say("safety.legal", m.label(), m.legal().note())));
    if (!gear.isEmpty()) {
      lines.add(WORDS.say("safety.wear", String.join(", ", gear)));
    }
    if (means.stream().anyMatch(m -> m.use().flammable())) {
      lines.add(WORDS.say("safety.flammable"));
    }
    if (shut > 0) {
      lines.add(WORDS.say("safety.shut", shut));
    }
    if (bottle) {
      lines.add(WORDS.say("safety.mix"));
      lines.add(WORDS.say("safety.plugs"));
    }
    means.stream()
        .filter(m -> m.use().rinseHours() != null)
        .forEach(
            m ->
                lines.add(
                    WORDS.say(
                        "safety.rinse", m.label().toLowerCase(Locale.ROOT), m.use().rinseHours())));
    if (means.stream().anyMatch(m -> m.use().as().equals("cut"))) {
      lines.add(WORDS.say("safety.blade"));
    }
    if (means.stream().anyMatch(m -> m.use().as().equals("bath"))) {
      lines.add(WORDS.say("safety.hot"));
    }
    Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
    means.forEach(m -> hazards.addAll(m.hazards()));
    if (bottle) {
      lines.add(WORDS.say("safety.left-over"));
      lines.add(WORDS.say("safety.ill"));
    }
    hazards.forEach(hazard -> lines.add(WORDS.say("safety.aid." + id(hazard))));
    if (bottle) {
      lines.add(WORDS.say("safety.keep"));
    }
    hazards.stream()
        .filter(hazard -> !KEPT_LIKE_ALL.contains(hazard))
        .forEach(hazard -> lines.add(WORDS.say("safety.keep." + id(hazard))));
    return new Safety(List.copyOf(gear), shut, lines);
  }

  private static String id(Hazard hazard) {
    return hazard.name().toLowerCase(Locale.ROOT);
  }
}
