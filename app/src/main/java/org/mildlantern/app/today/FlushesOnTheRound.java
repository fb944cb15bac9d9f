package org.mildlantern.app.today;

import java.util.List;
import org.mildlantern.app.watering.Flushes;
import org.springframework.stereotype.Component;

/** Puts flushes of cups, trays, reservoirs and jars on the round. */
@Component
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
    Long plant = flush.plant().id();
    String action = "/today/plants/" + plant + "/water";
    return new Due(
        flush.on(),
        new RoundItem(
            "flush-" + plant,
            "drop",
            plant,
            flush.plant().name(),
            flush.plant().code(),
            flush.task(),
            flush.reason(),
            List.of(new RoundItem.Answer("Done", action, "answer", WaterItems.FLUSHED)),
            false,
            null,
            null,
            null));
  }
}
