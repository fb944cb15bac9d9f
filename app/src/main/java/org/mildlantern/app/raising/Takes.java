package org.mildlantern.app.raising;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Raising;
import org.mildlantern.core.raising.Counts;
import org.mildlantern.core.raising.Raised;
import org.mildlantern.core.raising.Take;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Which ways work for a kind, and what takes: what is usual, set right by the keeper’s batches. */
@Component
class Takes {
  private static final Words WORDS = Words.of(Takes.class);

  private final RaisingService raised;
  private final Raising raising;
  private final Scope scope;

  Takes(RaisingService raised, Raising raising, Scope scope) {
    this.raised = raised;
    this.raising = raising;
    this.scope = scope;
  }

  /** What takes of a kind by a way, with what the keeper’s own batches of it showed. */
  record Learned(Take take, int own) {}

  Learned learned(Kind kind, Raised.Works works) {
    Take take = Take.usual(works.take().get(0), works.take().get(1));
    int own = 0;
    for (RaisingService.Batch batch : raised.all()) {
      if (batch.row().way() == works.way() && sameLine(kind, batch)) {
        Counts counts = batch.counts();
        int lost = batch.open() ? counts.lost() : counts.taken() - counts.grown();
        if (counts.grown() + lost > 0) {
          take = take.learn(counts.grown(), lost);
          own++;
        }
      }
    }
    return new Learned(take, own);
  }

  private boolean sameLine(Kind kind, RaisingService.Batch batch) {
    return raised
        .kind(batch)
        .flatMap(raising::of)
        .filter(line -> raising.of(kind).filter(line::equals).isPresent())
        .isPresent();
  }

  /** The ways that work for a kind, those whose time it is first. */
  List<WayView> ways(Kind kind) {
    return raising.of(kind).stream()
        .flatMap(line -> line.ways().stream())
        .map(works -> way(kind, works))
        .sorted((a, b) -> Boolean.compare(b.now(), a.now()))
        .toList();
  }

  private WayView way(Kind kind, Raised.Works works) {
    Learned learned = learned(kind, works);
    return new WayView(
        works.way(),
        raising.method(works.way()),
        works.months().words(scope.latitude()),
        works.months().contain(scope.today(), scope.latitude()),
        WORDS.say(
            "take",
            100 * learned.take().mean(),
            100 * learned.take().least(),
            100 * learned.take().most(),
            learned.own()),
        WORDS.say(
            "weeks",
            works.way().sameAsParent() ? "ROOTS" : "SEED",
            works.weeks().get(0),
            works.weeks().get(1),
            works.free().get(0),
            works.free().get(1)),
        works.how() == null ? raising.method(works.way()).how() : works.how());
  }

  /** What does not work for a kind, in words. */
  List<String> no(Kind kind) {
    return raising.of(kind).stream()
        .flatMap(line -> line.no().values().stream())
        .distinct()
        .toList();
  }

  /** How a batch’s kind is raised its way; empty where that is not known. */
  Optional<Raised.Works> works(RaisingService.Batch batch) {
    return raised
        .kind(batch)
        .flatMap(raising::of)
        .flatMap(
            line -> line.ways().stream().filter(w -> w.way() == batch.row().way()).findFirst());
  }
}
