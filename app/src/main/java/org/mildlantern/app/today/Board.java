package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.round.Agenda;

/**
 * All that the round, the ribbon and the shelf need, read once.
 *
 * @param places in the keeper's order
 * @param byPlace the plants of each place in the order in which they are walked
 * @param walk places in a clean order: where something catching stands late, quarantine last
 * @param catching places where something catching stands
 * @param lamps by plant
 * @param agenda the work of the days to come
 */
public record Board(
    LocalDate today,
    List<PlaceView> places,
    Map<Long, List<PlantView>> byPlace,
    List<PlaceView> walk,
    Set<Long> catching,
    Map<Long, Lamp> lamps,
    Agenda<RoundSource.Due> agenda) {

  /** All kept plants, place by place. */
  public List<PlantView> plants() {
    return places.stream().flatMap(place -> in(place).stream()).toList();
  }

  public List<PlantView> in(PlaceView place) {
    return byPlace.getOrDefault(place.id(), List.of());
  }

  /** How much the plant asks for its keeper. */
  public Lamp lamp(PlantView plant) {
    return lamps.get(plant.id());
  }
}
