package org.mildlantern.app.away;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.away.Experience;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the collection's own absences taught. */
@Component
@Transactional(readOnly = true)
class TripExperience {
  private final TripPlantRepository plants;
  private final TripTaskRepository tasks;

  TripExperience(TripPlantRepository plants, TripTaskRepository tasks) {
    this.plants = plants;
    this.tasks = tasks;
  }

  /** Of what a visitor was to water and did not water every time, nothing can be learnt. */
  Experience taught() {
    List<TripPlant> found = plants.found();
    if (found.isEmpty()) {
      return Experience.NONE;
    }
    Set<List<Long>> missed =
        tasks.of(found.stream().map(TripPlant::tripId).collect(Collectors.toSet())).stream()
            .filter(task -> !task.state().kept())
            .map(task -> List.of(task.tripId(), task.plantId()))
            .collect(Collectors.toSet());
    return Experience.of(
        found.stream()
            .filter(plant -> !missed.contains(List.of(plant.tripId(), plant.plantId())))
            .map(plant -> new Experience.Found(plant.expected(), plant.found().harm()))
            .toList());
  }
}
