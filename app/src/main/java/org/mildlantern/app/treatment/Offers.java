package org.mildlantern.app.treatment;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.School;
import org.mildlantern.core.treatment.Course;
import org.mildlantern.core.treatment.CourseSearch;
import org.mildlantern.core.treatment.LeafWetness;
import org.mildlantern.core.treatment.Outlook;
import org.mildlantern.core.treatment.Patient;
import org.mildlantern.core.treatment.WithinBounds;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What schools would do for a case, and what that rests on. */
@Service
@Transactional(readOnly = true)
class Offers {
  private final CaseService cases;
  private final PlantService plants;
  private final ChoiceService choices;
  private final VisitGround visitGround;
  private final Wetting wetting;
  private final Remedies remedies;
  private final CourseSearch search;
  private final Scope scope;

  Offers(
      CaseService cases,
      PlantService plants,
      ChoiceService choices,
      VisitGround visitGround,
      Wetting wetting,
      Remedies remedies,
      Scope scope) {
    this.cases = cases;
    this.plants = plants;
    this.choices = choices;
    this.visitGround = visitGround;
    this.wetting = wetting;
    this.remedies = remedies;
    this.search = new CourseSearch(remedies);
    this.scope = scope;
  }

  /** A case's pest with its plant and the warmth of its place. */
  record Ground(CaseView kase, PlantView plant, LifeCycle pest, double celsius) {}

  /**
   * What the keeper says of a case.
   *
   * @param size how many there are
   * @param wets how leaves are wetted, or null for what is usual for such a plant
   */
  record Said(Infestation size, LeafWetness.From wets) {
    LeafWetness.From wetted(PlantView plant) {
      return wets == null ? Wetting.usual(plant) : wets;
    }
  }

  /** A case as its keeper says it is, with all that its offers rest on, read once. */
  record Asked(
      Ground ground,
      List<PlantView> others,
      Said said,
      Map<Long, LeafWetness> wet,
      VisitGround.Known known) {
    /** What becomes of it; of several plants, in the warmest place and on the wettest leaf. */
    Outlook outlook() {
      return new Outlook(ground.pest(), warmest(), said.size().number(ground.pest()), takes());
    }

    private double warmest() {
      return others.stream()
          .mapToDouble(plant -> plant.place().warmth())
          .reduce(ground.celsius(), Math::max);
    }

    /** All plants that are treated, that of the case first. */
    List<PlantView> plants() {
      return Stream.concat(Stream.of(ground.plant()), others.stream()).toList();
    }

    private double takes() {
      return plants().stream().mapToDouble(this::takes).max().orElseThrow();
    }

    /** How much of a disease's usual spread takes hold on a plant. */
    double takes(PlantView plant) {
      return wet.get(plant.id()).takes(ground.pest(), plant.place().warmth());
    }

    /** How wet its leaves are and what that means for the disease, in words; empty for pests. */
    String wetness() {
      return wet.get(ground.plant().id()).words(ground.pest(), ground.celsius());
    }

    /** How often a means may be used here, by the keeper's label where it is stricter. */
    Means.Bounds bounds(Means means) {
      return known.labels().getOrDefault(means.id(), means.bounds());
    }
  }

  /** Empty when there is no such case, or when it is none of a pest whose life is known. */
  Optional<Ground> ground(Long caseId) {
    return cases
        .find(caseId)
        .flatMap(
            kase ->
                remedies
                    .pests()
                    .find(kase.cause().id())
                    .map(
                        pest -> {
                          PlantView plant = plants.find(kase.plantId()).orElseThrow();
                          return new Ground(kase, plant, pest, plant.place().warmth());
                        }));
  }

  /** Whether a case is one of a rot, which is cut and watched and has no course of visits. */
  boolean isRot(Long caseId) {
    return cases.find(caseId).filter(kase -> remedies.rots().knows(kase.cause().id())).isPresent();
  }

  /**
   * Gathers what offers rest on.
   *
   * @param others plants that are treated with that of the case
   */
  Asked ask(Ground ground, List<PlantView> others, Said said) {
    PlantView plant = ground.plant();
    Map<Long, LeafWetness> wet = new HashMap<>();
    wet.put(plant.id(), wetting.of(plant, said.wetted(plant)));
    others.forEach(other -> wet.put(other.id(), wetting.of(other, Wetting.usual(other))));
    return new Asked(ground, others, said, wet, visitGround.known(wet.keySet()));
  }

  /** What each school would do for this plant. */
  List<Course> of(Asked asked, Outlook outlook) {
    return schools(asked.ground().pest()).stream()
        .flatMap(school -> of(school, asked, outlook).stream())
        .toList();
  }

  /** What a school would do that all of the plants bear; empty when it has none to offer. */
  Optional<Course> of(School school, Asked asked, Outlook outlook) {
    List<PlantView> plants = asked.plants();
    List<Patient> patients = plants.stream().map(this::patient).toList();
    return search.find(
        school,
        asked.ground().pest(),
        outlook,
        new CourseSearch.For(
            means ->
                patients.stream().allMatch(patient -> patient.bears(means))
                    && plants.stream().noneMatch(one -> asked.known().marked(one.id(), means)),
            means -> patients.stream().allMatch(patient -> patient.hurtBy(means).isEmpty()),
            before(asked.known(), plants)));
  }

  /** What was used before, the most that any of the plants has had. */
  private WithinBounds.Known before(VisitGround.Known known, List<PlantView> plants) {
    List<WithinBounds.Known> each =
        plants.stream().map(plant -> known.before(plant.id(), scope.today())).toList();
    return new WithinBounds.Known(
        each.stream().flatMap(one -> one.earlier().stream()).distinct().toList(),
        each.get(0).elsewhere(),
        each.get(0).labels(),
        means -> each.stream().mapToInt(one -> one.tried().applyAsInt(means)).max().orElse(0));
  }

  Patient patient(PlantView plant) {
    return Patient.of(plant.kind(), remedies);
  }

  List<School> schools(LifeCycle pest) {
    return remedies.schools(topic(pest));
  }

  /** The school that the collection follows against such a pest or disease. */
  School followed(LifeCycle pest) {
    String topic = topic(pest);
    return Optional.ofNullable(choices.all().get(topic))
        .flatMap(remedies.schools()::find)
        .orElse(remedies.defaultSchool(topic));
  }

  private static String topic(LifeCycle pest) {
    return pest.disease() ? "diseases" : "pests";
  }
}
