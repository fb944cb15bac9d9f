package org.mildlantern.app.records;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.Felt;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.OfStand;
import org.mildlantern.app.places.Near;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.sensors.Measured;
import org.mildlantern.app.sensors.SensorService;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.core.air.ClimateYear;
import org.mildlantern.core.air.Nights;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** What is noted of the plant's place. */
@Component
class OfPlace implements RecordSource {
  private static final Words WORDS = Words.of(OfPlace.class);

  private static final int WEEKS_BACK = 21;

  /** Errors of a keeper’s thermometer, K, and hygrometer, points. Rules of thumb. */
  private static final double KELVIN = 0.7;

  private static final double POINTS = 4;

  /** What a drawing says of heat and draughts is so. Rule of thumb. */
  private static final double DRAWN = 0.9;

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
  }

  /** As devices read it; else as it was noted. */
  private void air(PlaceView place, String noted, Records records) {
    PlaceView.Surroundings around = place.surroundings();
    Measured measured = measured(place);
    String read = WORDS.say("read", place.name());
    figure(
        "temperature", measured.temperature(), KELVIN, read, place.temperature(), noted, records);
    figure("humidity", measured.humidity(), POINTS, read, place.humidity(), noted, records);
    figure("coldest", measured.coldest(), KELVIN, read, around.coldest(), noted, records);
    figure("warmest", measured.warmest(), KELVIN, read, around.warmest(), noted, records);
  }

  private Measured measured(PlaceView place) {
    return sensors.measured().getOrDefault(place.id(), Measured.NOTHING);
  }

  private static void figure(
      String field,
      Double measured,
      double error,
      String read,
      Double noted,
      String source,
      Records records) {
    if (measured == null) {
      records.number(field, noted, source);
    } else {
      records.number(field, measured, error, read);
    }
  }

  /** As it was ticked; what was not, by the room as it was drawn. */
  private void near(Optional<OfStand> stand, PlaceView place, String source, Records records) {
    Near near = place.surroundings().near();
    String drawn = WORDS.say("by-room", place.name());
    Optional<Felt> felt = stand.map(OfStand::felt);
    Optional<Felt> drawnThings = felt.filter(Felt::known);
    either(
        "near-draught",
        near.draught(),
        source,
        drawnThings.map(f -> asDrawn(f.blown())),
        drawn,
        records);
    either(
        "near-heater",
        near.heater(),
        source,
        drawnThings.map(f -> asDrawn(f.heated())),
        drawn,
        records);
    Optional<Double> glass =
        felt.filter(f -> place.kind() != PlaceKind.OUTDOOR)
            .map(f -> f.atColdGlass(nightIndoors(place), coldNight(), measured(place).pane()));
    either("near-glass", near.glass(), source, glass, drawn, records);
    records.yesNo("near-lamp", near.lamp(), source);
  }

  private static double asDrawn(boolean near) {
    return near ? DRAWN : 1 - DRAWN;
  }

  private static void either(
      String field,
      Boolean ticked,
      String source,
      Optional<Double> chance,
      String by,
      Records records) {
    if (ticked != null) {
      records.yesNo(field, ticked, source);
    } else {
      chance.ifPresent(yes -> records.likely(field, yes, by));
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
      records.likely(
          "heating", Nights.heating(outdoors), "on", "off", WORDS.say("by-season", outdoors));
    }
  }
}
