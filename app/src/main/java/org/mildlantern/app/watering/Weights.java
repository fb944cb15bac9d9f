package org.mildlantern.app.watering;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryOffered;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Weighed;
import org.mildlantern.core.water.WeightCheck;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Refuses weights that the pot cannot have. */
@Component
class Weights {
  private static final Words WORDS = Words.of(Weights.class);

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
    offered
        .entry()
        .as(Weighed.class)
        .filter(weight -> weight.state() == Weighed.State.AS_IT_WAS)
        .ifPresent(weight -> check(offered.entry().plantId(), weight.grams()));
  }

  private void check(Long id, double grams) {
    List<Entry> entries = entries(List.of(id)).getOrDefault(id, List.of());
    plants
        .find(id)
        .flatMap(plant -> fault(plant, entries, grams))
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
      if (entry.kind() == NoteKind.REPOTTED) {
        drained = null;
        dry = null;
      } else if (entry.note() instanceof Weighed weight) {
        drained =
            weight.state() == Weighed.State.DRAINED ? Double.valueOf(weight.grams()) : drained;
        dry = weight.state() == Weighed.State.DRY ? Double.valueOf(weight.grams()) : dry;
      }
    }
    Double least = dry;
    Double most = drained;
    return model
        .kept(plant)
        .flatMap(pot -> WeightCheck.fault(grams, most, least, pot.holding()))
        .map(fault -> WORDS.say("scale", fault));
  }
}
