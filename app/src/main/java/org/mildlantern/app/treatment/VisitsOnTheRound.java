package org.mildlantern.app.treatment;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.RoundItem;
import org.mildlantern.app.today.RoundSource;
import org.springframework.stereotype.Component;

/** Puts the visits of running courses on the round. */
@Component
class VisitsOnTheRound implements RoundSource {
  private final CourseService courses;
  private final PlantService plants;

  VisitsOnTheRound(CourseService courses, PlantService plants) {
    this.courses = courses;
    this.plants = plants;
  }

  @Override
  public List<Due> due() {
    List<CourseService.Picked> running = courses.underWay();
    if (running.isEmpty()) {
      return List.of();
    }
    Map<Long, PlantView> kept =
        plants.kept().stream().collect(Collectors.toMap(PlantView::id, Function.identity()));
    return running.stream()
        .filter(picked -> kept.containsKey(picked.course().plantId()))
        .flatMap(
            picked ->
                picked.visits().stream()
                    .filter(v -> v.state() == TreatmentVisit.State.PLANNED)
                    .map(v -> due(picked, v, kept.get(picked.course().plantId()))))
        .toList();
  }

  private Due due(CourseService.Picked picked, TreatmentVisit visit, PlantView plant) {
    String action = "/visits/" + visit.id();
    int number = picked.visits().indexOf(visit) + 1;
    return new Due(
        visit.plannedOn(),
        new RoundItem(
            "visit-" + visit.id(),
            "flag",
            plant.id(),
            plant.name(),
            plant.code(),
            "treat",
            courses.words(visit) + " · visit " + number + " of " + picked.visits().size(),
            List.of(
                new RoundItem.Answer("Done", action, "done", "true"),
                new RoundItem.Answer("Skip", action, "done", "false")),
            false,
            null,
            "/cases/" + picked.course().caseId() + "/treatment",
            null));
  }
}
