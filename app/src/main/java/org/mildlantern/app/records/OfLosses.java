package org.mildlantern.app.records;

import java.util.List;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.journal.LostLeaves;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** The leaves counted as lost within a month, beside what may go. */
@Component
class OfLosses implements RecordSource {
  private static final Words WORDS = Words.of(OfLosses.class);

  private static final int LOSS_DAYS = 30;

  private final Scope scope;

  OfLosses(Scope scope) {
    this.scope = scope;
  }

  @Override
  public Set<String> fields() {
    return Set.of("loss", "loss-normal");
  }

  /** What the plant may lose now without alarm. */
  Shedding shedding(Asked asked) {
    return asked
        .plant()
        .shedding(
            asked.latest(NoteKind.MOVED).map(asked::day).orElse(null),
            asked.today(),
            scope.latitude());
  }

  @Override
  public void read(Asked asked, Records records) {
    List<Entry> losses =
        asked.entries().stream()
            .filter(entry -> entry.kind() == NoteKind.LOST)
            .filter(entry -> asked.daysSince(entry) <= LOSS_DAYS)
            .toList();
    if (losses.isEmpty()) {
      return;
    }
    double share =
        losses.stream().mapToDouble(e -> e.as(LostLeaves.class).orElseThrow().share()).sum();
    Shedding normal = shedding(asked);
    records
        .number("loss", Math.min(1, share), asked.source(losses.get(0)))
        .number("loss-normal", normal.leaves(), WORDS.say("may-go", normal.working().result()));
  }
}
