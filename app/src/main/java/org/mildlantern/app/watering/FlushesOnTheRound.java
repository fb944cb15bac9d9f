package org.mildlantern.app.watering;

import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Work;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts flushes of cups, trays, reservoirs and jars on the round. */
@Component
@Order(8)
class FlushesOnTheRound implements RoundSource {
  private final Flushes flushes;

  FlushesOnTheRound(Flushes flushes) {
    this.flushes = flushes;
  }

  @Override
  public List<Due> due(Ground ground) {
    return flushes.of(ground.kept()).stream().map(FlushesOnTheRound::due).toList();
  }

  private static Due due(Flushes.Flush flush) {
    PlantView plant = flush.plant();
    PotAnswer done = PotAnswer.FLUSHED;
    return Due.on(
        flush.on(),
        RoundItem.due("flush-" + plant.id(), Work.POT, plant, flush.task(), flush.reason())
            .answered(
                List.of(
                    new RoundItem.Answer(
                        done.label(), PotsOnTheRound.action(plant), "answer", done.id()))));
  }
}
