package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.Pot;
import org.mildlantern.core.journal.EntryKind;
import org.mildlantern.core.journal.PotNote;
import org.mildlantern.core.round.WaterCheck;
import org.mildlantern.core.water.HowToWater;
import org.mildlantern.core.water.WaterOutlook;
import org.mildlantern.core.working.Working;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Says when to look at each pot, from its own pace where its pot and medium are known, else from
 * the interval of its kind.
 */
@Service
@Transactional(readOnly = true)
public class WateringService {
  private static final int TRAIL_DAYS = 21;

  /** Below this share left, medium sheds water rather than take it. Rule of thumb. */
  private static final double BONE_DRY = 0.06;

  private final PotStates states;
  private final PotModel model;
  private final JournalService journal;
  private final Scope scope;

  WateringService(PotStates states, PotModel model, JournalService journal, Scope scope) {
    this.states = states;
    this.model = model;
    this.journal = journal;
    this.scope = scope;
  }

  /** When to look at each plant's pot, by plant. */
  public Map<Long, WaterCheck> checks(List<PlantView> plants) {
    Map<Long, PotState> followed = states.current(plants);
    Map<Long, Entry> last = followed.size() == plants.size() ? Map.of() : journal.lastAboutWater();
    Map<Long, WaterCheck> checks = new HashMap<>();
    for (PlantView plant : plants) {
      PotState state = followed.get(plant.id());
      checks.put(
          plant.id(),
          state == null
              ? byInterval(plant, last.get(plant.id()))
              : new WaterCheck(state.lookOn(), null, state.reason(), null));
    }
    return checks;
  }

  /** The interval of its kind, until its pace is known. */
  private WaterCheck byInterval(PlantView plant, Entry last) {
    WaterCheck.LastSeen seen = WaterCheck.LastSeen.NOTHING;
    LocalDate on = scope.today();
    if (last != null) {
      on = scope.day(last.at());
      seen = seen(last);
    } else if (plant.arrivedOn() != null) {
      on = plant.arrivedOn();
    }
    return WaterCheck.next(plant.taxon(), seen, on, scope.latitude());
  }

  private static WaterCheck.LastSeen seen(Entry last) {
    if (last.kind() == EntryKind.WATER) {
      return WaterCheck.LastSeen.WATERED;
    }
    if (last.potNote() != null && last.potNote().what() == PotNote.What.SKIPPED) {
      return WaterCheck.LastSeen.SKIPPED;
    }
    return last.moisture() == null
        ? WaterCheck.LastSeen.DAMP
        : WaterCheck.LastSeen.valueOf(last.moisture().name());
  }

  /** All that a plant's page shows of its water. */
  public WateringView view(PlantView plant) {
    Optional<PotModel.Kept> pot = model.kept(plant);
    List<Entry> entries =
        journal
            .potsSince(List.of(plant.id()), scope.today().minusDays(PotModel.STORY_DAYS))
            .getOrDefault(plant.id(), List.of());
    WaterOutlook outlook =
        pot.map(p -> model.outlook(plant, p, entries, scope.today().minusDays(TRAIL_DAYS)))
            .orElse(null);
    Entry last =
        entries.isEmpty()
            ? null
            : entries.stream()
                .filter(e -> e.kind() == EntryKind.WATER || e.kind() == EntryKind.MOISTURE)
                .reduce((a, b) -> b)
                .orElse(null);
    WaterCheck fallback = outlook == null ? byInterval(plant, last) : null;
    Working holding = pot.map(p -> p.holding().working()).orElse(null);
    List<String> how =
        HowToWater.of(
            plant.form(),
            plant.taxon(),
            model.resting(plant),
            new HowToWater.Pot(
                plant.potHoles(),
                plant.outerPot(),
                plant.potShape() == Pot.Shape.MOUNT,
                outlook == null ? null : outlook.drinkMl(),
                outlook != null && outlook.left() < BONE_DRY,
                plant.place().temperature()));
    return new WateringView(
        outlook == null ? fallback.dueOn() : outlook.lookOn(),
        outlook == null ? fallback.reason() : WaterWords.reason(outlook, scope.today()),
        outlook == null ? fallback.working() : outlook.working(),
        outlook,
        holding,
        pot.map(p -> WetProfile.of(p.holding(), p.shape())).orElse(null),
        outlook == null ? null : WaterChart.of(outlook, scope.today()),
        how,
        outlook == null || outlook.change() == null ? "" : outlook.change().words(),
        scope.today());
  }
}
