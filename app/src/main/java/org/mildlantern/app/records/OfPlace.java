package org.mildlantern.app.records;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.Felt;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.OfStand;
import org.mildlantern.app.places.Near;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.sensors.Measured;
import org.mildlantern.app.sensors.SensorService;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.core.air.ClimateYear;
import org.mildlantern.core.air.Nights;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.water.Demand;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** What is noted of the plant's place. */
@Component
class OfPlace implements RecordSource {
  private static final Words WORDS = Words.of(OfPlace.class);

  private static final int WEEKS_BACK = 21;

  private final LightService lights;
  private final SensorService sensors;
  private final ClimateService climate;
  private final Scope scope;

  OfPlace(LightService lights, SensorService sensors, ClimateService climate, Scope scope) {
    this.sensors = sensors;
    this.lights = lights;
    this.climate = climate;
    this.scope = scope;
  }

  @Override
  public Set<String> fields() {
    return Set.of(
        "temperature",
        "humidity",
        "coldest",
        "warmest",
        "place-kind",
        "place-light",
        "near-draught",
        "near-glass",
        "near-heater",
        "near-lamp",
        "heating");
  }

  @Override
  public void read(Asked asked, Records records) {
    PlaceView place = asked.plant().place();
    String source = WORDS.say("place", place.name());
    Optional<OfStand> stand = lights.years().drawn(asked.plant());
    air(place, source, records);
    records.choice("place-kind", place.kind().id(), source);
    near(stand, place, source, records);
    heating(place, records);
    light(stand, asked.plant(), source, records);
  }

  /** As devices read it; else as it was noted. */
  private void air(PlaceView place, String noted, Records records) {
    PlaceView.Surroundings around = place.surroundings();
    Measured measured = measured(place);
    String read = WORDS.say("read", place.name());
    figure("temperature", measured.temperature(), read, place.temperature(), noted, records);
    figure("humidity", measured.humidity(), read, place.humidity(), noted, records);
    figure("coldest", measured.coldest(), read, around.coldest(), noted, records);
    figure("warmest", measured.warmest(), read, around.warmest(), noted, records);
  }

  private Measured measured(PlaceView place) {
    return sensors.measured().getOrDefault(place.id(), Measured.NOTHING);
  }

  private static void figure(
      String field, Double measured, String read, Double noted, String source, Records records) {
    if (measured == null) {
      records.number(field, noted, source);
    } else {
      records.number(field, measured, read);
    }
  }

  /** As devices read it; else by its stand as it was drawn; else as noted. */
  private void light(Optional<OfStand> stand, PlantView plant, String source, Records records) {
    PlaceView place = plant.place();
    LightClass noted = place.surroundings().light();
    Long spot = lights.years().standing().get(plant.id());
    Double read = sensors.dli().get(new SensorService.Stand(place.id(), spot));
    if (read != null) {
      double year = read / shareOfYear(stand);
      records.choice(
          "place-light", word(LightClass.ofMean(year)), WORDS.say("by-sensor", place.name(), read));
    } else if (stand.isPresent()) {
      double mean = stand.get().light().mean();
      records.choice(
          "place-light", word(LightClass.ofMean(mean)), WORDS.say("by-window", place.name(), mean));
    } else if (noted != null) {
      records.choice("place-light", word(noted), source);
    }
  }

  /** Light of this season against that of the mean day of the year. */
  private double shareOfYear(Optional<OfStand> stand) {
    LocalDate today = scope.today();
    return stand
        .map(one -> one.light().at(today) / one.light().mean())
        .orElseGet(() -> Demand.seasonOfLight(today, scope.latitude()));
  }

  private static String word(LightClass light) {
    return light.name().toLowerCase(Locale.ROOT);
  }

  /** As it was ticked; what was not, by the room as it was drawn. */
  private void near(Optional<OfStand> stand, PlaceView place, String source, Records records) {
    Near near = place.surroundings().near();
    String drawn = WORDS.say("by-room", place.name());
    Optional<Felt> felt = stand.map(OfStand::felt);
    Boolean blown = felt.filter(Felt::known).map(Felt::blown).orElse(null);
    Boolean heated = felt.filter(Felt::known).map(Felt::heated).orElse(null);
    Boolean glass =
        place.kind() == PlaceKind.OUTDOOR
            ? null
            : felt.map(
                    one ->
                        one.atColdGlass(nightIndoors(place), coldNight(), measured(place).pane()))
                .orElse(null);
    either("near-draught", near.draught(), source, blown, drawn, records);
    either("near-glass", near.glass(), source, glass, drawn, records);
    either("near-heater", near.heater(), source, heated, drawn, records);
    records.yesNo("near-lamp", near.lamp(), source);
  }

  private static void either(
      String field, Boolean ticked, String source, Boolean worked, String by, Records records) {
    if (ticked != null) {
      records.yesNo(field, ticked, source);
    } else if (worked != null) {
      records.yesNo(field, worked, by);
    }
  }

  /** The coldest that nights of the last weeks usually are. */
  private double coldNight() {
    ClimateYear here = climate.here();
    LocalDate today = scope.today();
    return Math.min(here.coldNight(today), here.coldNight(today.minusDays(WEEKS_BACK)));
  }

  private static double nightIndoors(PlaceView place) {
    Double coldest = place.surroundings().coldest();
    return coldest == null ? place.warmth() - Nights.HEATED_ROOM : coldest;
  }

  /** By the warmth outdoors; nobody heats the open. */
  private void heating(PlaceView place, Records records) {
    if (place.kind() != PlaceKind.OUTDOOR) {
      double outdoors = climate.here().air(scope.today()).celsius();
      records.choice(
          "heating", Nights.heating(outdoors) ? "on" : "off", WORDS.say("by-season", outdoors));
    }
  }
}
