package org.mildlantern.app.records;

import java.util.Set;
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

  OfLight(PlaceService places) {
    this.places = places;
  }

  @Override
  public Set<String> fields() {
    return Set.of("light-rise");
  }

  @Override
  public void read(Asked asked, Records records) {
    LightClass now = asked.plant().place().surroundings().light();
    if (now == null) {
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
                    .map(PlaceView::surroundings)
                    .map(PlaceView.Surroundings::light)
                    .ifPresent(
                        before ->
                            records.number(
                                "light-rise", (double) now.above(before), asked.source(move))));
  }
}
