package org.mildlantern.app.seasons;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Where a plant stands in its year, on its page. */
@Component
@Order(27)
class SeasonSection implements PlantSection {
  private final SeasonService seasons;

  SeasonSection(SeasonService seasons) {
    this.seasons = seasons;
  }

  /** A plant’s year with the months ahead. */
  record Ahead(PlantYear year, List<String> months, double today) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    return Optional.of(
        new Section(
            "seasons/section", new Ahead(seasons.of(plant), seasons.months(), seasons.today())));
  }
}
