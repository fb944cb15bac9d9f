package org.mildlantern.app.repot;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.repot.TreeWork;
import org.mildlantern.core.repot.WireWatch;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts wire on the round before it bites. */
@Component
@Order(11)
class TreesOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(TreesOnTheRound.class);

  private static final int EVERY_DAYS = 7;

  /** Wood hardly swells at rest. */
  private static final int AT_REST_DAYS = 28;

  private final TreeService trees;
  private final JournalService journal;
  private final Repots repots;
  private final Scope scope;

  TreesOnTheRound(TreeService trees, JournalService journal, Repots repots, Scope scope) {
    this.trees = trees;
    this.journal = journal;
    this.repots = repots;
    this.scope = scope;
  }

  @Override
  public List<Due> due(Ground ground) {
    List<PlantView> small =
        ground.kept().stream().filter(plant -> repots.bonsai(plant.kind()).isPresent()).toList();
    if (small.isEmpty()) {
      return List.of();
    }
    Map<Long, List<TreeWork.Done>> done = trees.done(small);
    Map<Long, Instant> looked = journal.last(done.keySet(), NoteKind.LOOKED);
    List<Due> due = new ArrayList<>();
    for (PlantView plant : small) {
      trees
          .wire(
              plant,
              repots.bonsai(plant.kind()).orElseThrow(),
              done.getOrDefault(plant.id(), List.of()))
          .ifPresent(watch -> due.add(due(plant, watch, looked.get(plant.id()), ground.today())));
    }
    return due;
  }

  private Due due(PlantView plant, WireWatch watch, Instant looked, LocalDate today) {
    boolean rests = plant.resting(today, scope.latitude());
    int every = rests ? AT_REST_DAYS : EVERY_DAYS;
    LocalDate last = looked == null ? LocalDate.MIN : scope.day(looked).plusDays(every);
    LocalDate on = last.isAfter(watch.look()) ? last : watch.look();
    return Due.on(
        on.isBefore(today) ? today : on,
        RoundItem.due(
                "wire-" + plant.id(),
                Work.LOOK,
                plant,
                WORDS.say("look-wire"),
                WORDS.say("look-wire-why", Days.near(watch.bites())))
            .answered(
                List.of(
                    new RoundItem.Answer(
                        WORDS.say("sits-well"), "/trees/looked", "plants", plant.id().toString()),
                    new RoundItem.Answer(
                        WORDS.say("taken-off"),
                        "/trees/worked?work=" + TreeWork.UNWIRED,
                        "plants",
                        plant.id().toString()))));
  }
}
