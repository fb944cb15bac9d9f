package org.mildlantern.app.feed;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.feed.WaterSheet;
import org.springframework.stereotype.Component;

/** What the water of pots does to their media, as far as it is known. */
@Component
public class PotWaters {
  private final PotSaltService salts;

  PotWaters(PotSaltService salts) {
    this.salts = salts;
  }

  /** Alkalinity of what a plant is given, ppm as CaCO₃; empty where its water was not described. */
  public Optional<Double> lime(PlantView plant) {
    return Optional.ofNullable(plant.waterUsed())
        .flatMap(used -> salts.stores().waters().described(used))
        .map(WaterSheet::alkaline)
        .map(band -> band.value());
  }

  /** The plants whose pots hold more salts than they bear. */
  public Set<Long> salty(List<PlantView> plants) {
    return salts.ofMany(plants).entrySet().stream()
        .filter(e -> e.getValue().isOver())
        .map(Map.Entry::getKey)
        .collect(Collectors.toSet());
  }
}
