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
import org.mildlantern.core.light.SunYear;
import org.mildlantern.core.light.Trust;
import org.mildlantern.core.light.YearLight;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
import org.springframework.stereotype.Component;

/** How all places of the collection are drawn and lit, read together. */
@Component
class LightBook {
  private static final int MOST_YEARS = 2_000;

  /** Changes of light are looked at so far back. */
  private static final int CHANGED_DAYS = 90;

  private final PlaceLightRepository lights;
  private final PlaceWindowRepository windows;
  private final PlaceSkylineRepository skylines;
  private final PlaceSpotRepository spots;
  private final PlaceThingRepository things;
  private final StandingRepository standings;
  private final LightReadingRepository readings;
  private final LightChangeRepository changes;
  private final PlaceService places;
  private final PlantService plants;
  private final ClimateService climate;
  private final Scope scope;
  private final CollectionMemo memo;

  /** Years that were worked out last; nearly all are asked for again. */
  private final Map<Ground, OfStand> lately = CollectionMemo.last(MOST_YEARS);

  LightBook(
      PlaceLightRepository lights,
      PlaceWindowRepository windows,
      PlaceSkylineRepository skylines,
      PlaceSpotRepository spots,
      PlaceThingRepository things,
      StandingRepository standings,
      LightReadingRepository readings,
      LightChangeRepository changes,
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
    this.things = things;
    this.standings = standings;
    this.readings = readings;
    this.changes = changes;
    this.places = places;
    this.plants = plants;
    this.scope = scope;
    this.memo = memo;
  }

  /** A place of which the light is known, as it was drawn, with what was read there. */
  record Lit(
      PlaceView place,
      Drawn drawn,
      List<LightReading> readings,
      List<PlaceSpot> spots,
      List<ThingForm> things) {
    /** The stand of that id, besides the usual one. */
    Optional<PlaceSpot> spot(Long id) {
      return spots.stream().filter(spot -> spot.id().equals(id)).findFirst();
    }
  }

  /** As it was drawn, else by its word; empty when neither is known. */
  Optional<Lit> of(PlaceView place) {
    return lights
        .of(place.id())
        .map(
            light ->
                new Lit(
                    place,
                    drawn(light, windows.of(place.id()), skylines.of(place.id())),
                    readings.of(place.id()),
                    spots.of(place.id()),
                    things.of(place.id()).stream().map(PlaceThing::form).toList()))
        .or(() -> byWord(place, readings.of(place.id())));
  }

  /** Only as it was drawn. */
  Optional<Lit> drawn(PlaceView place) {
    return of(place).filter(lit -> !lit.drawn().byWord());
  }

  /** By the word for its light. What lamps in a case give no word tells. */
  private Optional<Lit> byWord(PlaceView place, List<LightReading> read) {
    if (!hasWord(place)) {
      return Optional.empty();
    }
    LightClass word = place.surroundings().light();
    boolean outdoors = place.kind() == PlaceKind.OUTDOOR;
    Drawn drawn = Drawn.byWord(word, outdoors, scope.latitude());
    return Optional.of(new Lit(place, drawn, read, List.of(), List.of()));
  }

  private static Drawn drawn(
      PlaceLight light, List<PlaceWindow> further, List<PlaceSkyline> skyline) {
    return new Drawn(
        light.form(),
        light.room(),
        further.stream().map(PlaceWindow::form).toList(),
        skyline.stream().map(PlaceSkyline::form).toList(),
        false);
  }

  private static boolean hasWord(PlaceView place) {
    return place.surroundings().light() != null && place.kind() != PlaceKind.CASE;
  }

  /** All places of which the light is known. */
  List<Lit> all() {
    Map<Long, PlaceLight> known =
        lights.all().stream().collect(Collectors.toMap(PlaceLight::placeId, Function.identity()));
    if (known.isEmpty() && places.all().stream().noneMatch(LightBook::hasWord)) {
      return List.of();
    }
    Map<Long, List<PlaceWindow>> further = byPlace(windows.all(), PlaceWindow::placeId);
    Map<Long, List<PlaceSkyline>> skyline = byPlace(skylines.all(), PlaceSkyline::placeId);
    Map<Long, List<PlaceSpot>> stands = byPlace(spots.all(), PlaceSpot::placeId);
    Map<Long, List<LightReading>> read = byPlace(readings.all(), LightReading::placeId);
    Map<Long, List<PlaceThing>> inRooms = byPlace(things.all(), PlaceThing::placeId);
    List<Lit> all = new ArrayList<>();
    for (PlaceView place : places.all()) {
      Long id = place.id();
      List<LightReading> its = read.getOrDefault(id, List.of());
      PlaceLight light = known.get(id);
      if (light == null) {
        byWord(place, its).ifPresent(all::add);
      } else {
        all.add(
            new Lit(
                place,
                drawn(
                    light,
                    further.getOrDefault(id, List.of()),
                    skyline.getOrDefault(id, List.of())),
                its,
                stands.getOrDefault(id, List.of()),
                inRooms.getOrDefault(id, List.of()).stream().map(PlaceThing::form).toList()));
      }
    }
    return all;
  }

  private static <T> Map<Long, List<T>> byPlace(List<T> rows, Function<T, Long> place) {
    return rows.stream().collect(Collectors.groupingBy(place));
  }

  /** The usual stand of a place. */
  LitPlace usual(Lit lit) {
    return stand(lit, null);
  }

  /**
   * A stand of a place.
   *
   * @param spot null for the usual one
   */
  LitPlace stand(Lit lit, PlaceSpot spot) {
    Long id = spot == null ? null : spot.id();
    List<LightReading> here =
        lit.readings().stream().filter(reading -> Objects.equals(reading.spotId(), id)).toList();
    return at(lit.place(), lit.drawn(), drawnAt(lit, spot).after(here));
  }

  /** As it was drawn, whatever was read. */
  static LitPlace.At drawnAt(Lit lit, PlaceSpot spot) {
    return spot == null
        ? LitPlace.At.usual(lit.drawn())
        : LitPlace.At.spot(lit.drawn(), spot.form());
  }

  /** The light on a stand on a day, with what readings taught of it. */
  SpotLight on(Lit lit, PlaceSpot spot, LocalDate day) {
    return stand(lit, spot).on(day, trust(lit, spot));
  }

  private LitPlace at(PlaceView place, Drawn drawn, LitPlace.At at) {
    return new LitPlace(
        place.kind() == PlaceKind.OUTDOOR,
        drawn,
        at,
        scope.latitude(),
        climate.here(),
        scope.zone());
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
    Map<Long, OfStand> ofPlaces = new HashMap<>();
    Map<Long, OfStand> ofSpots = new HashMap<>();
    for (Lit lit : all) {
      ofPlaces.put(lit.place().id(), stands(lit, null));
      lit.spots().forEach(spot -> ofSpots.put(spot.id(), stands(lit, spot)));
    }
    List<Changed> changed =
        changes.meantSince(scope.today().minusDays(CHANGED_DAYS)).stream()
            .map(c -> new Changed(c.placeId(), c.spotId(), c.day(), c.before(), c.after()))
            .toList();
    return new LightYears(ofPlaces, ofSpots, standing(all), changed);
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
      List<ThingForm> things,
      double latitude,
      ClimateYear climate,
      ZoneId zone,
      int year) {}

  private OfStand stands(Lit lit, PlaceSpot spot) {
    Ground ground =
        new Ground(
            lit.place().kind() == PlaceKind.OUTDOOR,
            lit.drawn(),
            spot == null ? null : spot.form(),
            spot == null ? null : spot.id(),
            lit.readings().stream().map(LightReading::read).toList(),
            lit.things(),
            scope.latitude(),
            climate.here(),
            scope.zone(),
            scope.today().getYear());
    OfStand known = lately.get(ground);
    if (known == null) {
      known = workOut(lit, stand(lit, spot), trust(lit, spot));
      lately.put(ground, known);
    }
    return known;
  }

  private OfStand workOut(Lit lit, LitPlace at, Trust trust) {
    return new OfStand(
        new YearLight(months(at, trust).stream().map(SpotLight::dli).toList()),
        new SunYear(
            SunYear.days(scope.today().getYear()).stream()
                .map(day -> at.clear(day, trust))
                .toList()),
        at.outdoors()
            ? new Felt(List.of(), List.of())
            : Felt.of(lit.drawn(), lit.things(), at.point()),
        trust,
        lit.drawn().byWord());
  }

  /** The mean days in the middle of the months of this year. */
  List<SpotLight> months(LitPlace lit, Trust trust) {
    int year = scope.today().getYear();
    return IntStream.rangeClosed(1, 12)
        .mapToObj(month -> lit.on(LocalDate.of(year, month, 15), trust))
        .toList();
  }
}
