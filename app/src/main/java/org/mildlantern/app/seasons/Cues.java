package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.BloomYear;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.CueLedger;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Whether plants get what starts their buds where they stand, and where they would. */
@Component
class Cues {
  private static final Words WORDS = Words.of(Cues.class);

  /** A plant goes nowhere colder than it wishes by more than this, K. */
  private static final double BEARS = 3;

  private final PlaceService places;
  private final PlaceNights nights;
  private final Stays stays;
  private final Scope scope;

  Cues(PlaceService places, PlaceNights nights, Stays stays, Scope scope) {
    this.stays = stays;
    this.places = places;
    this.nights = nights;
    this.scope = scope;
  }

  /**
   * What is counted now.
   *
   * @param done when it is full, here or elsewhere; null where it never is
   */
  record Counted(PlantYear.Ledger ledger, LocalDate done) {}

  /** Empty where nothing is counted, or not now. */
  Optional<Counted> of(PlantView plant, Course course) {
    BloomYear bloom = course.bloom();
    LocalDate today = scope.today();
    if (bloom == null
        || !bloom.counted()
        || plant.stage() == Stage.SEEDLING
        || !bloom.when().contain(today, scope.latitude())) {
      return Optional.empty();
    }
    CueLedger.Cue cue = CueLedger.Cue.of(bloom, today, scope.latitude());
    CueLedger ledger = stays.ledger(plant, cue);
    Optional<Gives> other =
        ledger.isDone() || ledger.done() != null
            ? Optional.empty()
            : elsewhere(plant, course, ledger, cue);
    LocalDate done = ledger.done() != null ? ledger.done() : other.map(Gives::day).orElse(null);
    return Optional.of(new Counted(words(ledger, cue, other), done));
  }

  private PlantYear.Ledger words(CueLedger ledger, CueLedger.Cue cue, Optional<Gives> other) {
    String rest =
        ledger.isDone()
            ? WORDS.say("cue-done")
            : ledger.done() != null
                ? WORDS.say("cue-here", Days.near(ledger.done()))
                : other
                    .map(
                        gives ->
                            WORDS.say("cue-there", gives.place().name(), Days.near(gives.day())))
                    .orElse(WORDS.say("cue-nowhere", Days.near(cue.until())));
    return new PlantYear.Ledger(
        WORDS.say(
            "ledger",
            ledger.counted(),
            ledger.needed(),
            cue.below(),
            ledger.spread() > 0.5 ? 1 : 0,
            ledger.spread(),
            rest),
        Math.min(100, ledger.counted() / ledger.needed() * 100));
  }

  private record Gives(PlaceView place, LocalDate day) {}

  /** The place that gives the rest soonest of those that it bears. */
  private Optional<Gives> elsewhere(
      PlantView plant, Course course, CueLedger ledger, CueLedger.Cue cue) {
    double bears = plant.kind().taxon().map(Taxon::coldestWished).orElse(0.0) - BEARS;
    boolean dry = course.rest() == Course.RestKind.DRY;
    return places.all().stream()
        .filter(place -> !place.id().equals(plant.place().id()) && place.kind().givesCold(dry))
        .filter(place -> nights.usual(place) >= bears)
        .map(place -> new Gives(place, ledger.elsewhere(cue, nights.usual(place), scope.today())))
        .filter(gives -> gives.day() != null)
        .min(Comparator.comparing(Gives::day));
  }
}
