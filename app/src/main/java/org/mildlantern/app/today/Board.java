package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Notice;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.round.Agenda;

/**
 * All that the round, the ribbon and the shelf need, read once.
 *
 * @param places in the keeper's order
 * @param kept the plants that are not in the archive
 * @param walk places in a clean order: where something catching stands late, quarantine last
 * @param catching places where something catching stands
 * @param lamps by plant
 * @param agenda the work of the days to come
 * @param notices what stands above today's round
 */
public record Board(
    LocalDate today,
    List<PlaceView> places,
    Plants kept,
    List<PlaceView> walk,
    Set<Long> catching,
    Map<Long, Lamp> lamps,
    Agenda<RoundSource.Due> agenda,
    List<Notice> notices) {

  /**
   * Plants to be found by place and by id.
   *
   * @param all place by place, in the order in which they are walked
   */
  record Plants(
      List<PlantView> all, Map<Long, List<PlantView>> byPlace, Map<Long, PlantView> byId) {

    static Plants of(List<PlaceView> places, List<PlantView> kept) {
      Map<Long, List<PlantView>> byPlace =
          kept.stream().collect(Collectors.groupingBy(plant -> plant.place().id()));
      return new Plants(
          places.stream()
              .flatMap(place -> byPlace.getOrDefault(place.id(), List.of()).stream())
              .toList(),
          byPlace,
          kept.stream().collect(Collectors.toMap(PlantView::id, Function.identity())));
    }
  }

  /** All kept plants, place by place. */
  public List<PlantView> plants() {
    return kept.all();
  }

  public List<PlantView> in(PlaceView place) {
    return kept.byPlace().getOrDefault(place.id(), List.of());
  }

  public Optional<PlantView> plant(Long id) {
    return Optional.ofNullable(kept.byId().get(id));
  }

  /** How much the plant asks for its keeper. */
  public Lamp lamp(PlantView plant) {
    return lamps.get(plant.id());
  }
}
