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
  private final OpenAir air;
  private final Needs needs;
  private final PlantSeasons standing;

  SeasonSection(SeasonService seasons, OpenAir air, Needs needs, PlantSeasons standing) {
    this.needs = needs;
    this.standing = standing;
    this.seasons = seasons;
    this.air = air;
  }

  /**
   * A plant’s year with the months ahead.
   *
   * @param need whether it gets what starts its buds, in words; or empty
   * @param air when it goes out and comes in, in words
   */
  record Ahead(PlantYear year, List<String> months, double today, String need, List<String> air) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    return Optional.of(
        new Section(
            "seasons/section",
            new Ahead(
                seasons.of(plant),
                seasons.months(),
                seasons.today(),
                needs.of(plant, standing.course(plant)).orElse(""),
                air.words(plant))));
  }
}
