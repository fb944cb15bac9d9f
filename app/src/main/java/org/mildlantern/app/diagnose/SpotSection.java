package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The spots that are measured on a plant, with what the measures say. */
@Component
@Order(4)
class SpotSection implements PlantSection {
  private final SpotService spots;

  SpotSection(SpotService spots) {
    this.spots = spots;
  }

  /** Spots of a plant, at least one. */
  record View(Long plantId, List<SpotService.Spot> spots) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    List<SpotService.Spot> measured = spots.of(plant.id());
    return measured.isEmpty()
        ? Optional.empty()
        : Optional.of(new Section("diagnose/spot-section", new View(plant.id(), measured)));
  }
}
