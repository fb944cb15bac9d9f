package org.mildlantern.app.light;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.CollectionMemo.From;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.core.air.ClimateYear;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.light.Trust;
import org.mildlantern.core.light.YearLight;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.stereotype.Component;

/** How all places of the collection are drawn and lit, read together. */
@Component
class LightBook {
  private static final int MOST_YEARS = 2_000;

  private final PlaceLightRepository lights;
  private final PlaceWindowRepository windows;
  private final PlaceSkylineRepository skylines;
  private final PlaceSpotRepository spots;
  private final StandingRepository standings;
  private final LightReadingRepository readings;
  private final PlaceService places;
  private final PlantService plants;
  private final ClimateService climate;
  private final Scope scope;
  private final CollectionMemo memo;

  /** Years that were worked out last; nearly all are asked for again. */
  private final Map<Ground, YearLight> lately = CollectionMemo.last(MOST_YEARS);

  LightBook(
      PlaceLightRepository lights,
      PlaceWindowRepository windows,
      PlaceSkylineRepository skylines,
      PlaceSpotRepository spots,
      StandingRepository standings,
      LightReadingRepository readings,
      PlaceService places,
      PlantService plants,
      ClimateService climate,
      Scope scope,
      CollectionMemo memo) {
    this.climate = climate;
    this.lights = lights;
    this.windows = windows;
    this.skylines = skylines;
    this.spots = spots;
    this.standings = standings;
    this.readings = readings;
    this.places = places;
    this.plants = plants;
    this.scope = scope;
    this.memo = memo;
  }

  /** A place of which the light is known, as it was drawn, with what was read there. */
  record Lit(PlaceView place, Drawn drawn, List<LightReading> readings, List<PlaceSpot> spots) {
    /** The stand of that id, besides the usual one. */
    Optional<PlaceSpot> spot(Long id) {
      return spots.stream().filter(spot -> spot.id().equals(id)).findFirst();
    }
  }

  Optional<Lit> of(PlaceView place) {
    return lights
        .of(place.id())
        .map(
            light ->
                new Lit(
                    place,
                    drawn(light, windows.of(place.id()), skylines.of(place.id())),
                    readings.of(place.id()),
                    spots.of(place.id())));
  }

  private static Drawn drawn(
      PlaceLight light, List<PlaceWindow> further, List<PlaceSkyline> skyline) {
    return new Drawn(
        light.form(),
        light.room(),
        further.stream().map(PlaceWindow::form).toList(),
        skyline.stream().map(PlaceSkyline::form).toList());
  }

  /** All places of which the light is known. */
  List<Lit> all() {
    List<PlaceLight> known = lights.all();
    if (known.isEmpty()) {
      return List.of();
    }
    Map<Long, PlaceView> byId =
        places.all().stream().collect(Collectors.toMap(PlaceView::id, Function.identity()));
    Map<Long, List<PlaceWindow>> further =
        windows.all().stream().collect(Collectors.groupingBy(PlaceWindow::placeId));
    Map<Long, List<PlaceSkyline>> skyline =
        skylines.all().stream().collect(Collectors.groupingBy(PlaceSkyline::placeId));
    Map<Long, List<PlaceSpot>> stands =
        spots.all().stream().collect(Collectors.groupingBy(PlaceSpot::placeId));
    Map<Long, List<LightReading>> read =
        readings.all().stream().collect(Collectors.groupingBy(LightReading::placeId));
    List<Lit> all = new ArrayList<>();
    for (PlaceLight light : known) {
      Long id = light.placeId();
      all.add(
          new Lit(
              byId.get(id),
              drawn(
                  light, further.getOrDefault(id, List.of()), skyline.getOrDefault(id, List.of())),
              read.getOrDefault(id, List.of()),
              stands.getOrDefault(id, List.of())));
    }
    return all;
  }

  /** The usual stand of a place. */
  LitPlace usual(Lit lit) {
    return at(lit.place(), lit.drawn(), LitPlace.At.usual(lit.drawn()));
  }

  /**
   * A stand of a place.
   *
   * @param spot null for the usual one
   */
  LitPlace stand(Lit lit, PlaceSpot spot) {
    return spot == null
        ? usual(lit)
        : at(lit.place(), lit.drawn(), LitPlace.At.spot(lit.drawn(), spot.form()));
  }

  /** The light on a stand on a day, with what readings taught of it. */
  SpotLight on(Lit lit, PlaceSpot spot, LocalDate day) {
    return stand(lit, spot).on(day, trust(lit, spot));
  }

  private LitPlace at(PlaceView place, Drawn drawn, LitPlace.At at) {
    return new LitPlace(place, drawn, at, scope.latitude(), climate.here(), scope.zone());
  }

  /**
   * What readings taught of a stand: those made there, after those of the usual one.
   *
   * @param spot null for the usual one
   */
  Trust trust(Lit lit, PlaceSpot spot) {
    LitPlace usual = usual(lit);
    Trust taught = at(null, usual, usual.trust(), lit.readings());
    return spot == null
        ? taught
        : at(spot.id(), stand(lit, spot), taught.elsewhere(), lit.readings());
  }

  private static Trust at(Long spot, LitPlace place, Trust before, List<LightReading> readings) {
    return place.after(
        before,
        readings.stream()
            .filter(reading -> Objects.equals(reading.spotId(), spot))
            .sorted(Comparator.comparing(LightReading::at))
            .toList());
  }

  /** On which stand each plant is that is not on the usual one of its place. */
  Map<Long, Long> standing(List<Lit> lits) {
    Map<Long, Long> placeOf = new HashMap<>();
    lits.forEach(lit -> lit.spots().forEach(spot -> placeOf.put(spot.id(), lit.place().id())));
    Map<Long, Long> placeOfPlant =
        plants.kept().stream()
            .collect(Collectors.toMap(PlantView::id, plant -> plant.place().id()));
    return standings.all().stream()
        .filter(s -> placeOf.containsKey(s.spotId()))
        .filter(s -> placeOf.get(s.spotId()).equals(placeOfPlant.get(s.plantId())))
        .collect(Collectors.toMap(Standing::plantId, Standing::spotId));
  }

  LightYears years() {
    return memo.once(From.GROUND, "light-years", this::workOutYears);
  }

  private LightYears workOutYears() {
    List<Lit> all = all();
    if (all.isEmpty()) {
      return LightYears.NONE;
    }
    Map<Long, YearLight> ofPlaces = new HashMap<>();
    Map<Long, YearLight> ofSpots = new HashMap<>();
    for (Lit lit : all) {
      ofPlaces.put(lit.place().id(), year(lit, null));
      lit.spots().forEach(spot -> ofSpots.put(spot.id(), year(lit, spot)));
    }
    return new LightYears(ofPlaces, ofSpots, standing(all));
  }

  /**
   * All that a year of light is worked out from.
   *
   * @param spot null for the usual stand
   */
  private record Ground(
      boolean outdoors,
      Drawn drawn,
      SpotForm spot,
      Long spotId,
      List<LightReading.Read> readings,
      double latitude,
      ClimateYear climate,
      ZoneId zone,
      int year) {}

  private YearLight year(Lit lit, PlaceSpot spot) {
    Ground ground =
        new Ground(
            lit.place().kind() == PlaceKind.OUTDOOR,
            lit.drawn(),
            spot == null ? null : spot.form(),
            spot == null ? null : spot.id(),
            lit.readings().stream().map(LightReading::read).toList(),
            scope.latitude(),
            climate.here(),
            scope.zone(),
            scope.today().getYear());
    YearLight known = lately.get(ground);
    if (known == null) {
      known =
          new YearLight(
              months(stand(lit, spot), trust(lit, spot)).stream().map(SpotLight::dli).toList());
      lately.put(ground, known);
    }
    return known;
  }

  /** The mean days in the middle of the months of this year. */
  List<SpotLight> months(LitPlace lit, Trust trust) {
    int year = scope.today().getYear();
    return IntStream.rangeClosed(1, 12)
        .mapToObj(month -> lit.on(LocalDate.of(year, month, 15), trust))
        .toList();
  }
}
