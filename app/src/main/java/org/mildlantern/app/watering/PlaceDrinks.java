package org.mildlantern.app.watering;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.water.Standing;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes down drinks that all pots of a place had. */
@Service
@Transactional
class PlaceDrinks {
  private static final Words WORDS = Words.of(PlaceDrinks.class);

  private final PlantService plants;
  private final PlaceService places;
  private final JournalService journal;
  private final Scope scope;

  PlaceDrinks(PlantService plants, PlaceService places, JournalService journal, Scope scope) {
    this.plants = plants;
    this.places = places;
    this.journal = journal;
    this.scope = scope;
  }

  /** Every kept plant of the place had a drink; empty when there is no such place. */
  Optional<List<Entry>> watered(Long placeId) {
    return places
        .find(placeId)
        .map(
            place ->
                plants.kept().stream()
                    .filter(plant -> plant.place().id().equals(placeId))
                    .map(
                        plant ->
                            journal.write(
                                new Entry(
                                    plant.id(),
                                    scope.now(),
                                    drink(plant),
                                    WORDS.say("with-all", place.name()))))
                    .toList());
  }

  /** A drink; where the pot stands in water, a fill. */
  private static Note drink(PlantView plant) {
    return plant.pot().standsIn() == Standing.Kind.NONE
        ? new Watered(null, Watered.RunOff.NOT_SAID)
        : new Filled(null);
  }
}
