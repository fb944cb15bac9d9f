package org.mildlantern.app.watering;

import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.RecordService;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.water.PaceChange;
import org.mildlantern.core.water.PaceReasons;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The water in a plant's pot, and why it draws faster or slower than five weeks ago. */
@Component
@Order(3)
class WaterSection implements PlantSection {
  private final WateringService watering;
  private final RecordService records;
  private final Knowledge knowledge;
  private final Media media;
  private final Scope scope;

  WaterSection(
      WateringService watering,
      RecordService records,
      Knowledge knowledge,
      Media media,
      Scope scope) {
    this.watering = watering;
    this.records = records;
    this.knowledge = knowledge;
    this.media = media;
    this.scope = scope;
  }

  /** What is shown; the reasons are null when the pace surely did not change. */
  record View(WateringView water, PaceReasons reasons) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    WateringView water = watering.view(plant);
    return Optional.of(
        new Section("watering/section", new View(water, reasons(plant, water.paceChange()))));
  }

  private PaceReasons reasons(PlantView plant, PaceChange change) {
    return change == null || !change.surelyFaster() && !change.surelySlower()
        ? null
        : PaceReasons.of(
            change,
            records
                .read(plant)
                .circumstances()
                .derived(plant.kind(), scope.today(), scope.latitude()),
            knowledge,
            media);
  }
}
