package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.season.CueLedger;
import org.springframework.stereotype.Component;

/** The nights that plants had where they stood then. */
@Component
class Stays {
  /** No cue is counted for longer. */
  private static final int LONGEST_DAYS = 300;

  private final JournalService journal;
  private final PlaceService places;
  private final PlaceNights nights;
  private final CollectionMemo memo;
  private final Scope scope;

  Stays(
      JournalService journal,
      PlaceService places,
      PlaceNights nights,
      CollectionMemo memo,
      Scope scope) {
    this.journal = journal;
    this.places = places;
    this.nights = nights;
    this.memo = memo;
    this.scope = scope;
  }

  CueLedger ledger(PlantView plant, CueLedger.Cue cue) {
    LocalDate today = scope.today();
    List<Entry> moves = moves().getOrDefault(plant.id(), List.of());
    Map<Long, PlaceView> byId =
        places.all().stream().collect(Collectors.toMap(PlaceView::id, Function.identity()));
    Map<LocalDate, PlaceView> stood = new HashMap<>();
    Map<LocalDate, Double> lows = new HashMap<>();
    for (LocalDate day = cue.from(); !day.isAfter(today); day = day.plusDays(1)) {
      PlaceView place = on(day, plant, moves, byId);
      stood.put(day, place);
      Double low = nights.read(place).get(day);
      if (low != null) {
        lows.put(day, low);
      }
    }
    return CueLedger.of(
        cue, lows, day -> nights.usual(stood.getOrDefault(day, plant.place())), today);
  }

  /** Where it stood in the night to a day: the first move after that says from where. */
  private PlaceView on(
      LocalDate day, PlantView plant, List<Entry> moves, Map<Long, PlaceView> byId) {
    return moves.stream()
        .filter(move -> !scope.day(move.at()).isBefore(day))
        .findFirst()
        .flatMap(move -> move.as(Moved.class))
        .map(Moved::from)
        .map(byId::get)
        .orElse(plant.place());
  }

  /** Moves by plant, the first first. */
  private Map<Long, List<Entry>> moves() {
    return memo.once(
        "moves-of-the-year",
        () ->
            journal.movesSince(scope.today().minusDays(LONGEST_DAYS)).stream()
                .sorted(Comparator.comparing(Entry::at).thenComparing(Entry::id))
                .collect(Collectors.groupingBy(Entry::plantId)));
  }
}
