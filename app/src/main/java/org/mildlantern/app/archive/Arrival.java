package org.mildlantern.app.archive;

import java.util.List;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.quarantine.QuarantineService;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Receives a plant that another keeper handed over. */
@Component
class Arrival {
  private static final Words WORDS = Words.of(Arrival.class);

  private final PlaceService places;
  private final QuarantineService quarantine;

  Arrival(PlaceService places, QuarantineService quarantine) {
    this.places = places;
    this.quarantine = quarantine;
  }

  /**
   * Where it stands first.
   *
   * @param chosen or null for any place
   */
  Long place(Long chosen) {
    if (chosen != null) {
      return places
          .find(chosen)
          .map(PlaceView::id)
          .orElseThrow(() -> new ArchiveFault(WORDS.say("no-place")));
    }
    return places.all().stream()
        .findFirst()
        .orElseGet(() -> places.add(WORDS.say("first-place"), PlaceKind.INDOOR, null))
        .id();
  }

  void came(List<Long> plants, boolean apart) {
    if (apart) {
      plants.forEach(plant -> quarantine.begin(plant, WORDS.say("new-here"), null));
    }
  }
}
