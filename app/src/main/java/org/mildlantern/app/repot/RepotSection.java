package org.mildlantern.app.repot;

import java.time.LocalDate;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.Repots;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Whether a plant is repotted, on its page, and what it is spared after that. */
@Component
@Order(28)
class RepotSection implements PlantSection {
  private final RepotService repotting;
  private final RepotWords words;
  private final TreeService trees;
  private final Repots repots;
  private final Scope scope;

  RepotSection(
      RepotService repotting, RepotWords words, TreeService trees, Repots repots, Scope scope) {
    this.repotting = repotting;
    this.words = words;
    this.trees = trees;
    this.repots = repots;
    this.scope = scope;
  }

  /**
   * What is shown.
   *
   * @param care what it is spared now, in words; empty once that is over
   * @param tree its work as a small tree, or null
   */
  record Shown(RepotView repot, String care, TreeView tree) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    return repotting
        .of(plant)
        .map(
            decided ->
                new Section(
                    "repot/section",
                    new Shown(words.view(decided), care(plant), trees.of(plant).orElse(null))));
  }

  private String care(PlantView plant) {
    LocalDate since = plant.mediumSince();
    return repots
        .aftercare(plant.kind())
        .filter(care -> since != null && scope.today().isBefore(care.over(since)))
        .map(care -> WeekendService.care(care, since))
        .orElse("");
  }
}
