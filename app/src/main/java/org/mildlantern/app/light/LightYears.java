package org.mildlantern.app.light;

import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.light.YearLight;

/**
 * The light through this year of all places and stands of which it is known.
 *
 * @param places of their usual stands, by place
 * @param spots by stand
 * @param standing the stand of each plant that is not on the usual one, by plant
 */
public record LightYears(
    Map<Long, YearLight> places, Map<Long, YearLight> spots, Map<Long, Long> standing) {
  public static final LightYears NONE = new LightYears(Map.of(), Map.of(), Map.of());

  /** Of the stand that a plant has besides the usual one. */
  public Optional<YearLight> ofStand(PlantView plant) {
    return Optional.ofNullable(standing.get(plant.id())).map(spots::get);
  }

  /** Of where a plant stands. */
  public Optional<YearLight> of(PlantView plant) {
    return ofStand(plant).or(() -> Optional.ofNullable(places.get(plant.place().id())));
  }
}
