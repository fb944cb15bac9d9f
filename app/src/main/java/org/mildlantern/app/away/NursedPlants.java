package org.mildlantern.app.away;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.round.Nursing;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Plants that were found limp or harmed on a return. Days are rules of thumb. */
@Component
@Transactional(readOnly = true)
class NursedPlants implements Nursing {
  static final int STEP_DAYS = 3;
  private static final int NO_FEED_DAYS = 14;

  private final TripPlantRepository plants;
  private final Scope scope;

  NursedPlants(TripPlantRepository plants, Scope scope) {
    this.plants = plants;
    this.scope = scope;
  }

  /** Those that are still fed nothing. */
  List<TripPlant> rows() {
    return plants.foundSince(scope.today().minusDays(NO_FEED_DAYS)).stream()
        .filter(plant -> plant.found().nursed())
        .toList();
  }

  @Override
  public Map<Long, Until> nursed() {
    Map<Long, Until> nursed = new HashMap<>();
    for (TripPlant plant : rows()) {
      LocalDate found = plant.foundOn();
      nursed.put(
          plant.plantId(), new Until(found.plusDays(STEP_DAYS), found.plusDays(NO_FEED_DAYS)));
    }
    return nursed;
  }
}
