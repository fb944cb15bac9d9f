package org.mildlantern.app.treatment;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.RoundItem;
import org.mildlantern.app.today.RoundSource;
import org.springframework.stereotype.Component;

/** Puts the visits of running courses on the round. */
@Component
class VisitsOnTheRound implements RoundSource {
  private final CourseService courses;

  VisitsOnTheRound(CourseService courses) {
    this.courses = courses;
  }

  @Override
  public List<Due> due(Ground ground) {
    List<Due> due = new ArrayList<>();
    for (CourseService.Picked picked : courses.underWay()) {
      ground
          .plant(picked.course().plantId())
          .ifPresent(
              plant ->
                  picked.visits().stream()
                      .filter(v -> v.state() == TreatmentVisit.State.PLANNED)
                      .forEach(v -> due.add(due(picked, v, plant))));
    }
    return due;
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
