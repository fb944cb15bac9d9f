package org.mildlantern.core.knowledge;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * How media hold water, how much growth forms draw and why that changes, loaded once and immutable.
 */
public final class Media {
  private final Map<String, Retention> components = new LinkedHashMap<>();
  private final Map<String, Recipe> recipes = new LinkedHashMap<>();
  private final Map<String, Double> thirsts = new LinkedHashMap<>();

  private final List<PaceReason> reasons;

  private record Thirst(String id, double thirst) {}

  /**
   * A medium's recipe.
   *
   * @param parts parts by volume of each component
   */
  public record Recipe(String id, Map<String, Double> parts) {}

  private Media(Knowledge knowledge, KnowledgeReader reader) {
    reader
        .entries("water/components.yaml", "retentions", Retention.class)
        .forEach(c -> components.put(c.id(), c));
    reader
        .entries("water/recipes.yaml", "recipes", Recipe.class)
        .forEach(r -> recipes.put(r.id(), r));
    reader
        .entries("water/thirst.yaml", "thirsts", Thirst.class)
        .forEach(t -> thirsts.put(t.id(), t.thirst()));
    reasons = List.copyOf(reader.entries("water/signals.yaml", "signals", PaceReason.class));
    List<String> faults = new ArrayList<>(reader.faults());
    for (PaceReason reason : reasons) {
      String where = "water/signals.yaml: " + reason.id() + ": ";
      reason.context().keySet().stream()
          .filter(id -> knowledge.condition(id).isEmpty())
          .forEach(id -> faults.add(where + "context: no condition " + id));
      if (reason.cause() != null && knowledge.cause(reason.cause()).isEmpty()) {
        faults.add(where + "cause: no such cause");
      }
    }
    knowledge.forms().stream()
        .filter(form -> !thirsts.containsKey(form.id()))
        .forEach(form -> faults.add("water/thirst.yaml: " + form.id() + ": is missing"));
    for (Recipe recipe : recipes.values()) {
      if (knowledge.medium(recipe.id()).isEmpty()) {
        faults.add("water/recipes.yaml: " + recipe.id() + ": id: no such medium");
      }
      recipe.parts().keySet().stream()
          .filter(part -> !components.containsKey(part))
          .forEach(
              part ->
                  faults.add(
                      "water/recipes.yaml: " + recipe.id() + ": parts: no component " + part));
    }
    knowledge.media().stream()
        .filter(medium -> !recipes.containsKey(medium.id()))
        .forEach(medium -> faults.add("water/recipes.yaml: " + medium.id() + ": is missing"));
    if (!faults.isEmpty()) {
      throw new KnowledgeException(faults);
    }
  }

  /**
   * Loads the shipped files.
   *
   * @throws KnowledgeException naming file, entry and field of every fault
   */
  public static Media load(Knowledge knowledge) {
    return load(knowledge, file -> Media.class.getResourceAsStream("/knowledge/" + file));
  }

  static Media load(Knowledge knowledge, Function<String, InputStream> files) {
    return new Media(knowledge, new KnowledgeReader(files));
  }

  /** How much leaves of a growth form draw against usual ones, 1 for usual. */
  public double thirst(String form) {
    return thirsts.getOrDefault(form, 1.0);
  }

  /** Why a pot may draw faster or slower than it did. */
  public List<PaceReason> reasons() {
    return reasons;
  }

  /** The materials of a medium with their shares, which add up to 1; empty when not known. */
  public Optional<Map<Retention, Double>> mixOf(String medium) {
    return Optional.ofNullable(recipes.get(medium))
        .map(
            recipe -> {
              double all = recipe.parts().values().stream().mapToDouble(p -> p).sum();
              Map<Retention, Double> mix = new LinkedHashMap<>();
              recipe.parts().forEach((id, parts) -> mix.put(components.get(id), parts / all));
              return mix;
            });
  }
}
