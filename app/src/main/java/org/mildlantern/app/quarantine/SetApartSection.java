package org.mildlantern.app.quarantine;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The way to set a plant apart that stands with the others. */
@Component
@Order(6)
class SetApartSection implements PlantSection {
  private final QuarantineService quarantines;
  private final PlaceService places;
  private final Scope scope;

  SetApartSection(QuarantineService quarantines, PlaceService places, Scope scope) {
    this.quarantines = quarantines;
    this.places = places;
    this.scope = scope;
  }

  /** What the form offers. */
  record View(Long plantId, List<PlaceView> sills, boolean newcomer) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    return plant.archived() || quarantines.apart(plant.id())
        ? Optional.empty()
        : Optional.of(
            new Section(
                "quarantine/set-apart",
                new View(plant.id(), places.all(), plant.newcomer(scope.today()))));
  }
}
