package org.mildlantern.app.light;

import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The light at a plant, on its page. */
@Component
@Order(25)
class LightSection implements PlantSection {
  private final LightService lights;

  LightSection(LightService lights) {
    this.lights = lights;
  }

  @Override
  public Optional<Section> of(PlantView plant) {
    return lights.at(plant).map(at -> new Section("light/section", at));
  }
}
