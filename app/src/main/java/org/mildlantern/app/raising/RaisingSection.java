package org.mildlantern.app.raising;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.raising.Ready;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Where a plant came from and how new ones are raised of it, on its page. */
@Component
@Order(29)
class RaisingSection implements PlantSection {
  private final Takes takes;
  private final BatchViews views;
  private final PupMarks pups;

  RaisingSection(Takes takes, BatchViews views, PupMarks pups) {
    this.pups = pups;
    this.takes = takes;
    this.views = views;
  }

  /**
   * What is shown.
   *
   * @param pup whether its offset is big enough, in words; or empty
   */
  record Shown(PlantView plant, List<WayView> ways, BatchViews.Family family, String pup) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    List<WayView> ways = takes.ways(plant.kind());
    BatchViews.Family family = views.family(plant);
    return ways.isEmpty() && !family.any()
        ? Optional.empty()
        : Optional.of(
            new Section(
                "raising/section",
                new Shown(plant, ways, family, pups.ready(plant).map(Ready::words).orElse(""))));
  }
}
