package org.mildlantern.core.knowledge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;

/**
 * How media hold water, how much growth forms draw and why that changes, loaded once and immutable.
 */
public final class Media {
  private final Table<Retention> components;
  private final Table<Recipe> recipes;
  private final Table<Thirst> thirsts;
  private final Table<PaceReason> reasons;

  private record Thirst(String id, double thirst) {}

  /**
   * A medium's recipe.
   *
   * @param parts parts by volume of each component
   */
  public record Recipe(String id, Map<String, Double> parts) {}

  Media(Shelf shelf, Knowledge knowledge) {
    components = shelf.table("component", "water/components.yaml", "retentions", Retention.class);
    recipes = shelf.table("recipe", "water/recipes.yaml", "recipes", Recipe.class);
    thirsts = shelf.table("growth form", "water/thirst.yaml", "thirsts", Thirst.class);
    reasons = shelf.table("signal", "water/signals.yaml", "signals", PaceReason.class);
    for (PaceReason reason : reasons) {
      String id = reason.id();
      shelf.refers(reasons, id, "context", reason.context().keySet(), knowledge.conditions());
      if (reason.cause() != null) {
        shelf.refers(reasons, id, "cause", List.of(reason.cause()), knowledge.causes());
      }
    }
    for (Recipe recipe : recipes) {
      shelf.refers(recipes, recipe.id(), "id", List.of(recipe.id()), knowledge.media());
      shelf.refers(recipes, recipe.id(), "parts", recipe.parts().keySet(), components);
    }
    knowledge.forms().stream()
        .filter(form -> !thirsts.knows(form.id()))
        .forEach(
            form ->
                shelf.wrong(knowledge.forms(), form.id(), "id", "is missing in water/thirst.yaml"));
    knowledge.media().stream()
        .filter(medium -> !recipes.knows(medium.id()))
        .forEach(
            medium ->
                shelf.wrong(
                    knowledge.media(), medium.id(), "id", "is missing in water/recipes.yaml"));
  }

  /** How much leaves of a growth form draw against usual ones, 1 for usual. */
  public double thirst(String form) {
    return thirsts.find(form).map(Thirst::thirst).orElse(1.0);
  }

  /** Why a pot may draw faster or slower than it did. */
  public Table<PaceReason> reasons() {
    return reasons;
  }

  /** The materials of a medium with their shares, which add up to 1; empty when not known. */
  public Optional<Map<Retention, Double>> mixOf(String medium) {
    return recipes
        .find(medium)
        .map(
            recipe -> {
              double all = recipe.parts().values().stream().mapToDouble(p -> p).sum();
              Map<Retention, Double> mix = new LinkedHashMap<>();
              recipe
                  .parts()
                  .forEach((id, parts) -> mix.put(components.find(id).orElseThrow(), parts / all));
              return mix;
            });
  }
}
