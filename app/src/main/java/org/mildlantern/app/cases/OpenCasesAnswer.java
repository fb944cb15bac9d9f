package org.mildlantern.app.cases;

import java.util.Optional;
import java.util.stream.Collectors;
import org.mildlantern.app.diagnose.OpenCases;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.core.diagnosis.Experience;
import org.mildlantern.core.knowledge.Knowledge;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells a diagnosis what it needs to know of cases. */
@Component
@Transactional(readOnly = true)
class OpenCasesAnswer implements OpenCases {
  private final PlantCaseRepository cases;
  private final CaseChangeRepository changes;
  private final KeeperService keepers;
  private final Knowledge knowledge;

  OpenCasesAnswer(
      PlantCaseRepository cases,
      CaseChangeRepository changes,
      KeeperService keepers,
      Knowledge knowledge) {
    this.cases = cases;
    this.changes = changes;
    this.keepers = keepers;
    this.knowledge = knowledge;
  }

  @Override
  public Experience experience() {
    return keepers.learns() ? confirmed() : Experience.NONE;
  }

  /** What the closed cases would teach, whether or not they may. */
  Experience confirmed() {
    return Experience.of(
        cases.confirmed().stream()
            .filter(c -> knowledge.causes().find(c.getCause()).isPresent())
            .collect(
                Collectors.toMap(
                    PlantCaseRepository.Confirmed::getCause,
                    PlantCaseRepository.Confirmed::getTimes)),
        knowledge.causes());
  }

  @Override
  public Optional<OpenCase> openCase(Long plantId) {
    return cases
        .openOf(plantId)
        .map(
            c ->
                new OpenCase(
                    c.id(),
                    c.number(),
                    c.causeId(),
                    c.lookId(),
                    changes.of(c.id()).stream()
                        .filter(change -> change.response() != null)
                        .map(CaseChange::asResponse)
                        .toList()));
  }
}
