package org.mildlantern.app.cases;

import java.util.Optional;
import org.mildlantern.app.journal.EntryRetracted;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.journal.CaseActed;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Takes a case back to where it stood before an entry that is struck. */
@Component
class CaseUndo {
  private final PlantCaseRepository cases;
  private final CaseChangeRepository changes;
  private final Scope scope;

  CaseUndo(PlantCaseRepository cases, CaseChangeRepository changes, Scope scope) {
    this.cases = cases;
    this.changes = changes;
    this.scope = scope;
  }

  @EventListener
  void takeBack(EntryRetracted event) {
    changes.confoundedBy(event.entry().root()).forEach(CaseChange::clearConfound);
    event.entry().as(CaseActed.class).ifPresent(this::takeBack);
  }

  private void takeBack(CaseActed acted) {
    PlantCase theCase = cases.byId(acted.caseId()).orElseThrow();
    Optional<CaseChange> last = last(theCase);
    switch (acted.act()) {
      case OPENED -> {
        changes.of(theCase.id()).forEach(CaseChange::end);
        theCase.close(scope.today(), Outcome.TAKEN_BACK, "");
      }
      case CLOSED -> {
        if (cases.openOf(theCase.plantId()).isEmpty()) {
          theCase.reopen();
          last.filter(change -> change.undoneOn() == null).ifPresent(CaseChange::resume);
        }
      }
      case ANSWERED ->
          Optional.ofNullable(acted.changeId())
              .flatMap(changes::byId)
              .ifPresent(CaseChange::takeBackAnswer);
      case KEPT, CHANGED ->
          last.filter(change -> change.id().equals(acted.changeId()))
              .filter(CaseChange::waiting)
              .ifPresent(made -> unmake(made, theCase));
      case UNDONE ->
          last.filter(change -> theCase.open() && change.id().equals(acted.changeId()))
              .ifPresent(CaseChange::resume);
    }
  }

  /** A change on which nothing was built goes as if it had not been made. */
  private void unmake(CaseChange made, PlantCase theCase) {
    changes.delete(made);
    changes.flush();
    last(theCase).filter(before -> before.undoneOn() == null).ifPresent(CaseChange::resume);
  }

  private Optional<CaseChange> last(PlantCase theCase) {
    return changes.of(theCase.id()).stream().reduce((before, after) -> after);
  }
}
