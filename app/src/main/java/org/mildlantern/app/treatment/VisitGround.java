package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.mixing.CabinetService;
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
import org.mildlantern.core.treatment.WithinBounds;
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
  private final CabinetService cabinet;
  private final Remedies remedies;
  private final Scope scope;

  VisitGround(
      TreatmentCourseRepository courses,
      TreatmentVisitRepository visits,
      PatchTests patches,
      ChoiceService choices,
      CabinetService cabinet,
      Remedies remedies,
      Scope scope) {
    this.courses = courses;
    this.visits = visits;
    this.patches = patches;
    this.choices = choices;
    this.cabinet = cabinet;
    this.remedies = remedies;
    this.scope = scope;
  }

  /**
   * What the keeper sees on the day; what is left out comes from the records.
   *
   * @param celsius at the plant now, or null for that of its place
   */
  record Seen(Double celsius, boolean sun, boolean soft, boolean weak) {
    static final Seen NOTHING = new Seen(null, false, false, false);
  }

  /**
   * What the records say, read once.
   *
   * @param used what was used on each plant of the collection within a year
   * @param labels bounds of means by the keeper's own labels
   * @param patches patch tests of the plants that were asked for
   */
  record Known(
      Map<Long, List<Used>> used,
      Map<String, Means.Bounds> labels,
      Map<Long, Map<String, PatchTests.Tried>> patches,
      Map<String, String> choices) {

    /** What was used on a plant up to a day. */
    List<Used> on(Long plant, LocalDate day) {
      return until(used.getOrDefault(plant, List.of()).stream(), day);
    }

    /** What was used on the other plants up to a day. */
    List<Used> elsewhere(Long plant, LocalDate day) {
      return until(
          used.entrySet().stream()
              .filter(of -> !of.getKey().equals(plant))
              .flatMap(of -> of.getValue().stream()),
          day);
    }

    private static List<Used> until(Stream<Used> used, LocalDate day) {
      return used.filter(one -> !one.day().isAfter(day)).toList();
    }

    /** How the patch tests of a plant stand, by means. */
    Map<String, VisitChecks.Patch> tests(Long plant) {
      return patches.getOrDefault(plant, Map.of()).entrySet().stream()
          .collect(Collectors.toMap(Map.Entry::getKey, test -> test.getValue().state()));
    }

    /** Whether a test of a means marked the plant. */
    boolean marked(Long plant, Means means) {
      return tests(plant).get(means.id()) == VisitChecks.Patch.FAILED;
    }

    /** Whether a means needs no patch test on a plant any more. */
    boolean tried(Long plant, Means means) {
      return !means.use().patch()
          || tests(plant).containsKey(means.id())
          || used.getOrDefault(plant, List.of()).stream()
              .anyMatch(one -> one.means().equals(means));
    }

    /** The day from which a means may go on the whole plant. */
    LocalDate from(Long plant, Means means, LocalDate day) {
      PatchTests.Tried test = patches.getOrDefault(plant, Map.of()).get(means.id());
      if (test == null) {
        return tried(plant, means) ? day : day.plusDays(means.patchDays());
      }
      return test.state() == VisitChecks.Patch.WAITING && test.readOn().isAfter(day)
          ? test.readOn()
          : day;
    }

    /** The same in days of a course that begins on a day. */
    WithinBounds.Known before(Long plant, LocalDate day) {
      return new WithinBounds.Known(
          uses(on(plant, day), day),
          uses(elsewhere(plant, day), day),
          labels,
          means -> (int) ChronoUnit.DAYS.between(day, from(plant, means, day)));
    }

    private static List<WithinBounds.Use> uses(List<Used> used, LocalDate day) {
      return used.stream()
          .map(
              one ->
                  new WithinBounds.Use(one.means(), (int) ChronoUnit.DAYS.between(day, one.day())))
          .toList();
    }
  }

  Known known(Collection<Long> plantIds) {
    List<TreatmentVisit> done = visits.doneSince(scope.today().minusYears(1));
    Map<Long, List<Used>> used = new HashMap<>();
    if (!done.isEmpty()) {
      Map<Long, Long> plantOf =
          courses
              .byIds(done.stream().map(TreatmentVisit::courseId).collect(Collectors.toSet()))
              .stream()
              .collect(Collectors.toMap(TreatmentCourse::id, TreatmentCourse::plantId));
      for (TreatmentVisit visit : done) {
        List<Used> of =
            used.computeIfAbsent(plantOf.get(visit.courseId()), id -> new ArrayList<>());
        visit.means().stream()
            .flatMap(id -> remedies.means().find(id).stream())
            .forEach(means -> of.add(new Used(means, visit.day())));
      }
    }
    return new Known(used, cabinet.labels(), patches.states(plantIds), choices.all());
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
                known.on(plant.id(), day),
                known.elsewhere(plant.id(), day),
                known.labels(),
                known.tests(plant.id()),
                Double.isFinite(generation) ? (int) Math.ceil(generation) : null)));
  }
}
