package org.mildlantern.app.growth;

import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Whether a plant grows better, on its page. */
@Component
@Order(26)
class GrowthSection implements PlantSection {
  private final GrowthService growth;

  GrowthSection(GrowthService growth) {
    this.growth = growth;
  }

  @Override
  public Optional<Section> of(PlantView plant) {
    return Optional.of(new Section("growth/section", growth.view(plant)));
  }
}
