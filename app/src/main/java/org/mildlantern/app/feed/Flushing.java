package org.mildlantern.app.feed;

import java.util.Map;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.Knowledge;
import org.springframework.stereotype.Component;

/** Whether pots can be flushed now: not what rests, has no hole, or has lost its roots. */
@Component
class Flushing {
  private final CaseService cases;
  private final Knowledge knowledge;
  private final Scope scope;

  Flushing(CaseService cases, Knowledge knowledge, Scope scope) {
    this.cases = cases;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** What speaks for or against a flush. */
  enum May {
    YES,
    AT_REST,
    NO_HOLE,
    ILL
  }

  May may(PlantView plant) {
    return may(plant, cases.open());
  }

  /**
   * Of a plant.
   *
   * @param open cases that are open, by plant
   */
  May may(PlantView plant, Map<Long, CaseView> open) {
    CaseView own = open.get(plant.id());
    if (own != null && !knowledge.feeding().flushable(own.cause())) {
      return May.ILL;
    }
    if (plant.resting(scope.today(), scope.latitude())) {
      return May.AT_REST;
    }
    return Boolean.FALSE.equals(plant.pot().holes()) ? May.NO_HOLE : May.YES;
  }

  Map<Long, CaseView> open() {
    return cases.open();
  }
}
