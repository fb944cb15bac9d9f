package org.mildlantern.app.light;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.light.YearLight;

/**
 * The light through this year of all places and stands of which it is known.
 *
 * @param places of their usual stands, by place
 * @param spots by stand
 * @param standing the stand of each plant that is not on the usual one, by plant
 * @param changed light that did change within the last weeks, the last last
 */
public record LightYears(
    Map<Long, OfStand> places,
    Map<Long, OfStand> spots,
    Map<Long, Long> standing,
    List<Changed> changed) {
  public static final LightYears NONE = new LightYears(Map.of(), Map.of(), Map.of(), List.of());

  /** Where a plant stands. */
  public Optional<OfStand> at(PlantView plant) {
    return Optional.ofNullable(standing.get(plant.id()))
        .map(spots::get)
        .or(() -> usual(plant.place().id()));
  }

  /** How the light changed last where a plant stands. */
  public Optional<Changed> changed(PlantView plant) {
    Long spot = standing.get(plant.id());
    return changed.stream()
        .filter(c -> c.placeId().equals(plant.place().id()) && Objects.equals(c.spotId(), spot))
        .reduce((a, b) -> b);
  }

  /** Where a plant stands, unless only a word was said of the light there. */
  public Optional<OfStand> drawn(PlantView plant) {
    return at(plant).filter(stand -> !stand.byWord());
  }

  /** The usual stand of a place. */
  public Optional<OfStand> usual(Long placeId) {
    return Optional.ofNullable(places.get(placeId));
  }

  /** The same, unless only a word was said of its light. */
  public Optional<YearLight> drawn(Long placeId) {
    return usual(placeId).filter(stand -> !stand.byWord()).map(OfStand::light);
  }
}
