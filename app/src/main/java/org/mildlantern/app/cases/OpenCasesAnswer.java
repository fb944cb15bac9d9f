package org.mildlantern.app.cases;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.diagnose.OpenCases;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
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
  private final PlantService plants;
  private final ContactService contacts;
  private final KeeperService keepers;
  private final Knowledge knowledge;

  OpenCasesAnswer(
      PlantCaseRepository cases,
      CaseChangeRepository changes,
      PlantService plants,
      ContactService contacts,
      KeeperService keepers,
      Knowledge knowledge) {
    this.cases = cases;
    this.changes = changes;
    this.plants = plants;
    this.contacts = contacts;
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
  public Set<String> causesNear(Long placeId, Long exceptPlantId) {
    List<PlantCase> open = cases.open();
    if (open.isEmpty()) {
      return Set.of();
    }
    List<PlantCase> others = open.stream().filter(c -> !c.plantId().equals(exceptPlantId)).toList();
    List<PlantView> kept = plants.kept();
    Set<Long> there =
        kept.stream()
            .filter(p -> p.place().id().equals(placeId))
            .map(PlantView::id)
            .collect(Collectors.toSet());
    Set<String> causes = contacts.met(exceptPlantId, others, kept);
    others.stream()
        .filter(c -> there.contains(c.plantId()))
        .map(PlantCase::causeId)
        .forEach(causes::add);
    return causes;
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
