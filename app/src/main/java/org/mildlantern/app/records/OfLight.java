package org.mildlantern.app.records;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.LightRise;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.LightYears;
import org.mildlantern.app.light.OfStand;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.sensors.SensorService;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.light.SunYear;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.water.Demand;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** The light and sun on its stand, and how much more they are than three weeks ago. */
@Component
class OfLight implements RecordSource {
  private static final Words WORDS = Words.of(OfLight.class);

  /** A change of light shows on leaves within this time. Rule of thumb. */
  private static final int MOVE_DAYS = 21;

  /** Error of light that a device read day and night for weeks, as a share. Rule of thumb. */
  private static final double READ = 0.15;

  /** Words for light are half a step off, h of sun of a drawn stand so many. Rules of thumb. */
  private static final double STEPS_OF_WORDS = 0.5;

  private static final double SUN_HOURS = 0.5;

  private final PlaceService places;
  private final LightService lights;
  private final SensorService sensors;
  private final Scope scope;

  OfLight(PlaceService places, LightService lights, SensorService sensors, Scope scope) {
    this.places = places;
    this.lights = lights;
    this.sensors = sensors;
    this.scope = scope;
  }

  @Override
  public Set<String> fields() {
    return Set.of(
        "place-light", "light-mean", "light-season", "light-ppfd", "direct-hours", "light-rise");
  }

  @Override
  public void read(Asked asked, Records records) {
    LightYears years = lights.years();
    Optional<OfStand> stand = years.drawn(asked.plant());
    light(stand, years, asked.plant(), records);
    stand.ifPresent(drawn -> sun(drawn, asked.plant(), records));
    Optional<LightRise> rise = lights.rise(asked.plant(), asked.entries());
    if (rise.isPresent()) {
      records.number("light-rise", rise.get().steps(), rise.get().spread(), words(rise.get()));
    } else {
      byWords(asked, years, records);
    }
  }

  /** As devices read it; else by its stand as it was drawn; else as noted. */
  private void light(Optional<OfStand> stand, LightYears years, PlantView plant, Records records) {
    PlaceView place = plant.place();
    Long spot = years.standing().get(plant.id());
    Double read = sensors.dli().get(new SensorService.Stand(place.id(), spot));
    if (read != null) {
      double year = read / shareOfYear(stand);
      records.number("light-mean", year, year * READ, WORDS.say("by-sensor", place.name(), read));
    } else if (stand.isPresent()) {
      double mean = stand.get().light().mean();
      records.number(
          "light-mean",
          mean,
          mean * stand.get().trust().spread(),
          WORDS.say("by-window", place.name(), mean));
      double now = stand.get().light().at(scope.today());
      records.number(
          "light-season",
          now,
          now * stand.get().trust().spread(),
          WORDS.say("by-season-light", place.name(), now));
    } else if (place.surroundings().light() != null) {
      records.choice(
          "place-light",
          place.surroundings().light().name().toLowerCase(Locale.ROOT),
          WORDS.say("place", place.name()));
    }
  }

  /** Light of this season against that of the mean day of the year. */
  private double shareOfYear(Optional<OfStand> stand) {
    LocalDate today = scope.today();
    return stand
        .map(one -> one.light().at(today) / one.light().mean())
        .orElseGet(() -> Demand.seasonOfLight(today, scope.latitude()));
  }

  private void sun(OfStand stand, PlantView plant, Records records) {
    SunYear.Clear clear = stand.sun().at(scope.today());
    double hours = clear.directHours();
    records.number(
        "light-ppfd",
        clear.peakPpfd(),
        clear.peakPpfd() * stand.trust().spread(),
        WORDS.say("by-noon", plant.place().name(), clear.peakPpfd()));
    records.number(
        "direct-hours",
        hours,
        Math.max(SUN_HOURS, hours * stand.trust().spread()),
        WORDS.say("by-sky", plant.place().name(), hours));
  }

  private static String words(LightRise rise) {
    return WORDS.say(
        "rise",
        rise.before().dli(),
        rise.before().directHours(),
        rise.after().dli(),
        rise.after().directHours());
  }

  /** By the words for the place where it stands and for that from which it was moved. */
  private void byWords(Asked asked, LightYears years, Records records) {
    PlaceView place = asked.plant().place();
    Optional<LightClass> now =
        years
            .drawn(asked.plant())
            .map(stand -> LightClass.ofMean(stand.light().mean()))
            .or(() -> of(place, years));
    asked
        .latest(NoteKind.MOVED)
        .filter(move -> now.isPresent() && asked.daysSince(move) <= MOVE_DAYS)
        .ifPresent(
            move ->
                move.as(Moved.class)
                    .map(Moved::from)
                    .flatMap(places::find)
                    .flatMap(from -> of(from, years))
                    .ifPresent(
                        before ->
                            records.number(
                                "light-rise",
                                now.get().above(before),
                                STEPS_OF_WORDS,
                                asked.source(move))));
  }

  /** By its window as it was drawn, else as it was noted. */
  private static Optional<LightClass> of(PlaceView place, LightYears years) {
    return years
        .drawn(place.id())
        .map(year -> LightClass.ofMean(year.mean()))
        .or(() -> Optional.ofNullable(place.surroundings().light()));
  }
}
