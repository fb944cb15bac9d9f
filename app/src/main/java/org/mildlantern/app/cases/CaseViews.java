package org.mildlantern.app.cases;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.care.CarePlan;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.Knowledge;
import org.springframework.stereotype.Component;

/** Cases with their changes, as pages show them. */
@Component
class CaseViews {
  private final CaseChangeRepository changes;
  private final PlantService plants;
  private final Knowledge knowledge;
  private final Scope scope;

  CaseViews(CaseChangeRepository changes, PlantService plants, Knowledge knowledge, Scope scope) {
    this.changes = changes;
    this.plants = plants;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** Of many, without what is particular to each plant. */
  List<CaseView> of(List<PlantCase> found) {
    Set<Long> ids = found.stream().map(PlantCase::id).collect(Collectors.toSet());
    Map<Long, List<CaseChange>> steps =
        ids.isEmpty()
            ? Map.of()
            : changes.ofAll(ids).stream().collect(Collectors.groupingBy(CaseChange::caseId));
    return found.stream().map(c -> of(c, steps.getOrDefault(c.id(), List.of()), null)).toList();
  }

  CaseView of(PlantCase theCase) {
    return of(theCase, changes.of(theCase.id()), plants.find(theCase.plantId()).orElseThrow());
  }

  /**
   * One with its changes.
   *
   * @param plant whose way of life the advice is for, or null for none
   */
  CaseView of(PlantCase theCase, List<CaseChange> steps, PlantView plant) {
    Cause general = knowledge.causes().find(theCase.causeId()).orElseThrow();
    Cause cause =
        plant == null
            ? general
            : plant
                .now(knowledge)
                .lore(scope.today(), scope.latitude())
                .cause(theCase.causeId())
                .orElse(general);
    return new CaseView(
        theCase.id(),
        theCase.number(),
        theCase.plantId(),
        cause,
        new CaseView.Opened(theCase.openedOn(), theCase.probability()),
        new CaseView.Closed(theCase.closedOn(), theCase.outcome(), theCase.learned()),
        steps.stream().map(step -> step(step, cause, plant)).toList());
  }

  private CaseView.Step step(CaseChange step, Cause cause, PlantView plant) {
    Change change = knowledge.changes().find(step.changeId()).orElseThrow();
    Optional<CarePlan> plan =
        Optional.ofNullable(plant)
            .map(
                p -> CarePlan.of(cause, change, p.now(knowledge), step.madeOn(), scope.latitude()));
    return new CaseView.Step(
        step.id(),
        change,
        plan.map(CarePlan::advice).orElse(null),
        new CaseView.Step.Window(
            step.madeOn(), step.lookOn(), plan.map(CarePlan::lookWorking).orElse(null)),
        step.reason(),
        step.confoundedBy(),
        new CaseView.Step.Answer(step.response(), step.respondedOn(), step.probabilityAfter()),
        new CaseView.Step.State(step.undoneOn(), step.current()));
  }
}
