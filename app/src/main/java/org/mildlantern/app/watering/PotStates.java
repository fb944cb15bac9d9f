package org.mildlantern.app.watering;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.water.WaterOutlook;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps for each pot when it is to be looked at, and works it out anew when its day book, its
 * place, its pot or the day has changed.
 */
@Component
class PotStates {
  private final PotStateRepository states;
  private final PotStateStore store;
  private final PotModel model;
  private final JournalService journal;
  private final Scope scope;

  PotStates(
      PotStateRepository states,
      PotStateStore store,
      PotModel model,
      JournalService journal,
      Scope scope) {
    this.states = states;
    this.store = store;
    this.model = model;
    this.journal = journal;
    this.scope = scope;
  }

  /** The states of all pots whose drying can be followed, by plant. */
  @Transactional(readOnly = true)
  public Map<Long, PotState> current(List<PlantView> plants) {
    Map<Long, PotState> known =
        states.all().stream().collect(Collectors.toMap(PotState::plantId, Function.identity()));
    plants.stream()
        .flatMap(plant -> Optional.ofNullable(store.pending().get(plant.id())).stream())
        .forEach(state -> known.put(state.plantId(), state));
    Map<Long, Long> newest = journal.newest();
    Map<Long, PotState> current = new HashMap<>();
    Map<PlantView, PotModel.Kept> stale = new HashMap<>();
    for (PlantView plant : plants) {
      if (model.follows(plant)) {
        PotState state = known.get(plant.id());
        if (state != null && state.known().equals(key(plant, newest))) {
          current.put(plant.id(), state);
        } else {
          stale.put(plant, model.kept(plant).orElseThrow());
        }
      }
    }
    if (!stale.isEmpty()) {
      Map<Long, List<Entry>> entries =
          journal.potsSince(
              stale.keySet().stream().map(PlantView::id).toList(),
              scope.today().minusDays(PotModel.STORY_DAYS));
      stale.forEach(
          (plant, pot) -> {
            WaterOutlook outlook =
                model.outlook(plant, pot, entries.getOrDefault(plant.id(), List.of()), null);
            current.put(
                plant.id(),
                new PotState(
                    plant.id(),
                    key(plant, newest),
                    outlook,
                    WaterWords.reason(outlook, scope.today())));
          });
      store.keep(stale.keySet().stream().map(plant -> current.get(plant.id())).toList());
    }
    return current;
  }

  /** What a state was worked out from, as a fingerprint. */
  private String key(PlantView plant, Map<Long, Long> newest) {
    int rest =
        Objects.hash(
            plant.place(),
            plant.pot().shape(),
            plant.pot().cm(),
            plant.pot().depthCm(),
            plant.medium() == null ? "" : plant.medium().id(),
            plant.kind().habits(),
            plant.pot().standsIn().name(),
            plant.stage().name(),
            scope.latitude());
    return scope.today() + " " + newest.getOrDefault(plant.id(), 0L) + " " + rest;
  }
}
