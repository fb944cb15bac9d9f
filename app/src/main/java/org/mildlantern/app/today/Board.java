package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.diagnose.WaitingTestView;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.PotCheck;
import org.mildlantern.core.knowledge.Verdict;
import org.mildlantern.core.round.Agenda;

/**
 * All that the round, the ribbon and the shelf need, read once.
 *
 * @param places in the keeper's order
 * @param byPlace the plants of each place in the order in which they are walked
 * @param walk places in a clean order: where something catching stands late, quarantine last
 * @param agenda the work of the days to come
 */
public record Board(
    LocalDate today,
    List<PlaceView> places,
    Map<Long, List<PlantView>> byPlace,
    List<PlaceView> walk,
    Set<Long> catching,
    Map<Long, PotCheck> waterChecks,
    Map<Long, CaseView> openCases,
    Set<Long> openLooks,
    Map<Long, List<WaitingTestView>> tests,
    Map<Long, List<RoundSource.Due>> due,
    Agenda<Work> agenda) {

  /**
   * A piece of work.
   *
   * @param item makes its row; given whether it is for today
   */
  public record Work(PlantView plant, String shape, Function<Boolean, RoundItem> item) {}

  /** All kept plants, place by place. */
  public List<PlantView> plants() {
    return places.stream().flatMap(place -> in(place).stream()).toList();
  }

  public List<PlantView> in(PlaceView place) {
    return byPlace.getOrDefault(place.id(), List.of());
  }

  /** How much the plant asks for its keeper. */
  public Lamp lamp(PlantView plant) {
    if (plant.place().quarantine()) {
      return Lamp.QUARANTINE;
    }
    CaseView open = openCases.get(plant.id());
    List<RoundSource.Due> work = due.getOrDefault(plant.id(), List.of());
    boolean bright =
        open != null
                && (open.cause().verdict() == Verdict.URGENT
                    || open.dueOn() != null && !open.dueOn().isAfter(today))
            || work.stream().anyMatch(d -> d.item().shape().equals("flag") && come(d.on()));
    if (bright) {
      return Lamp.BRIGHT;
    }
    boolean some =
        open != null
            || openLooks.contains(plant.id())
            || work.stream().anyMatch(d -> come(d.on()))
            || tests.getOrDefault(plant.id(), List.of()).stream().anyMatch(t -> come(t.dueOn()))
            || come(waterChecks.get(plant.id()).dueOn());
    return some ? Lamp.LOW : Lamp.UNLIT;
  }

  private boolean come(LocalDate day) {
    return !day.isAfter(today);
  }
}
