package org.mildlantern.app.records;

import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.LightYears;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.season.LightClass;
import org.springframework.stereotype.Component;

/** How much lighter its place is than the one from which it was moved within the last weeks. */
@Component
class OfLight implements RecordSource {
  /** A change of light shows on leaves within this time. Rule of thumb. */
  private static final int MOVE_DAYS = 21;

  private final PlaceService places;
  private final LightService lights;

  OfLight(PlaceService places, LightService lights) {
    this.places = places;
    this.lights = lights;
  }

  @Override
  public Set<String> fields() {
    return Set.of("light-rise");
  }

  @Override
  public void read(Asked asked, Records records) {
    LightYears years = lights.years();
    Optional<LightClass> now =
        years
            .drawn(asked.plant())
            .map(stand -> LightClass.ofMean(stand.light().mean()))
            .or(() -> of(asked.plant().place(), years));
    if (now.isEmpty()) {
      return;
    }
    asked
        .latest(NoteKind.MOVED)
        .filter(move -> asked.daysSince(move) <= MOVE_DAYS)
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
                                (double) now.get().above(before),
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
