package org.mildlantern.app.weather;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.journal.LastMove;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.air.Acclimation;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts on the round how a plant that went out or came in gets used to its nights. */
@Component
@Order(2)
class AcclimationOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(AcclimationOnTheRound.class);
  private static final int LONGEST_DAYS = 14;

  private final JournalService journal;
  private final PlaceService places;
  private final ClimateService climate;

  AcclimationOnTheRound(JournalService journal, PlaceService places, ClimateService climate) {
    this.journal = journal;
    this.places = places;
    this.climate = climate;
  }

  @Override
  public List<Due> due(Ground ground) {
    List<Due> due = new ArrayList<>();
    for (LastMove move : journal.lastMovesSince(ground.today().minusDays(LONGEST_DAYS))) {
      ground
          .plant(move.plantId())
          .filter(plant -> plant.place().id().equals(move.to()))
          .ifPresent(plant -> due.addAll(steps(plant, move, ground.today())));
    }
    return due;
  }

  private List<Due> steps(PlantView plant, LastMove move, LocalDate today) {
    Optional<PlaceView> from = move.from().flatMap(places::find);
    PlaceView to = plant.place();
    boolean outOrIn =
        from.isPresent()
            && (from.get().kind() == PlaceKind.OUTDOOR) != (to.kind() == PlaceKind.OUTDOOR);
    if (!outOrIn) {
      return List.of();
    }
    return Acclimation.after(nights(from.get(), today), nights(to, today), move.day())
        .filter(way -> !way.until().isBefore(today))
        .map(way -> rows(plant, way, today))
        .orElse(List.of());
  }

  private List<Due> rows(PlantView plant, Acclimation way, LocalDate today) {
    String until = Days.near(way.until());
    List<Due> rows = new ArrayList<>();
    if (way.until().isAfter(today)) {
      rows.add(
          row(
              plant,
              today,
              WORDS.say(way.colder() ? "nights-in" : "cool-spot", until),
              WORDS.say(way.colder() ? "nights-in-why" : "cool-spot-why")));
    }
    if (way.colder()) {
      rows.add(row(plant, way.until(), WORDS.say("stays-out"), WORDS.say("stays-out-why")));
    }
    return rows;
  }

  private static Due row(PlantView plant, LocalDate on, String task, String reason) {
    return Due.on(
        on,
        RoundItem.due("nights-" + plant.id() + "-" + on, Work.COLD, plant, task, reason)
            .leadingTo("/weather", WORDS.say("forecast")));
  }

  private double nights(PlaceView place, LocalDate day) {
    return place.kind() == PlaceKind.OUTDOOR
        ? climate.here().night(day)
        : place.surroundings().coldest() == null ? place.warmth() : place.surroundings().coldest();
  }
}
