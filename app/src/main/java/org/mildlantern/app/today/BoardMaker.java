package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundChoices;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.round.RoundSource.Ask;
import org.mildlantern.app.round.RoundSource.Due;
import org.mildlantern.core.round.Agenda;
import org.mildlantern.core.round.DayTimes;
import org.mildlantern.core.round.Minutes;
import org.springframework.stereotype.Component;

/** Gathers what every feature has to offer the round, and lays it out over the days. */
@Component
class BoardMaker {
  /** Days from today on that are levelled when they are too full. */
  private static final int LEVELLED = 14;

  private final PlantService plants;
  private final PlaceService places;
  private final List<RoundSource> sources;
  private final RoundChoices choices;
  private final Pace pace;
  private final Scope scope;

  BoardMaker(
      PlantService plants,
      PlaceService places,
      List<RoundSource> sources,
      RoundChoices choices,
      Pace pace,
      Scope scope) {
    this.plants = plants;
    this.places = places;
    this.sources = sources;
    this.choices = choices;
    this.pace = pace;
    this.scope = scope;
  }

  Board make() {
    LocalDate today = scope.today();
    List<PlantView> kept = this.plants.kept();
    List<PlaceView> all = places.all();
    Board.Plants plants = Board.Plants.of(all, kept);
    RoundSource.Ground ground = new RoundSource.Ground(today, kept);
    Map<Long, List<Due>> due =
        sources.stream()
            .flatMap(source -> source.due(ground).stream())
            .collect(Collectors.groupingBy(work -> work.plant().id()));
    Set<Long> catching =
        sources.stream()
            .flatMap(source -> source.catching(ground).stream())
            .flatMap(plant -> ground.plant(plant).stream())
            .map(plant -> plant.place().id())
            .collect(Collectors.toSet());
    List<PlaceView> walk =
        all.stream()
            .sorted(
                Comparator.comparing(PlaceView::quarantine)
                    .thenComparing(place -> catching.contains(place.id())))
            .toList();
    return new Board(
        today,
        all,
        plants,
        walk,
        catching,
        lamps(ground, due),
        agenda(today, walk, plants.byPlace(), due),
        sources.stream().flatMap(source -> source.notices(ground).stream()).toList());
  }

  /** Days ahead that matter and are no work yet, by day. */
  List<Due> ahead() {
    RoundSource.Ground ground = new RoundSource.Ground(scope.today(), plants.kept());
    return sources.stream()
        .flatMap(source -> source.ahead(ground).stream())
        .sorted(Comparator.comparing(Due::on))
        .toList();
  }

  private Agenda<Due> agenda(
      LocalDate today,
      List<PlaceView> walk,
      Map<Long, List<PlantView>> byPlace,
      Map<Long, List<Due>> due) {
    DayTimes times = choices.times();
    Minutes minutes = times.endless() ? Minutes.learn(List.of()) : pace.minutes();
    List<Agenda.Task<Due>> tasks = new ArrayList<>();
    for (PlaceView place : walk) {
      for (PlantView plant : byPlace.getOrDefault(place.id(), List.of())) {
        for (Due work : due.getOrDefault(plant.id(), List.of())) {
          tasks.add(
              new Agenda.Task<>(
                  work, work.on(), work.bears(), Pace.of(minutes, work.work()) * work.share()));
        }
      }
    }
    return Agenda.of(tasks, today, times.endless() ? 0 : pace.spent(minutes), times, LEVELLED);
  }

  private Map<Long, Lamp> lamps(RoundSource.Ground ground, Map<Long, List<Due>> due) {
    List<Map<Long, Ask>> asks = sources.stream().map(source -> source.asks(ground)).toList();
    return ground.kept().stream()
        .collect(Collectors.toMap(PlantView::id, plant -> lamp(plant, ground.today(), asks, due)));
  }

  private static Lamp lamp(
      PlantView plant, LocalDate today, List<Map<Long, Ask>> asks, Map<Long, List<Due>> due) {
    if (plant.place().quarantine()) {
      return Lamp.QUARANTINE;
    }
    Stream<Ask> come =
        due.getOrDefault(plant.id(), List.of()).stream()
            .filter(work -> !work.on().isAfter(today))
            .map(Due::ask);
    Stream<Ask> beyond =
        asks.stream().flatMap(of -> Optional.ofNullable(of.get(plant.id())).stream());
    return Stream.concat(come, beyond)
        .max(Comparator.naturalOrder())
        .map(ask -> ask == Ask.MUCH ? Lamp.BRIGHT : Lamp.LOW)
        .orElse(Lamp.UNLIT);
  }
}
