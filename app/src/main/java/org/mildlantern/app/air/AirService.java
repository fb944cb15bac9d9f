package org.mildlantern.app.air;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.core.air.Air;
import org.mildlantern.core.air.ClosedCase;
import org.mildlantern.core.air.Moistener;
import org.mildlantern.core.air.Room;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps how large and airy places are, and reckons with the water of their air. */
@Service
@Transactional
class AirService {
  private static final Words WORDS = Words.of(AirService.class);

  /** A thermostat is turned down by so much, K. */
  private static final double TURNED_DOWN = 3;

  private static final double MOST = 100;

  /** A case stands in a lived-in room, °C and m³. Rule of thumb. */
  private static final double ROOM = 20;

  private static final double MIDDLING = 40;

  /** In a cubic metre. */
  private static final double LITRES = 1000;

  private final PlaceAirRepository airs;
  private final PlaceService places;
  private final PlantService plants;
  private final ClimateService climate;
  private final Scope scope;

  AirService(
      PlaceAirRepository airs,
      PlaceService places,
      PlantService plants,
      ClimateService climate,
      Scope scope) {
    this.climate = climate;
    this.airs = airs;
    this.places = places;
    this.plants = plants;
    this.scope = scope;
  }

  @Transactional(readOnly = true)
  Optional<AirView> of(Long placeId) {
    return places
        .find(placeId)
        .map(
            place -> {
              Optional<AirForm> form = airs.of(placeId).map(PlaceAir::form);
              boolean aCase = place.kind() == PlaceKind.CASE;
              return new AirView(
                  place,
                  form.orElse(AirForm.EMPTY),
                  noted(place),
                  aCase ? null : form.map(known -> ledger(place, known)).orElse(null),
                  aCase ? form.map(known -> ofCase(place, known)).orElse(null) : null);
            });
  }

  private static AirView.Noted noted(PlaceView place) {
    if (place.temperature() == null || place.humidity() == null || place.humidity() <= 0) {
      return null;
    }
    Air air = new Air(place.temperature(), place.humidity());
    return new AirView.Noted(
        WORDS.say("noted", air.vpd(), air.dewPoint(), air.absolute()), air.working());
  }

  private AirView.Ledger ledger(PlaceView place, AirForm form) {
    LocalDate today = scope.today();
    Air outdoor = climate.here().air(today);
    double warmth = Math.max(place.warmth(), outdoor.celsius());
    Room room = new Room(form.volume(), form.airing().changes());
    Air without = room.without(outdoor, warmth);
    List<PlantView> here = here(place);
    List<PlantView> thirsty =
        here.stream().filter(plant -> wish(plant).orElse(0.0) > without.humidity()).toList();
    Optional<Double> wish =
        here.stream().flatMap(p -> wish(p).stream()).max(Comparator.naturalOrder());
    return new AirView.Ledger(
        WORDS.say("without", without.humidity(), warmth, outdoor.celsius(), outdoor.humidity()),
        wish.map(most -> needs(room, outdoor, warmth, most)).orElse(""),
        gains(room, outdoor, warmth),
        WORDS.say("lasts", Math.max(1, Math.round(room.halfGone() * 60))),
        thirsty);
  }

  /** The air of a case in a room of the season. */
  private AirView.OfCase ofCase(PlaceView place, AirForm form) {
    Air outdoor = climate.here().air(scope.today());
    double warmth = Math.max(ROOM, outdoor.celsius());
    Air room = new Room(MIDDLING, Airing.USUAL.changes()).without(outdoor, warmth);
    double watts = form.watts() == null ? 0 : form.watts();
    ClosedCase box = box(form, form.airing(), watts);
    Air lit = box.in(room, true);
    return new AirView.OfCase(
        said("case-dark", box.in(room, false)),
        watts > 0 ? said("case-lit", lit) : "",
        WORDS.say("case-around", warmth, room.humidity()),
        said("case-open", box(form, Airing.LID_OFF, watts).in(room, false)),
        here(place).stream()
            .filter(
                plant ->
                    plant
                        .kind()
                        .taxon()
                        .filter(taxon -> lit.celsius() > taxon.warmestWished())
                        .isPresent())
            .toList());
  }

  private static ClosedCase box(AirForm form, Airing airing, double watts) {
    ClosedCase box = ClosedCase.of(form.volume() * LITRES, airing.changes(), watts);
    return form.glass() == null ? box : box.behind(form.glass());
  }

  private static String said(String of, Air air) {
    return WORDS.say(of, air.celsius(), air.humidity(), air.vpd());
  }

  private List<PlantView> here(PlaceView place) {
    return plants.kept().stream().filter(p -> p.place().id().equals(place.id())).toList();
  }

  private static Optional<Double> wish(PlantView plant) {
    return plant.kind().taxon().map(taxon -> taxon.humidity());
  }

  private static String needs(Room room, Air outdoor, double warmth, double wish) {
    double grams = room.gramsFor(outdoor, new Air(warmth, Math.min(MOST, Math.max(1, wish))));
    return grams < 1
        ? WORDS.say("needs-none", wish)
        : WORDS.say("needs", wish, grams, grams * 24 / 1000);
  }

  private static List<AirView.Gain> gains(Room room, Air outdoor, double warmth) {
    record Of(String label, double points) {}
    List<Of> all = new ArrayList<>();
    for (Moistener moistener : Moistener.values()) {
      all.add(new Of(moistener.label(), moistener.points(room, outdoor, warmth)));
    }
    double cooler = Math.max(outdoor.celsius(), warmth - TURNED_DOWN);
    all.add(
        new Of(
            WORDS.say("cooler", TURNED_DOWN),
            room.without(outdoor, cooler).humidity() - room.without(outdoor, warmth).humidity()));
    all.sort(Comparator.comparingDouble(Of::points));
    double most = Math.max(1, all.get(all.size() - 1).points());
    return all.stream()
        .map(
            of ->
                new AirView.Gain(
                    of.label(), WORDS.say("points", of.points()), of.points() / most * MOST))
        .toList();
  }

  /** Keeps what is said of a place's air; empty when there is no such place. */
  Optional<PlaceView> save(Long placeId, AirForm form) {
    return places
        .find(placeId)
        .map(
            place -> {
              PlaceAir air = airs.of(placeId).orElseGet(() -> new PlaceAir(placeId));
              air.describe(form);
              airs.save(air);
              return place;
            });
  }
}
