package org.mildlantern.app.treatment;

import java.time.Duration;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Misted;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.treatment.LeafWetness;
import org.mildlantern.core.treatment.LeafWetness.From;
import org.mildlantern.core.water.HowToWater;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** How wet a plant's leaves are, from how it is watered, its day book and the air of its place. */
@Component
@Transactional(readOnly = true)
class Wetting {
  private static final Duration LATELY = Duration.ofDays(14);

  private final JournalService journal;
  private final Scope scope;

  Wetting(JournalService journal, Scope scope) {
    this.journal = journal;
    this.scope = scope;
  }

  /** What is taken of a plant while its keeper has not said: the wetter where it is not known. */
  static From usual(PlantView plant) {
    if (plant.place().kind() == PlaceKind.OUTDOOR) {
      return From.RAIN;
    }
    return plant.pot().stands() ? From.BELOW : From.ABOVE;
  }

  LeafWetness of(PlantView plant, From from) {
    PlaceView place = plant.place();
    boolean resting = plant.resting(scope.today(), scope.latitude());
    long mistings =
        journal.since(plant.id(), scope.now().minus(LATELY)).stream()
            .filter(entry -> entry.note() instanceof Misted)
            .count();
    return LeafWetness.of(
        from,
        new HowToWater.Air(
            place.warmth(), place.humidity(), place.surroundings().near().airMoves()),
        plant.kind().habits().checkDaysOn(scope.today(), scope.latitude(), resting),
        mistings);
  }
}
