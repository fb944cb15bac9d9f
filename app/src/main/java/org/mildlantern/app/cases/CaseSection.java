package org.mildlantern.app.cases;

import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The plant's open case with its present change. */
@Component
@Order(1)
class CaseSection implements PlantSection {
  private final CaseService cases;

  CaseSection(CaseService cases) {
    this.cases = cases;
  }

  @Override
  public Optional<Section> of(PlantView plant) {
    return cases.openOf(plant.id()).map(open -> new Section("cases/section", open));
  }
}
