package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.water.DemandChange;
import org.mildlantern.core.water.PaceChange;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Says why a pot wants water sooner or later than five weeks ago. */
@Component
class WaterChanges {
  private static final Words WORDS = Words.of(WaterChanges.class);

  private static final int DAYS = 35;

  private final PotModel model;
  private final JournalService journal;
  private final PlaceService places;
  private final Scope scope;

  WaterChanges(PotModel model, JournalService journal, PlaceService places, Scope scope) {
    this.model = model;
    this.journal = journal;
    this.places = places;
    this.scope = scope;
  }

  /** What changed about it, in sentences; its pace last. */
  List<String> of(PlantView plant, PaceChange pace) {
    LocalDate then = scope.today().minusDays(DAYS);
    List<Entry> since =
        journal.since(plant.id(), then.atStartOfDay(scope.zone()).toInstant()).stream()
            .sorted(Comparator.comparing(Entry::at))
            .toList();
    List<String> changes = new ArrayList<>();
    Optional<Entry> move = first(since, NoteKind.MOVED);
    PlaceView before =
        move.flatMap(entry -> entry.as(Moved.class))
            .map(Moved::from)
            .flatMap(places::find)
            .orElse(plant.place());
    DemandChange demand =
        DemandChange.of(model.air(before, then), model.air(plant.place(), scope.today()));
    if (!demand.words().isEmpty()) {
      changes.add(
          move.map(entry -> WORDS.say("moved", before.name(), day(entry), demand.words()))
              .orElse(demand.words()));
    }
    first(since, NoteKind.REPOTTED)
        .ifPresent(entry -> changes.add(WORDS.say("new-pot", day(entry))));
    if (plant.stageSince() != null && plant.stageSince().isAfter(then)) {
      changes.add(
          plant.stage() == Stage.REST
              ? WORDS.say("at-rest", Days.brief(plant.stageSince()))
              : WORDS.say(
                  "stage",
                  Days.brief(plant.stageSince()),
                  plant.stage().label().toLowerCase(Locale.ROOT)));
    }
    if (pace != null && !pace.words().isEmpty()) {
      changes.add(pace.words());
    }
    return changes;
  }

  private static Optional<Entry> first(List<Entry> entries, NoteKind kind) {
    return entries.stream().filter(e -> e.kind() == kind).findFirst();
  }

  private String day(Entry entry) {
    return Days.brief(scope.day(entry.at()));
  }
}
