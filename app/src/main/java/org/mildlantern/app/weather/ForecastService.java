package org.mildlantern.app.weather;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.air.ColdBorne;
import org.mildlantern.core.air.Forecast;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The days ahead where the collection stands, and the plants that they are too much for. */
@Service
@Transactional
public class ForecastService {
  /** Chance from which it is time to act. Rule of thumb. */
  private static final double ACT = 0.25;

  /** A forecast older than this is too old to act by. */
  private static final Duration OLD = Duration.ofHours(36);

  /** A room that was noted as cold as this is not heated, °C. */
  private static final double UNHEATED = 5;

  /** It is so much warmer there at night than outdoors, K. Rule of thumb. */
  private static final double SHELTER = 4;

  /** A day hotter than a kind wishes by so much is too hot in the open, K. Rule of thumb. */
  private static final double HOT = 4;

  private final ForecastStore store;
  private final FrostAnswerRepository answers;
  private final PlantService plants;
  private final Scope scope;

  ForecastService(
      ForecastStore store, FrostAnswerRepository answers, PlantService plants, Scope scope) {
    this.store = store;
    this.answers = answers;
    this.plants = plants;
    this.scope = scope;
  }

  /** What is too much for a plant. */
  public enum Harm {
    COLD,
    HEAT
  }

  /**
   * A day that is too much for a plant.
   *
   * @param day of a cold night, the one to whose morning it leads
   * @param expected low or high where it stands, °C
   * @param bears °C
   * @param chance that it goes beyond what the plant bears, 0 to 1
   */
  public record Danger(
      PlantView plant, Harm harm, LocalDate day, double expected, double bears, double chance) {}

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
    boolean open = place.kind() == PlaceKind.OUTDOOR;
    if (!open && !isUnheated(place)) {
      return Optional.empty();
    }
    double shelter = open ? 0 : SHELTER;
    double bears = ColdBorne.night(taxon);
    double cold = Forecast.below(bears - shelter, day, today);
    if (cold >= ACT) {
      return Optional.of(new Danger(plant, Harm.COLD, day.day(), day.low() + shelter, bears, cold));
    }
    double most = taxon.warmestWished() + HOT;
    double hot = open ? Forecast.above(most, day, today) : 0;
    return hot >= ACT
        ? Optional.of(new Danger(plant, Harm.HEAT, day.day(), day.high(), most, hot))
        : Optional.empty();
  }

  private static boolean isUnheated(PlaceView place) {
    Double coldest = place.surroundings().coldest();
    return coldest != null && coldest <= UNHEATED;
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
