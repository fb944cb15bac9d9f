package org.mildlantern.app.records;

import java.util.Locale;
import java.util.Set;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.places.Near;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.light.YearLight;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** What is noted of the plant's place. */
@Component
class OfPlace implements RecordSource {
  private static final Words WORDS = Words.of(OfPlace.class);

  private final LightService lights;

  OfPlace(LightService lights) {
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
    records
        .number("temperature", place.temperature(), source)
        .number("humidity", place.humidity(), source)
        .number("coldest", around.coldest(), source)
        .number("warmest", around.warmest(), source)
        .choice("place-kind", place.kind().id(), source)
        .yesNo("near-draught", near.draught(), source)
        .yesNo("near-glass", near.glass(), source)
        .yesNo("near-heater", near.heater(), source)
        .yesNo("near-lamp", near.lamp(), source);
    light(place, around.light(), source, records);
  }

  /** As noted; else by what is known of its window, sky and lamps. */
  private void light(PlaceView place, LightClass noted, String source, Records records) {
    if (noted != null) {
      records.choice("place-light", noted.name().toLowerCase(Locale.ROOT), source);
      return;
    }
    YearLight year = lights.years().get(place.id());
    if (year != null) {
      records.choice(
          "place-light",
          LightClass.ofMean(year.mean()).name().toLowerCase(Locale.ROOT),
          WORDS.say("by-window", place.name(), year.mean()));
    }
  }
}
