package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.ByPlant;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.CollectionMemo.From;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Levelled;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Skipped;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.knowledge.Habits;
import org.mildlantern.core.round.WaterCheck;
import org.mildlantern.core.water.PaceChange;
import org.mildlantern.core.water.WaterOutlook;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * When each pot is to be looked at. It is worked out anew when the pot's day book, its place, the
 * pot or the day has changed. Of very many at once, as on the first round of a day, a page waits
 * for the first; the others keep the day that was worked out last until theirs is ready.
 */
@Component
@Transactional(readOnly = true)
class PotChecks {
  /** Pots that a page waits for. */
  static final int AT_ONCE = 100;

  /** Of a cup or bowl: what is left below it is as good as dry, above it as good as full. */
  private static final double HALF = 0.5;

  private final PotStateRepository states;
  private final PotStateStore store;
  private final PotModel model;
  private final JournalService journal;
  private final Scope scope;
  private final CollectionMemo memo;
  private final ByPlant<String, PotCheck> known = new ByPlant<>();
  private final ByPlant<String, Optional<PaceChange>> paces = new ByPlant<>();

  PotChecks(
      PotStateRepository states,
      PotStateStore store,
      PotModel model,
      JournalService journal,
      Scope scope,
      CollectionMemo memo) {
    this.memo = memo;
    this.states = states;
    this.store = store;
    this.model = model;
    this.journal = journal;
    this.scope = scope;
  }

  /** A pot with the fingerprint of what its check is worked out from. */
  private record Asked(PlantView plant, String key) {
    Long id() {
      return plant.id();
    }
  }

  /** When to look at each plant's pot, by plant. */
  public Map<Long, PotCheck> of(List<PlantView> plants) {
    Map<Long, PotCheck> checks = new HashMap<>();
    List<Asked> unknown = new ArrayList<>();
    for (Asked pot : asked(plants)) {
      known
          .find(pot.id(), pot.key())
          .ifPresentOrElse(check -> checks.put(pot.id(), check), () -> unknown.add(pot));
    }
    if (!unknown.isEmpty()) {
      Map<Long, PotState> held = held(unknown);
      List<Asked> stale = new ArrayList<>();
      for (Asked pot : unknown) {
        PotState state = held.get(pot.id());
        if (state != null && state.known().equals(pot.key())) {
          checks.put(pot.id(), keep(pot, PotCheck.of(state)));
        } else {
          stale.add(pot);
        }
      }
      checks.putAll(fresh(stale, held));
    }
    return checks;
  }

  /** The states that the database holds, or soon will. */
  private Map<Long, PotState> held(List<Asked> pots) {
    List<Long> ids = pots.stream().map(Asked::id).toList();
    Map<Long, PotState> held =
        (ids.size() > AT_ONCE ? states.all() : states.of(ids))
            .stream().collect(Collectors.toMap(PotState::plantId, Function.identity()));
    for (Long id : ids) {
      PotState written = store.pending().get(id);
      if (written != null) {
        held.put(id, written);
      }
    }
    return held;
  }

  private Map<Long, PotCheck> fresh(List<Asked> stale, Map<Long, PotState> held) {
    int now = Math.min(AT_ONCE, stale.size());
    Map<Long, PotCheck> checks = new HashMap<>(work(stale.subList(0, now)));
    if (now < stale.size()) {
      List<Asked> later = stale.subList(now, stale.size());
      checks.putAll(meanwhile(later, held));
      List<List<Asked>> parts = new ArrayList<>();
      for (int i = 0; i < later.size(); i += AT_ONCE) {
        parts.add(List.copyOf(later.subList(i, Math.min(later.size(), i + AT_ONCE))));
      }
      store.later(parts, this::work, part -> part.forEach(pot -> known.forget(pot.id())));
    }
    return checks;
  }

  /** Checks until those that are worked out are ready: of another day, else by interval. */
  private Map<Long, PotCheck> meanwhile(List<Asked> later, Map<Long, PotState> held) {
    List<Asked> bare =
        later.stream().filter(pot -> !sameButDay(held.get(pot.id()), pot.key())).toList();
    Map<Long, Entry> last = journal.lastAboutWater(bare.stream().map(Asked::id).toList());
    Map<Long, PotCheck> checks = new HashMap<>();
    bare.forEach(
        pot -> checks.put(pot.id(), keep(pot, byInterval(pot.plant(), last.get(pot.id())))));
    for (Asked pot : later) {
      checks.computeIfAbsent(pot.id(), id -> keep(pot, PotCheck.of(held.get(id))));
    }
    return checks;
  }

  private static boolean sameButDay(PotState state, String key) {
    return state != null
        && state
            .known()
            .substring(state.known().indexOf(' '))
            .equals(key.substring(key.indexOf(' ')));
  }

  /** Works checks out, and has what was followed written. */
  private Map<Long, PotCheck> work(List<Asked> pots) {
    Map<Long, List<Entry>> entries =
        journal.potsSince(
            pots.stream()
                .map(Asked::plant)
                .filter(plant -> model.fed(plant).isPresent() || model.kept(plant).isPresent())
                .map(PlantView::id)
                .toList(),
            scope.today().minusDays(PotModel.STORY_DAYS));
    Map<Long, PotCheck> checks = new HashMap<>();
    List<PotState> followed = new ArrayList<>();
    List<Asked> others = new ArrayList<>();
    for (Asked pot : pots) {
      PlantView plant = pot.plant();
      List<Entry> story = entries.getOrDefault(pot.id(), List.of());
      Optional<PotModel.Kept> kept = model.kept(plant);
      Optional<PotModel.Fed> stands = model.fed(plant).filter(fed -> !fed.stands().off());
      if (kept.isPresent()) {
        WaterOutlook outlook = model.outlook(plant, kept.get(), story, null);
        String reason = WaterWords.reason(outlook, scope.today());
        PotState state = new PotState(pot.id(), pot.key(), outlook, reason);
        followed.add(state);
        checks.put(pot.id(), PotCheck.of(state));
      } else if (stands.isPresent()) {
        checks.put(
            pot.id(),
            PotCheck.of(model.standing(plant, stands.get(), story), plant.pot().standsIn()));
      } else {
        others.add(pot);
      }
    }
    Map<Long, Entry> last = journal.lastAboutWater(others.stream().map(Asked::id).toList());
    others.forEach(pot -> checks.put(pot.id(), byInterval(pot.plant(), last.get(pot.id()))));
    store.keep(followed);
    pots.forEach(pot -> keep(pot, checks.get(pot.id())));
    return checks;
  }

  private PotCheck keep(Asked pot, PotCheck check) {
    known.keep(pot.id(), pot.key(), check);
    return check;
  }

  /**
   * By how much pots draw faster or slower than weeks ago; those of which it is not known are out.
   */
  Map<Long, PaceChange> paces(List<PlantView> plants) {
    Map<Long, Asked> asked =
        asked(plants).stream().collect(Collectors.toMap(Asked::id, Function.identity()));
    Map<Long, PaceChange> changes = new HashMap<>();
    paces
        .all(
            asked.keySet(), id -> asked.get(id).key(), ids -> pacesOf(ids, asked), Optional.empty())
        .forEach((id, change) -> change.ifPresent(known -> changes.put(id, known)));
    return changes;
  }

  private Map<Long, Optional<PaceChange>> pacesOf(List<Long> ids, Map<Long, Asked> asked) {
    Map<Long, List<Entry>> entries =
        journal.potsSince(ids, scope.today().minusDays(PotModel.STORY_DAYS));
    Map<Long, Optional<PaceChange>> changes = new HashMap<>();
    for (Long id : ids) {
      PlantView plant = asked.get(id).plant();
      List<Entry> ofPot = entries.getOrDefault(id, List.of());
      changes.put(
          id,
          model
              .kept(plant)
              .map(pot -> model.story(plant, pot, ofPot, null))
              .map(story -> PaceChange.of(story.now(), story.before())));
    }
    return changes;
  }

  /** The interval of its kind, until its pace is known. */
  PotCheck byInterval(PlantView plant, Entry last) {
    WaterCheck.LastSeen seen = WaterCheck.LastSeen.NOTHING;
    LocalDate on = scope.today();
    if (last != null) {
      on = scope.day(last.at());
      seen = seen(last.note());
    } else if (plant.arrivedOn() != null) {
      on = plant.arrivedOn();
    }
    return PotCheck.of(
        WaterCheck.next(
            plant.kind(),
            plant.resting(scope.today(), scope.latitude()),
            seen,
            on,
            scope.latitude()));
  }

  private static WaterCheck.LastSeen seen(Note last) {
    if (last instanceof Watered || last instanceof Filled) {
      return WaterCheck.LastSeen.WATERED;
    }
    if (last instanceof Skipped) {
      return WaterCheck.LastSeen.SKIPPED;
    }
    if (last instanceof Levelled level) {
      return level.share() < HALF
          ? WaterCheck.LastSeen.DRY
          : level.share() > HALF ? WaterCheck.LastSeen.WET : WaterCheck.LastSeen.DAMP;
    }
    return last instanceof Felt felt
        ? WaterCheck.LastSeen.valueOf(felt.deepest().name())
        : WaterCheck.LastSeen.DAMP;
  }

  /**
   * What each check is worked out from, as a fingerprint that begins with the day; the same in
   * every run of the program.
   */
  private List<Asked> asked(List<PlantView> plants) {
    Map<Long, Long> newest = journal.newest();
    Map<Long, Integer> pots = memo.once(From.GROUND, "pot-fingerprints", ConcurrentHashMap::new);
    Map<Long, Integer> places = new HashMap<>();
    Map<Habits, Integer> habits = new IdentityHashMap<>();
    String today = scope.today() + " ";
    List<Asked> asked = new ArrayList<>();
    for (PlantView plant : plants) {
      int pot = pots.computeIfAbsent(plant.id(), id -> fingerprint(plant, places, habits));
      asked.add(new Asked(plant, today + newest.getOrDefault(plant.id(), 0L) + " " + pot));
    }
    return asked;
  }

  private int fingerprint(PlantView plant, Map<Long, Integer> places, Map<Habits, Integer> habits) {
    PlaceView place = plant.place();
    return Objects.hash(
        places.computeIfAbsent(place.id(), id -> place.toString().hashCode()),
        habits.computeIfAbsent(plant.kind().habits(), of -> of.toString().hashCode()),
        plant.pot().shape().name(),
        plant.pot().cm(),
        plant.pot().depthCm(),
        plant.medium() == null ? "" : plant.medium().id(),
        plant.pot().standsIn().name(),
        plant.noted().map(Enum::name).orElse(""),
        scope.latitude());
  }
}
