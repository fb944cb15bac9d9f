package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.pest.Generation;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.treatment.Patient;
import org.mildlantern.core.treatment.VisitCheck;
import org.mildlantern.core.treatment.VisitChecks;
import org.mildlantern.core.treatment.VisitChecks.Used;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what is known before visits, and asks the core what speaks against them. */
@Component
@Transactional(readOnly = true)
class VisitGround {
  static final String PETS = "pets";
  static final String FISH = "fish";
  static final String YES = "yes";

  private final TreatmentCourseRepository courses;
  private final TreatmentVisitRepository visits;
  private final PatchTests patches;
  private final ChoiceService choices;
  private final Remedies remedies;

  VisitGround(
      TreatmentCourseRepository courses,
      TreatmentVisitRepository visits,
      PatchTests patches,
      ChoiceService choices,
      Remedies remedies) {
    this.courses = courses;
    this.visits = visits;
    this.patches = patches;
    this.choices = choices;
    this.remedies = remedies;
  }

  /**
   * What the keeper sees on the day; what is left out comes from the records.
   *
   * @param celsius at the plant now, or null for that of its place
   */
  record Seen(Double celsius, boolean sun, boolean soft, boolean weak) {
    static final Seen NOTHING = new Seen(null, false, false, false);
  }

  /** What the records say of several plants, read once. */
  record Known(
      Map<Long, List<Used>> used,
      Map<Long, Map<String, VisitChecks.Patch>> patches,
      Map<String, String> choices) {}

  Known known(Collection<Long> plantIds) {
    Map<Long, List<Used>> used = new HashMap<>();
    if (!plantIds.isEmpty()) {
      Map<Long, Long> plantOf =
          courses.onPlants(plantIds).stream()
              .collect(Collectors.toMap(TreatmentCourse::id, TreatmentCourse::plantId));
      for (TreatmentVisit visit : visits.doneOn(plantIds)) {
        List<Used> of =
            used.computeIfAbsent(plantOf.get(visit.courseId()), id -> new ArrayList<>());
        visit.means().stream()
            .flatMap(id -> remedies.means().find(id).stream())
            .forEach(means -> of.add(new Used(means, visit.day())));
      }
    }
    return new Known(used, patches.states(plantIds), choices.all());
  }

  /** What speaks against using the means on a plant on a day, what blocks first. */
  List<VisitCheck> checks(
      PlantView plant, LifeCycle pest, List<Means> means, LocalDate day, Seen seen, Known known) {
    Double celsius = seen.celsius() == null ? plant.place().temperature() : seen.celsius();
    double generation = Generation.of(pest, plant.place().warmth()).days();
    return VisitChecks.of(
        Patient.of(plant.kind(), remedies),
        means,
        new VisitChecks.Day(
            day,
            new VisitChecks.Day.Air(celsius, plant.place().humidity(), seen.sun()),
            new VisitChecks.Day.Growth(
                plant.stage() == Stage.FLOWER,
                plant.place().kind() == PlaceKind.OUTDOOR,
                seen.soft(),
                seen.weak()),
            new VisitChecks.Day.Around(
                YES.equals(known.choices().get(PETS)), YES.equals(known.choices().get(FISH))),
            new VisitChecks.Day.History(
                known.used().getOrDefault(plant.id(), List.of()).stream()
                    .filter(used -> !used.day().isAfter(day))
                    .toList(),
                known.patches().getOrDefault(plant.id(), Map.of()),
                Double.isFinite(generation) ? (int) Math.ceil(generation) : null)));
  }
}
