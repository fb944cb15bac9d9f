package org.mildlantern.app.quarantine;

import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The clock of a plant that stands apart. */
@Component
@Order(2)
class QuarantineSection implements PlantSection {
  private final QuarantineService quarantines;

  QuarantineSection(QuarantineService quarantines) {
    this.quarantines = quarantines;
  }

  @Override
  public Optional<Section> of(PlantView plant) {
    return quarantines.of(plant).map(clock -> new Section("quarantine/clock", clock));
  }
}
