package org.mildlantern.app.today;

import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.journal.CaseActed;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.Flushed;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Treated;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.round.Minutes;
import org.springframework.stereotype.Component;

/** How long the keeper takes at the stops of the round, learned from the times of answers. */
@Component
class Pace {
  /** Days of answers from which minutes are learned. */
  private static final int LEARNED_DAYS = 30;

  /** Of so many of the keeper's latest rows. */
  private static final int LEARNED_ROWS = 1000;

  private final JournalService journal;
  private final CollectionMemo memo;
  private final Scope scope;

  Pace(JournalService journal, CollectionMemo memo, Scope scope) {
    this.journal = journal;
    this.memo = memo;
    this.scope = scope;
  }

  Minutes minutes() {
    return memo.once(
        "minutes",
        () ->
            Minutes.learn(
                journal.latestTimes(scope.today().minusDays(LEARNED_DAYS), LEARNED_ROWS).stream()
                    .filter(Pace::isAnswer)
                    .map(time -> new Minutes.Answered(stop(work(time)), time.at()))
                    .toList()));
  }

  /** Minutes of today that are done already. */
  double spent(Minutes minutes) {
    return journal.times(scope.today(), scope.today()).stream()
        .filter(Pace::isAnswer)
        .mapToDouble(time -> of(minutes, work(time)))
        .sum();
  }

  /** Minutes that a stop with such work takes. */
  static double of(Minutes minutes, Work work) {
    return minutes.at(stop(work));
  }

  private static Minutes.Stop stop(Work work) {
    return switch (work) {
      case POT -> Minutes.Stop.POT;
      case TREAT -> Minutes.Stop.TREAT;
      case LOOK, FEED, MOVE, CUT, COLD -> Minutes.Stop.LOOK;
    };
  }

  private static Work work(JournalService.Time time) {
    return time.note().work().orElse(Work.LOOK);
  }

  private static boolean isAnswer(JournalService.Time time) {
    return isAnswer(time.note()) && !time.sent();
  }

  /** Whether a note is of a kind that rows of the round ask for. */
  static boolean isAnswer(Note note) {
    return JournalService.aboutWater(note.kind())
        || note instanceof Flushed
        || note instanceof Fed
        || note instanceof CaseActed
        || note instanceof Treated
        || note instanceof Looked;
  }
}
