package org.mildlantern.app.records;

import java.util.Locale;
import java.util.Set;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.LightYears;
import org.mildlantern.app.places.Near;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.sensors.Measured;
import org.mildlantern.app.sensors.SensorService;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** What is noted of the plant's place. */
@Component
class OfPlace implements RecordSource {
  private static final Words WORDS = Words.of(OfPlace.class);

  private final LightService lights;
  private final SensorService sensors;

  OfPlace(LightService lights, SensorService sensors) {
    this.sensors = sensors;
    this.lights = lights;
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
        "near-lamp");
  }

  @Override
  public void read(Asked asked, Records records) {
    PlaceView place = asked.plant().place();
    String source = WORDS.say("place", place.name());
    PlaceView.Surroundings around = place.surroundings();
    Near near = around.near();
    air(place, source, records);
    records
        .choice("place-kind", place.kind().id(), source)
        .yesNo("near-draught", near.draught(), source)
        .yesNo("near-glass", near.glass(), source)
        .yesNo("near-heater", near.heater(), source)
        .yesNo("near-lamp", near.lamp(), source);
    light(asked.plant(), around.light(), source, records);
  }

  /** As devices read it; else as it was noted. */
  private void air(PlaceView place, String noted, Records records) {
    PlaceView.Surroundings around = place.surroundings();
    Measured measured = sensors.measured().getOrDefault(place.id(), Measured.NOTHING);
    String read = WORDS.say("read", place.name());
    figure("temperature", measured.temperature(), read, place.temperature(), noted, records);
    figure("humidity", measured.humidity(), read, place.humidity(), noted, records);
    figure("coldest", measured.coldest(), read, around.coldest(), noted, records);
    figure("warmest", measured.warmest(), read, around.warmest(), noted, records);
  }

  private static void figure(
      String field, Double measured, String read, Double noted, String source, Records records) {
    if (measured == null) {
      records.number(field, noted, source);
    } else {
      records.number(field, measured, read);
    }
  }

  /** By the stand that was drawn; else as noted; else by what is known of the place’s window. */
  private void light(PlantView plant, LightClass noted, String source, Records records) {
    LightYears years = lights.years();
    if (noted != null && years.ofStand(plant).isEmpty()) {
      records.choice("place-light", noted.name().toLowerCase(Locale.ROOT), source);
      return;
    }
    years
        .of(plant)
        .ifPresent(
            year ->
                records.choice(
                    "place-light",
                    LightClass.ofMean(year.mean()).name().toLowerCase(Locale.ROOT),
                    WORDS.say("by-window", plant.place().name(), year.mean())));
  }
}
