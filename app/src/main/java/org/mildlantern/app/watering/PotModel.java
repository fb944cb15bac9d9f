package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.LightYears;
import org.mildlantern.app.light.OfStand;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.sensors.Measured;
import org.mildlantern.app.sensors.SensorService;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.app.weather.ForecastService;
import org.mildlantern.core.air.Forecast;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Levelled;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Skipped;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.Watering;
import org.mildlantern.core.knowledge.Wish;
import org.mildlantern.core.light.YearLight;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.water.Demand;
import org.mildlantern.core.water.DemandChange;
import org.mildlantern.core.water.Holding;
import org.mildlantern.core.water.HowToWater;
import org.mildlantern.core.water.Pace;
import org.mildlantern.core.water.PotEvent;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.water.Standing;
import org.mildlantern.core.water.WaterOutlook;
import org.mildlantern.core.water.WaterStory;
import org.springframework.stereotype.Component;

/** Turns a plant and its day book into what the core asks for. */
@Component
class PotModel {
  /** The humidity of a place of which none was noted. Rule of thumb for a lived-in room. */
  private static final double ROOM_HUMIDITY = 50;

  /** Records older than this say nothing of a pot's present pace. */
  static final int STORY_DAYS = 150;

  private final Media media;
  private static final SensorService.DayAir NOT_READ = new SensorService.DayAir(null, null);

  private final LightService lights;
  private final SensorService sensors;
  private final ForecastService forecasts;
  private final ClimateService climate;
  private final Scope scope;

  PotModel(
      Media media,
      LightService lights,
      SensorService sensors,
      ForecastService forecasts,
      ClimateService climate,
      Scope scope) {
    this.forecasts = forecasts;
    this.climate = climate;
    this.lights = lights;
    this.sensors = sensors;
    this.media = media;
    this.scope = scope;
  }

  /** A pot whose drying can be followed. */
  record Kept(PotShape shape, Holding holding, double guess, Wish wish) {}

  /** A pot that stands in water or draws from it. */
  record Fed(PotShape shape, Holding holding, double guess, HowToWater.Stands stands) {}

  /** Whether its drying can be followed: {@link #kept} is then not empty. */
  boolean follows(PlantView plant) {
    return known(plant) && (plant.pot().standsIn() == Standing.Kind.NONE || off(plant));
  }

  private static boolean known(PlantView plant) {
    Watering habit = plant.kind().water();
    return plant.pot().cm() != null
        && plant.medium() != null
        && habit != Watering.CUP
        && habit != Watering.SOAK
        && habit != Watering.AFLOAT
        && !plant.pot().mount();
  }

  private boolean off(PlantView plant) {
    return Standing.off(
        plant.pot().standsIn(),
        Season.of(scope.today(), scope.latitude()),
        plant.place().temperature(),
        plant.place().surroundings().near().lit());
  }

  /** Empty for what {@link #pot} is empty for, and while the pot is fed from standing water. */
  Optional<Kept> kept(PlantView plant) {
    return follows(plant) ? pot(plant) : Optional.empty();
  }

  /** What it stands in or draws from; empty for nothing, or when the pot is not known. */
  Optional<Fed> fed(PlantView plant) {
    if (plant.pot().standsIn() == Standing.Kind.NONE) {
      return Optional.empty();
    }
    return pot(plant)
        .map(
            pot ->
                new Fed(
                    pot.shape(),
                    pot.holding(),
                    pot.guess(),
                    new HowToWater.Stands(
                        plant.pot().standsIn(),
                        Standing.level(plant.pot().standsIn(), pot.shape(), resting(plant)),
                        off(plant))));
  }

  /** When to look at the water that it stands in. */
  Standing.Outlook standing(PlantView plant, Fed fed, List<Entry> entries) {
    LocalDate today = scope.today();
    return Standing.outlook(
        fed.stands().level(),
        fed.guess(),
        fed.holding().availableMl(),
        entries.stream().flatMap(entry -> fill(entry).stream()).toList(),
        demand(plant).applyAsDouble(today),
        fed.stands().off(),
        today);
  }

  private Optional<Standing.Fill> fill(Entry entry) {
    LocalDate day = scope.day(entry.at());
    Note note = entry.note();
    if (note instanceof Filled filled) {
      return Optional.of(new Standing.Fill(day, filled.ml(), 1));
    }
    if (note instanceof Levelled level) {
      return Optional.of(new Standing.Fill(day, null, level.share()));
    }
    return note instanceof Skipped
        ? Optional.of(new Standing.Fill(day, null, 0))
        : Optional.empty();
  }

  /** Empty for mounts, cups and pots of which size or medium is not known. */
  private Optional<Kept> pot(PlantView plant) {
    if (!known(plant)) {
      return Optional.empty();
    }
    return media
        .mixOf(plant.medium().id())
        .map(
            mix -> {
              PotShape shape =
                  PotShape.of(plant.pot().shape(), plant.pot().cm(), plant.pot().depthCm());
              Holding holding = Holding.of(shape, mix);
              double guess = Pace.guess(shape, holding, media.thirst(plant.kind()));
              return new Kept(
                  shape, holding, guess, media.wish(plant.kind().habits(), resting(plant)));
            });
  }

  /** At rest by what was noted, or by the season when its kind rests in it. */
  boolean resting(PlantView plant) {
    return plant.resting(scope.today(), scope.latitude());
  }

  /** The demand where a plant stands by day, from its usual air and light. */
  ToDoubleFunction<LocalDate> demand(PlantView plant) {
    LightYears years = lights.years();
    PlaceView place = plant.place();
    Optional<YearLight> stand = years.drawn(plant).map(OfStand::light);
    double read = asRead(place, years.standing().get(plant.id()), stand);
    ToDoubleFunction<LocalDate> light =
        stand.isPresent() ? day -> stand.get().at(day) * read : light(place, years);
    Function<LocalDate, DemandChange.Air> air = air(place, light);
    return day -> air.apply(day).demand();
  }

  /**
   * How much more light devices read on a stand than was worked out for it; 1 where they do not.
   */
  private double asRead(PlaceView place, Long spot, Optional<YearLight> year) {
    Double read = sensors.dli().get(new SensorService.Stand(place.id(), spot));
    return read == null || year.isEmpty() ? 1 : read / year.get().at(scope.today());
  }

  /** The usual air of a place with the light of a day. */
  DemandChange.Air air(PlaceView place, LocalDate day) {
    return air(place, light(place, lights.years())).apply(day);
  }

  /**
   * The air of a place by day: as devices read it that day; outdoors as it is forecast; else as
   * devices read it lately; else as it was noted. What is read is asked for once, not each day.
   */
  private Function<LocalDate, DemandChange.Air> air(
      PlaceView place, ToDoubleFunction<LocalDate> light) {
    Map<LocalDate, SensorService.DayAir> days = sensors.days().getOrDefault(place.id(), Map.of());
    Measured lately = sensors.measured().getOrDefault(place.id(), Measured.NOTHING);
    double noted = place.humidity() == null ? ROOM_HUMIDITY : place.humidity();
    LocalDate today = scope.today();
    Map<LocalDate, Forecast.Day> ahead =
        place.kind() == PlaceKind.OUTDOOR ? forecasts.ahead() : Map.of();
    return day -> {
      SensorService.DayAir read = days.getOrDefault(day, NOT_READ);
      Forecast.Day told = day.isAfter(today) ? ahead.get(day) : null;
      Double warmth = read.temperature();
      if (warmth == null && told != null) {
        warmth = told.mean();
      }
      double dli = light.applyAsDouble(day);
      return new DemandChange.Air(
          first(warmth, lately.temperature(), place.warmth()),
          first(read.humidity(), lately.humidity(), noted),
          told == null || told.clearness() == null
              ? dli
              : dli * told.clearness() / climate.here().clearness(day));
    };
  }

  private static double first(Double one, Double next, double last) {
    return one != null ? one : next != null ? next : last;
  }

  /** By its window as it was drawn; else by its word, else as in a middling place. */
  private ToDoubleFunction<LocalDate> light(PlaceView place, LightYears years) {
    Optional<YearLight> drawn = years.drawn(place.id());
    if (drawn.isPresent()) {
      double read = asRead(place, null, drawn);
      return day -> drawn.get().at(day) * read;
    }
    LightClass noted = place.surroundings().light();
    double dli = (noted == null ? LightClass.MEDIUM : noted).meanDli();
    if (place.surroundings().near().lit() || place.kind() == PlaceKind.CASE) {
      return day -> dli;
    }
    double latitude = scope.latitude();
    return day -> dli * Demand.seasonOfLight(day, latitude);
  }

  WaterOutlook outlook(PlantView plant, Kept pot, List<Entry> entries, LocalDate trailFrom) {
    return WaterOutlook.of(
        story(plant, pot, entries, trailFrom),
        pot.holding(),
        pot.wish(),
        scope.today(),
        demand(plant));
  }

  /** What its entries, the first first, tell of its water. */
  WaterStory story(PlantView plant, Kept pot, List<Entry> entries, LocalDate trailFrom) {
    return WaterStory.tell(
        pot.holding(),
        pot.guess(),
        entries.stream().map(e -> new PotEvent(scope.day(e.at()), e.note())).toList(),
        scope.today(),
        demand(plant),
        trailFrom);
  }
}
