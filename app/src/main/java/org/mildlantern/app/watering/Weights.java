package org.mildlantern.app.watering;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryOffered;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.EntryKind;
import org.mildlantern.core.journal.PotNote;
import org.mildlantern.core.water.WeightCheck;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Refuses weights that the pot cannot have. */
@Component
class Weights {
  private final PotModel model;
  private final JournalService journal;
  private final PlantService plants;
  private final Scope scope;

  Weights(PotModel model, JournalService journal, PlantService plants, Scope scope) {
    this.model = model;
    this.journal = journal;
    this.plants = plants;
    this.scope = scope;
  }

  @EventListener
  void check(EntryOffered offered) {
    PotNote note = offered.entry().potNote();
    if (note == null || note.what() != PotNote.What.WEIGHT) {
      return;
    }
    Long id = offered.entry().plantId();
    List<Entry> entries = entries(List.of(id)).getOrDefault(id, List.of());
    plants
        .find(id)
        .flatMap(plant -> fault(plant, entries, note.value()))
        .ifPresent(
            fault -> {
              throw new IllegalArgumentException(fault);
            });
  }

  Map<Long, List<Entry>> entries(List<Long> plantIds) {
    return journal.potsSince(plantIds, scope.today().minusDays(PotModel.STORY_DAYS));
  }

  /**
   * What is wrong with a weight, if anything.
   *
   * @param entries about its pot, the first first
   */
  Optional<String> fault(PlantView plant, List<Entry> entries, double grams) {
    Double drained = null;
    Double dry = null;
    for (Entry entry : entries) {
      PotNote note = entry.potNote();
      if (entry.kind() == EntryKind.REPOT) {
        drained = null;
        dry = null;
      } else if (note != null && note.what() == PotNote.What.WEIGHT_DRAINED) {
        drained = note.value();
      } else if (note != null && note.what() == PotNote.What.WEIGHT_DRY) {
        dry = note.value();
      }
    }
    Double least = dry;
    Double most = drained;
    return model
        .kept(plant)
        .flatMap(pot -> WeightCheck.fault(grams, most, least, pot.holding()))
        .map(fault -> String.format(Locale.ROOT, "%s Was another pot on the scale?", fault));
  }
}
