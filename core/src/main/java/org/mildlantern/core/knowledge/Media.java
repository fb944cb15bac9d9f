package org.mildlantern.core.knowledge;

import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
  private final Table<Wish> wishes;
  private final Table<WaterLine> how;

  /**
   * How much a form or way draws.
   *
   * @param moist those of it that wish to be evenly moist, or null for no other
   */
  private record Thirst(String id, double thirst, Double moist) {
    double of(Watering habit) {
      return moist != null && habit == Watering.EVENLY_MOIST ? moist : thirst;
    }
  }

  /**
   * A medium's recipe.
   *
   * @param parts parts by volume of each component
   */
  public record Recipe(String id, Map<String, Double> parts) {}

  Media(Shelf shelf, Knowledge knowledge) {
    components = shelf.table("component", "water/components.yaml", "retentions", Retention.class);
    recipes = shelf.table("recipe", "water/recipes.yaml", "recipes", Recipe.class);
    thirsts = shelf.table("who draws so", "water/thirst.yaml", "thirsts", Thirst.class);
    reasons = shelf.table("signal", "water/signals.yaml", "signals", PaceReason.class);
    wishes = shelf.table("wish", "water/wishes.yaml", "wishes", Wish.class);
    how = shelf.table("line", "water/how.yaml", "how", WaterLine.class);
    checkWishes(shelf);
    for (Thirst one : thirsts) {
      knowledge.checkWays(shelf, thirsts, one.id(), "id", List.of(one.id()));
    }
    for (WaterLine line : how) {
      knowledge.checkWays(shelf, how, line.id(), "on", line.on());
      knowledge.checkWays(shelf, how, line.id(), "not-on", line.notOn());
      shelf.places(how, line.id(), "say", line.say().names(), WaterLine.FIGURES);
    }
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

  private void checkWishes(Shelf shelf) {
    Set<Watering> wished = EnumSet.noneOf(Watering.class);
    for (Wish wish : wishes) {
      shelf.refers(wishes, wish.id(), "at-rest", List.of(wish.atRest()), wishes);
      for (Watering habit : wish.habits()) {
        if (!wished.add(habit)) {
          shelf.wrong(wishes, wish.id(), "for", habit.label() + " has a wish already");
        }
      }
    }
    Set<Watering> without = EnumSet.complementOf(EnumSet.copyOf(wished));
    for (Watering habit : without) {
      String last = wishes.stream().reduce((a, b) -> b).map(Wish::id).orElse("");
      shelf.wrong(wishes, last, "for", "nothing is for " + habit.label());
    }
  }

  /**
   * What a kind wishes of its pot, growing or at rest. In a dry rest it wishes nearly nothing, in a
   * damp one it must not dry further than while it grows, but does not stand in water.
   */
  public Wish wish(Habits habits, boolean resting) {
    Wish growing = wish(habits.water());
    boolean damp = habits.rest().as() == Rest.As.DAMP && habits.water() != Watering.WET_FEET;
    if (!resting || damp) {
      return growing;
    }
    return habits.rest().as() == Rest.As.DRY
        ? driest()
        : wishes.find(growing.atRest()).orElseThrow();
  }

  /** What kinds of a water habit wish while they grow. */
  public Wish wish(Watering habit) {
    return wishes.stream().filter(wish -> wish.habits().contains(habit)).findFirst().orElseThrow();
  }

  private Wish driest() {
    return wishes.stream().min(Comparator.comparingDouble(Wish::threshold)).orElseThrow();
  }

  /** How to water, in the order of doing. */
  public Collection<WaterLine> how() {
    return how;
  }

  /**
   * How much leaves of a kind draw against usual ones, 1 for usual: by its way of life, or form.
   */
  public double thirst(Kind kind) {
    return thirsts
        .find(kind.way().id())
        .or(() -> thirsts.find(kind.form().id()))
        .map(thirst -> thirst.of(kind.water()))
        .orElse(1.0);
  }

  /** Why a pot may draw faster or slower than it did. */
  public Table<PaceReason> reasons() {
    return reasons;
  }

  /** What media are mixed from. */
  public Table<Retention> components() {
    return components;
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
