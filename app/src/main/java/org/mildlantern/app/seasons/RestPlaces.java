package org.mildlantern.app.seasons;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.Rest;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Where a plant has the nights that its rest wishes. */
@Component
class RestPlaces {
  private static final Words WORDS = Words.of(RestPlaces.class);

  /** Nights that are off by so much do no harm, K. Rule of thumb. */
  private static final double OFF = 2;

  private final PlaceService places;
  private final PlaceNights nights;

  RestPlaces(PlaceService places, PlaceNights nights) {
    this.places = places;
    this.nights = nights;
  }

  /** In words; empty where any nights will do, or those here are right. */
  String words(PlantView plant) {
    Rest rest = plant.kind().habits().rest();
    if (rest.nights() == null) {
      return "";
    }
    List<Double> wished = rest.nights();
    double here = nights.usual(plant.place());
    if (off(here, wished) <= OFF) {
      return "";
    }
    return better(plant, rest, off(here, wished))
        .map(
            place ->
                WORDS.say(
                    "rest-there", wished.get(0), wished.get(1), here, place.name(), usual(place)))
        .orElse(WORDS.say("rest-nowhere", wished.get(0), wished.get(1), here));
  }

  private Optional<PlaceView> better(PlantView plant, Rest rest, double off) {
    return places.all().stream()
        .filter(place -> !place.id().equals(plant.place().id()))
        .filter(place -> place.kind().givesCold(rest.as() == Rest.As.DRY))
        .filter(place -> off(usual(place), rest.nights()) < off - OFF)
        .filter(place -> usual(place) >= rest.nights().get(0) - OFF)
        .min(Comparator.comparingDouble(place -> off(usual(place), rest.nights())));
  }

  private double usual(PlaceView place) {
    return nights.usual(place);
  }

  private static double off(double night, List<Double> wished) {
    return Math.max(0, Math.max(wished.get(0) - night, night - wished.get(1)));
  }
}
