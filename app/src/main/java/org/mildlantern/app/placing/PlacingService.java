package org.mildlantern.app.placing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.LitStand;
import org.mildlantern.app.light.StandService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.placing.Guest;
import org.mildlantern.core.placing.Misfit;
import org.mildlantern.core.placing.Placing;
import org.mildlantern.core.placing.Stand;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out which plants should change places, and moves them. */
@Service
@Transactional
class PlacingService {
  private static final Words WORDS = Words.of(PlacingService.class);

  /** Points that are worth a word. */
  private static final double SOME = 0.05;

  private final LightService lights;
  private final StandService standings;
  private final PlantService plants;
  private final PlantNotes notes;
  private final Knowledge knowledge;
  private final ClimateService climate;
  private final Scope scope;

  PlacingService(
      LightService lights,
      StandService standings,
      PlantService plants,
      PlantNotes notes,
      Knowledge knowledge,
      ClimateService climate,
      Scope scope) {
    this.climate = climate;
    this.lights = lights;
    this.standings = standings;
    this.plants = plants;
    this.notes = notes;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /**
   * The moves worth making.
   *
   * @param ahead months that are looked at, this one with them
   */
  @Transactional(readOnly = true)
  PlacingView best(int ahead) {
    List<LitStand> lit = lights.stands();
    Map<Long, Long> standing = lights.years().standing();
    Map<Long, LitStand> byId = new LinkedHashMap<>();
    lit.forEach(stand -> byId.put(id(stand), stand));
    List<PlantView> kept = plants.kept();
    Map<Long, Integer> count = new HashMap<>();
    Map<Long, PlantView> plantById = new HashMap<>();
    List<Guest> guests = new ArrayList<>();
    for (PlantView plant : kept) {
      Long spot = standing.get(plant.id());
      long at = spot == null ? -plant.place().id() : spot;
      count.merge(at, 1, Integer::sum);
      plantById.put(plant.id(), plant);
      guests.add(guest(plant, at));
    }
    List<Stand> stands =
        byId.entrySet().stream()
            .map(e -> stand(e.getKey(), e.getValue(), count.getOrDefault(e.getKey(), 0), ahead))
            .toList();
    List<PlacingView.Move> moves =
        Placing.best(guests, stands).stream()
            .map(move -> move(move, plantById.get(move.guest().id()), byId))
            .toList();
    Set<Long> known = lit.stream().map(s -> s.place().id()).collect(Collectors.toSet());
    return new PlacingView(
        ahead,
        (int) guests.stream().filter(g -> g.moving() != Guest.Moving.STAYS).count(),
        moves,
        kept.stream()
            .map(PlantView::place)
            .filter(place -> !known.contains(place.id()))
            .collect(Collectors.toMap(PlaceView::id, Function.identity(), (a, b) -> a))
            .values()
            .stream()
            .toList());
  }

  private static long id(LitStand stand) {
    return stand.spot() == null ? -stand.place().id() : stand.spot();
  }

  private Guest guest(PlantView plant, long at) {
    LightWish wish =
        knowledge.lightWish(plant.kind()).map(w -> rests(plant) ? w.atRest() : w).orElse(null);
    Guest.Bears bears = plant.kind().taxon().map(PlacingService::bears).orElse(null);
    return new Guest(plant.id(), at, wish, bears, moving(plant, wish));
  }

  private boolean rests(PlantView plant) {
    return plant.resting(scope.today(), scope.latitude());
  }

  private static Guest.Bears bears(Taxon taxon) {
    return new Guest.Bears(taxon.coldestWished(), taxon.warmestWished(), taxon.humidity());
  }

  private static Guest.Moving moving(PlantView plant, LightWish wish) {
    if (wish == null || plant.place().quarantine() || plant.stage() == Stage.BUD) {
      return Guest.Moving.STAYS;
    }
    return plant.stage() == Stage.FLOWER ? Guest.Moving.IN_FLOWER : Guest.Moving.LIGHTLY;
  }

  private Stand stand(long id, LitStand lit, int here, int ahead) {
    List<LocalDate> months =
        IntStream.range(0, ahead).mapToObj(n -> scope.today().plusMonths(n)).toList();
    return new Stand(
        id,
        lit.holds() == null ? here : lit.holds(),
        months.stream().map(day -> lit.year().at(day)).toList(),
        air(lit, months),
        lit.place().quarantine());
  }

  private Stand.Airs air(LitStand lit, List<LocalDate> months) {
    PlaceView place = lit.place();
    PlaceView.Surroundings around = place.surroundings();
    double nights = months.stream().mapToDouble(climate.here()::coldNight).min().orElseThrow();
    if (place.kind() != PlaceKind.OUTDOOR) {
      Double room = around.coldest();
      return new Stand.Airs(
          room == null ? null : lit.felt().night(room, Math.min(room, nights)),
          around.warmest(),
          place.humidity() == null ? null : lit.felt().humidity(place.warmth(), place.humidity()));
    }
    Double coldest = around.coldest() == null ? nights : Math.min(nights, around.coldest());
    return new Stand.Airs(coldest, around.warmest(), place.humidity());
  }

  private PlacingView.Move move(Placing.Move move, PlantView plant, Map<Long, LitStand> byId) {
    List<String> gains = new ArrayList<>();
    List<String> costs = new ArrayList<>();
    Misfit before = move.before();
    Misfit after = move.after();
    Guest guest = move.guest();
    Stand.Airs from = move.from().air();
    Stand.Airs to = move.to().air();
    tell(
        before.light() - after.light(),
        WORDS.say("light", mean(move.from()), mean(move.to()), guest.light().words()),
        gains,
        costs);
    if (guest.bears() != null) {
      tell(
          before.cold() - after.cold(),
          WORDS.say("cold", shown(from.coldest()), shown(to.coldest()), guest.bears().coldest()),
          gains,
          costs);
      tell(
          before.heat() - after.heat(),
          WORDS.say("heat", shown(from.warmest()), shown(to.warmest()), guest.bears().warmest()),
          gains,
          costs);
      tell(
          before.dry() - after.dry(),
          WORDS.say("dry", shown(from.humidity()), shown(to.humidity()), guest.bears().humidity()),
          gains,
          costs);
    }
    if (gains.isEmpty()) {
      gains.add(WORDS.say("makes-room"));
    }
    LitStand there = byId.get(move.to().id());
    return new PlacingView.Move(
        plant,
        name(byId.get(move.from().id())),
        name(there),
        there.place().id(),
        there.spot(),
        gains,
        costs);
  }

  private static void tell(double gain, String words, List<String> gains, List<String> costs) {
    if (gain > SOME) {
      gains.add(words);
    } else if (gain < -SOME) {
      costs.add(words);
    }
  }

  private static double mean(Stand stand) {
    return stand.light().stream().mapToDouble(Double::doubleValue).average().orElse(0);
  }

  private static String shown(Double figure) {
    return figure == null ? WORDS.say("unknown") : WORDS.say("figure", figure);
  }

  private static String name(LitStand stand) {
    return stand.name() == null
        ? stand.place().name()
        : WORDS.say("stand", stand.place().name(), stand.name());
  }

  /**
   * Moves a plant.
   *
   * @param spotId null for the usual stand
   * @return whether there are such a plant and such a stand
   */
  boolean move(Long plantId, Long placeId, Long spotId) {
    boolean known =
        lights.stands().stream()
            .anyMatch(
                stand ->
                    stand.place().id().equals(placeId) && Objects.equals(stand.spot(), spotId));
    PlantView plant =
        plants.kept().stream().filter(p -> p.id().equals(plantId)).findFirst().orElse(null);
    if (!known || plant == null) {
      return false;
    }
    if (!plant.place().id().equals(placeId)) {
      notes.move(plantId, placeId, "");
    }
    return standings.stand(plantId, spotId).isPresent();
  }
}
