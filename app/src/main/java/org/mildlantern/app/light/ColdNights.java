package org.mildlantern.app.light;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.app.weather.ForecastService;
import org.mildlantern.core.air.ColdBorne;
import org.mildlantern.core.air.ColdPane;
import org.mildlantern.core.air.Nights;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How cold it gets at night before the windows of a place, and for whom that is too cold. */
@Service
@Transactional(readOnly = true)
class ColdNights {
  private static final Words WORDS = Words.of(ColdNights.class);

  /** Distances that are shown, m, and where they stand on the picture. */
  private static final List<Double> AWAY = List.of(0.0, 0.05, 0.15, 0.4);

  private static final int FIRST_X = 40;
  private static final int APART_X = 50;

  private final LightBook book;
  private final ForecastService forecasts;
  private final ClimateService climate;
  private final PlaceService places;
  private final PlantService plants;
  private final Scope scope;

  ColdNights(
      LightBook book,
      ForecastService forecasts,
      ClimateService climate,
      PlaceService places,
      PlantService plants,
      Scope scope) {
    this.book = book;
    this.forecasts = forecasts;
    this.climate = climate;
    this.places = places;
    this.plants = plants;
    this.scope = scope;
  }

  /** Of the coming night; empty outdoors and while nothing is known of the windows. */
  Optional<LightView.Tonight> before(Long placeId) {
    return places
        .find(placeId)
        .filter(place -> place.kind() != PlaceKind.OUTDOOR)
        .flatMap(book::of)
        .map(this::tonight);
  }

  private LightView.Tonight tonight(LightBook.Lit lit) {
    PlaceView place = lit.place();
    Optional<Double> forecast = forecasts.tonight();
    double outdoors = forecast.orElseGet(() -> climate.here().coldNight(scope.today()));
    Double noted = place.surroundings().coldest();
    double indoors =
        Math.max(outdoors, noted == null ? place.warmth() - Nights.HEATED_ROOM : noted);
    ColdPane pane = new ColdPane(indoors, outdoors, lit.drawn().main().glass());
    return new LightView.Tonight(
        WORDS.say(
            forecast.isPresent() ? "tonight" : "tonight-usual", whole(outdoors), whole(indoors)),
        AWAY.stream()
            .map(
                metres ->
                    new LightView.Tonight.Point(
                        metres == 0 ? WORDS.say("pane") : WORDS.say("away", metres * 100),
                        whole(pane.at(metres)),
                        FIRST_X + APART_X * AWAY.indexOf(metres)))
            .toList(),
        chilled(lit, indoors, outdoors),
        pane.working());
  }

  private List<LightView.Tonight.Chilled> chilled(
      LightBook.Lit lit, double indoors, double outdoors) {
    Map<Long, Long> standing = book.standing(List.of(lit));
    Map<Long, PlaceSpot> spots =
        lit.spots().stream().collect(Collectors.toMap(PlaceSpot::id, spot -> spot));
    return plants.kept().stream()
        .filter(plant -> plant.place().id().equals(lit.place().id()))
        .flatMap(
            plant -> {
              LitPlace at = book.stand(lit, spots.get(standing.get(plant.id())));
              double leaf = Felt.of(lit.drawn(), List.of(), at.point()).night(indoors, outdoors);
              return tooCold(plant, leaf);
            })
        .toList();
  }

  /** Without a minus before a zero. */
  private static double whole(double celsius) {
    return Math.round(celsius);
  }

  private static Stream<LightView.Tonight.Chilled> tooCold(PlantView plant, double leaf) {
    return plant
        .kind()
        .taxon()
        .map(ColdBorne::night)
        .filter(bears -> leaf < bears)
        .map(bears -> new LightView.Tonight.Chilled(plant, WORDS.say("chilled", leaf, bears)))
        .stream();
  }
}
