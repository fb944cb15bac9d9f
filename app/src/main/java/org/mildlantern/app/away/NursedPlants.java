package org.mildlantern.app.away;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.round.Nursing;
import org.springframework.stereotype.Component;

/** Plants that were found limp or harmed on a return. Days are rules of thumb. */
@Component
class NursedPlants implements Nursing {
  static final int STEP_DAYS = 3;
  private static final int NO_FEED_DAYS = 14;

  private final LateTrips trips;
  private final Scope scope;

  NursedPlants(LateTrips trips, Scope scope) {
    this.trips = trips;
    this.scope = scope;
  }

  /** Those that are still fed nothing. */
  List<TripPlant> rows() {
    LocalDate from = scope.today().minusDays(NO_FEED_DAYS);
    return trips.late().plants().stream()
        .filter(plant -> plant.found() != null && plant.found().nursed())
        .filter(plant -> plant.foundOn().isAfter(from))
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
