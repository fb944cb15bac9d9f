package org.mildlantern.app.raising;

import java.util.List;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Raising;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.raising.HardPruning;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Whether a leggy plant may be cut back hard where it stands. */
@Component
class Pruning {
  private static final Words WORDS = Words.of(Pruning.class);

  private final Raising raising;
  private final LightService light;
  private final Knowledge knowledge;
  private final Scope scope;

  Pruning(Raising raising, LightService light, Knowledge knowledge, Scope scope) {
    this.raising = raising;
    this.light = light;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** In words; empty while it is not known what it is. */
  List<String> of(PlantView plant) {
    if (plant.kind().taxon().isEmpty()) {
      return List.of();
    }
    return raising
        .pruning(plant.kind())
        .map(pruning -> List.of(words(pruning), light(plant)))
        .orElse(List.of(WORDS.say("no-pruning")));
  }

  private String words(HardPruning pruning) {
    return WORDS.say(
        "pruning",
        pruning.months().words(scope.latitude()),
        pruning.to(),
        pruning.weeks().get(0),
        pruning.weeks().get(1),
        pruning.say());
  }

  private String light(PlantView plant) {
    LightWish wish = knowledge.lightWish(plant.kind()).orElseThrow();
    return light
        .years()
        .at(plant)
        .map(stand -> stand.light().at(scope.today()))
        .map(
            here ->
                WORDS.say(
                    "pruning-light", here, wish.low(), here < wish.low() ? "little" : "enough"))
        .orElse(WORDS.say("pruning-lit"));
  }
}
