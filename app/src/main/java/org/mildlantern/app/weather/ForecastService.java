package org.mildlantern.app.weather;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.air.Forecast;
import org.mildlantern.core.air.Nights;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The days ahead where the collection stands, and the plants that they are too much for. */
@Service
@Transactional
public class ForecastService {
  /** Days ahead that tell more than the season does. Rule of thumb. */
  private static final int RELIED_ON = 5;

  /** A forecast older than this is too old to act by. */
  private static final Duration OLD = Duration.ofHours(36);

  private final ForecastStore store;
  private final FrostAnswerRepository answers;
  private final PlantService plants;
  private final CollectionMemo memo;
  private final Scope scope;

  ForecastService(
      ForecastStore store,
      FrostAnswerRepository answers,
      PlantService plants,
      CollectionMemo memo,
      Scope scope) {
    this.store = store;
    this.answers = answers;
    this.plants = plants;
    this.memo = memo;
    this.scope = scope;
  }

  /**
   * A day that is too much for a plant.
   *
   * @param day of a cold night, the one to whose morning it leads
   */
  public record Danger(PlantView plant, LocalDate day, Nights.Danger of) {}

  @Transactional(readOnly = true)
  Optional<ForecastStore.Fetched> latest() {
    return store.of(scope.latitude());
  }

  /** The low of the coming night, as far as it is known. */
  @Transactional(readOnly = true)
  public Optional<Double> tonight() {
    LocalDate tomorrow = scope.today().plusDays(1);
    return fresh().flatMap(f -> f.on(tomorrow)).map(Forecast.Day::low);
  }

  /** The days ahead by day, as far as they can be relied on. */
  @Transactional(readOnly = true)
  public Map<LocalDate, Forecast.Day> ahead() {
    return memo.once("days-ahead", this::daysAhead);
  }

  private Map<LocalDate, Forecast.Day> daysAhead() {
    LocalDate last = scope.today().plusDays(RELIED_ON);
    return fresh()
        .map(
            forecast ->
                forecast.days().stream()
                    .filter(day -> !day.day().isAfter(last))
                    .collect(Collectors.toMap(Forecast.Day::day, Function.identity(), (a, b) -> a)))
        .orElse(Map.of());
  }

  private Optional<Forecast> fresh() {
    return latest()
        .filter(fetched -> fetched.at().isAfter(scope.now().minus(OLD)))
        .map(ForecastStore.Fetched::forecast);
  }

  /** For each plant its first day that is too much for it, of those that were not answered. */
  @Transactional(readOnly = true)
  public List<Danger> dangers() {
    return dangers(plants.kept());
  }

  List<Danger> dangers(List<PlantView> kept) {
    return memo.once("dangers", () -> dangersOf(kept));
  }

  private List<Danger> dangersOf(List<PlantView> kept) {
    Optional<Forecast> forecast = fresh();
    if (forecast.isEmpty()) {
      return List.of();
    }
    LocalDate today = scope.today();
    Map<Long, Set<LocalDate>> answered =
        answers.since(today).stream()
            .collect(
                Collectors.groupingBy(
                    FrostAnswer::plantId,
                    Collectors.mapping(FrostAnswer::night, Collectors.toSet())));
    List<Danger> dangers = new ArrayList<>();
    for (PlantView plant : kept) {
      Set<LocalDate> safe = answered.getOrDefault(plant.id(), Set.of());
      plant
          .kind()
          .taxon()
          .flatMap(
              taxon ->
                  forecast.get().days().stream()
                      .filter(day -> day.day().isAfter(today) && !safe.contains(day.day()))
                      .flatMap(day -> danger(plant, taxon, day, today).stream())
                      .min(Comparator.comparing(Danger::day)))
          .ifPresent(dangers::add);
    }
    return dangers;
  }

  private static Optional<Danger> danger(
      PlantView plant, Taxon taxon, Forecast.Day day, LocalDate today) {
    PlaceView place = plant.place();
    return Nights.at(place.kind() == PlaceKind.OUTDOOR, place.surroundings().coldest())
        .flatMap(nights -> nights.of(taxon, day, today))
        .map(harm -> new Danger(plant, day.day(), harm));
  }

  /** Keeps that plants are safe on a day; those that are not of the collection are left out. */
  public int safe(List<Long> plantIds, LocalDate day) {
    Set<Long> known =
        answers.since(day).stream()
            .filter(one -> one.night().equals(day))
            .map(FrostAnswer::plantId)
            .collect(Collectors.toSet());
    List<FrostAnswer> fresh =
        plants.kept().stream()
            .map(PlantView::id)
            .filter(id -> plantIds.contains(id) && !known.contains(id))
            .map(id -> new FrostAnswer(id, day))
            .toList();
    answers.saveAll(fresh);
    return fresh.size();
  }

  /** Takes back that plants are safe from a day on. */
  int takeBack(LocalDate day) {
    List<FrostAnswer> said = answers.since(day);
    answers.deleteAll(said);
    return said.size();
  }

  @Transactional(readOnly = true)
  int answered() {
    return answers.since(scope.today()).size();
  }
}
