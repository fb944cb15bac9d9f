package org.mildlantern.app.cases;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.RecordSource;
import org.mildlantern.app.records.Records;
import org.mildlantern.core.diagnosis.Circumstances;
import org.springframework.stereotype.Component;

/** What plants have that stand in its place, or lately stood with it, as evidence. */
@Component
class NeighbourRecords implements RecordSource {
  private final PlantCaseRepository cases;
  private final ContactService contacts;

  NeighbourRecords(PlantCaseRepository cases, ContactService contacts) {
    this.cases = cases;
    this.contacts = contacts;
  }

  @Override
  public Set<String> fields() {
    return Set.of(Circumstances.NEIGHBOURS);
  }

  @Override
  public boolean ofPlantAlone() {
    return false;
  }

  @Override
  public void read(Asked asked, Records records) {
    records.neighbours(
        Circumstances.NEIGHBOURS,
        causesNear(asked),
        "open cases in its place, or on plants that lately stood with it");
  }

  private Set<String> causesNear(Asked asked) {
    PlantView plant = asked.plant();
    List<PlantCase> others =
        cases.open().stream().filter(c -> !c.plantId().equals(plant.id())).toList();
    if (others.isEmpty()) {
      return Set.of();
    }
    List<PlantView> kept = asked.kept();
    Set<Long> there =
        kept.stream()
            .filter(p -> p.place().id().equals(plant.place().id()))
            .map(PlantView::id)
            .collect(Collectors.toSet());
    Set<String> causes = contacts.met(plant.id(), others, kept);
    others.stream()
        .filter(c -> there.contains(c.plantId()))
        .map(PlantCase::causeId)
        .forEach(causes::add);
    return causes;
  }
}
