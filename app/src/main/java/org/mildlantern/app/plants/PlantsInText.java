package org.mildlantern.app.plants;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** Finds the plant of the collection that a text names. */
@Component
public class PlantsInText {
  private final PlantService plants;

  PlantsInText(PlantService plants) {
    this.plants = plants;
  }

  /** The plant whose code stands in the text, or whose own name does and no other's. */
  public Optional<PlantView> named(String text) {
    String words = text.toLowerCase(Locale.ROOT);
    List<PlantView> kept = plants.kept();
    Optional<PlantView> coded =
        kept.stream().filter(plant -> stands(plant.code(), words)).findFirst();
    return coded.or(
        () -> {
          List<PlantView> called =
              kept.stream()
                  .filter(plant -> plant.otherName() != null || plant.kind().taxon().isEmpty())
                  .filter(plant -> stands(plant.name(), words))
                  .toList();
          return called.size() == 1 ? Optional.of(called.get(0)) : Optional.empty();
        });
  }

  private static boolean stands(String name, String words) {
    String folded = name.toLowerCase(Locale.ROOT);
    return words.contains(folded)
        && Pattern.compile("(?<![\\w-])" + Pattern.quote(folded) + "(?![\\w-])")
            .matcher(words)
            .find();
  }
}
