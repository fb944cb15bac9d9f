package org.mildlantern.app.watering;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.EntryKind;
import org.mildlantern.core.journal.PotNote;
import org.mildlantern.core.water.Standing;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes answers of the round that are not about one pot, or tell nothing of it. */
@Service
@Transactional
public class WateringAnswers {
  private final PlantService plants;
  private final PlaceService places;
  private final JournalService journal;
  private final Scope scope;

  WateringAnswers(PlantService plants, PlaceService places, JournalService journal, Scope scope) {
    this.plants = plants;
    this.places = places;
    this.journal = journal;
    this.scope = scope;
  }

  /** Every kept plant of the place had a drink; empty when there is no such place. */
  public Optional<List<Entry>> placeWatered(Long placeId) {
    return places
        .find(placeId)
        .map(
            place ->
                plants.kept().stream()
                    .filter(plant -> plant.place().id().equals(placeId))
                    .map(
                        plant ->
                            journal.write(watered(plant, "Watered, with all of " + place.name())))
                    .toList());
  }

  /** A drink; where the pot stands in water, a fill. */
  private Entry watered(PlantView plant, String text) {
    return new Entry(plant.id(), scope.now(), EntryKind.WATER, text)
        .ofPot(plant.standsIn() == Standing.Kind.NONE ? null : PotNote.of(PotNote.What.FILLED));
  }

  /** The pot was not looked at today; it comes back tomorrow. */
  public Optional<Entry> skip(Long plantId, String why) {
    return plants
        .find(plantId)
        .map(
            plant ->
                journal.write(
                    new Entry(plantId, scope.now(), EntryKind.MOISTURE, "Not looked at: " + why)
                        .ofPot(PotNote.of(PotNote.What.SKIPPED))));
  }
}
