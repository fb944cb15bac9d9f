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
  private final RaisingService raised;
  private final PupMarks pups;

  RaisingSection(RaisingService raised, PupMarks pups) {
    this.pups = pups;
    this.raised = raised;
  }

  /**
   * What is shown.
   *
   * @param pup whether its offset is big enough, in words; or empty
   */
  record Shown(PlantView plant, List<WayView> ways, RaisingService.Family family, String pup) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    List<WayView> ways = raised.ways(plant.kind());
    RaisingService.Family family = raised.family(plant);
    return ways.isEmpty() && !family.any()
        ? Optional.empty()
        : Optional.of(
            new Section(
                "raising/section",
                new Shown(plant, ways, family, pups.ready(plant).map(Ready::words).orElse(""))));
  }
}
