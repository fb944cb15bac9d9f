package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;

/**
 * What is known of the lives of pests and catching diseases, means against them, who is hurt by
 * these, and schools; loaded once and immutable.
 */
public final class Remedies {
  private final Table<LifeCycle> pests;
  private final Table<Means> means;
  private final Table<School> schools;
  private final Table<Rot> rots;
  private final Table<Without> without;
  private final Table<Sensitivity> sensitivities;

  /** An entry that says why there is no course. */
  private record Without(String id, String why) {}

  Remedies(Shelf shelf, Knowledge knowledge) {
    pests = shelf.table("life", "treatment/lives", "pests", LifeCycle.class);
    rots = shelf.table("rot", "treatment/rots.yaml", "rots", Rot.class);
    without = shelf.table("cause", "treatment/without.yaml", "without", Without.class);
    sensitivities =
        shelf.table("sensitivity", "treatment/sensitive.yaml", "sensitive", Sensitivity.class);
    means = shelf.table("means", "treatment/means.yaml", "means", Means.class);
    schools = shelf.table("school", "treatment/schools.yaml", "schools", School.class);
    checkPests(shelf, knowledge);
    checkMeans(shelf);
    checkSchools(shelf);
  }

  private void checkPests(Shelf shelf, Knowledge knowledge) {
    for (LifeCycle pest : pests) {
      shelf.refers(pests, pest.id(), "id", List.of(pest.id()), knowledge.causes());
      if (pest.lower() >= pest.upper()) {
        shelf.wrong(pests, pest.id(), "lower", "not below upper");
      }
    }
    for (Rot rot : rots) {
      shelf.refers(rots, rot.id(), "id", List.of(rot.id()), knowledge.causes());
    }
    for (Without one : without) {
      shelf.refers(without, one.id(), "id", List.of(one.id()), knowledge.causes());
    }
    for (Sensitivity one : sensitivities) {
      shelf.refers(sensitivities, one.id(), "forms", one.forms(), knowledge.forms());
      shelf.refers(sensitivities, one.id(), "taxa", one.taxa(), knowledge.taxa());
      knowledge.checkWays(shelf, sensitivities, one.id(), "ways", one.ways());
    }
  }

  private void checkMeans(Shelf shelf) {
    for (Means one : means) {
      shelf.refers(means, one.id(), "bounds", one.bounds().gapAfter().keySet(), means);
      shelf.refers(means, one.id(), "bounds", one.bounds().notWith(), means);
      shelf.refers(means, one.id(), "against", one.against().keySet(), pests);
      shelf.refers(means, one.id(), "use", one.use().against().keySet(), pests);
      one.against()
          .forEach(
              (pest, stages) ->
                  pests.find(pest).ifPresent(life -> checkAgainst(shelf, one, life, stages)));
      checkLasting(shelf, one);
      if (one.product() && one.hazards().isEmpty()) {
        shelf.wrong(means, one.id(), "id", "says no hazards, but comes out of a bottle");
      }
    }
  }

  /** Notes stages that a life has not, and those that the means never comes to. */
  private void checkAgainst(Shelf shelf, Means one, LifeCycle life, Map<String, Efficacy> stages) {
    for (String stage : stages.keySet()) {
      if (!life.stageIds().contains(stage) && !stage.equals(LifeCycle.NEW)) {
        shelf.missing(
            means,
            one.id(),
            "against",
            life.id(),
            "stage “" + stage + "” of life “" + life.id() + "”");
        continue;
      }
      boolean some = stages.get(stage) != Efficacy.NONE;
      if (some && one.kills(life.id(), stage, life.placeOf(stage)) == 0) {
        shelf.wrong(
            means,
            one.id(),
            "against",
            String.format(
                "%s: %s: as a %s it never comes to what sits in “%s”",
                life.id(), stage, one.as(life.id()), life.placeOf(stage)));
      }
    }
  }

  /** Notes a product that lasts past its next use, or less than half the way to it. */
  private void checkLasting(Shelf shelf, Means one) {
    if (one.product() && one.lasting() != null) {
      int least = one.bounds().leastDays();
      int to = one.lasting().to();
      if (to > least || to < least / 2) {
        shelf.wrong(
            means,
            one.id(),
            "lasting",
            "to: " + to + " days, where " + least + " lie between uses");
      }
    }
  }

  private void checkSchools(Shelf shelf) {
    for (School school : schools) {
      shelf.refers(schools, school.id(), "courses", school.courses().keySet(), pests);
      school.courses().keySet().stream()
          .filter(rots::knows)
          .forEach(
              rot ->
                  shelf.wrong(
                      schools, school.id(), "courses", rot + ": a rot has no course of visits"));
      school
          .courses()
          .forEach(
              (pest, pattern) -> {
                pattern
                    .visits()
                    .forEach(visit -> shelf.refers(schools, school.id(), "courses", visit, means));
                shelf.refers(schools, school.id(), "courses", pattern.start(), means);
              });
    }
  }

  public Table<LifeCycle> pests() {
    return pests;
  }

  /** Rots, which no course of visits clears. */
  public Table<Rot> rots() {
    return rots;
  }

  public Table<Means> means() {
    return means;
  }

  public Table<School> schools() {
    return schools;
  }

  /** The schools of a topic, pests or diseases. */
  public List<School> schools(String topic) {
    return schools.stream().filter(s -> s.topic().equals(topic)).toList();
  }

  public School defaultSchool(String topic) {
    return schools(topic).stream().filter(School::byDefault).findFirst().orElseThrow();
  }

  /** Why there is no course against a cause, if that is known. */
  public Optional<String> without(String cause) {
    return without.find(cause).map(Without::why);
  }

  /** In what ways a plant is hurt by treatment beyond what stands with its kind. */
  public List<Sensitivity> sensitivities(Kind kind) {
    return sensitivities.stream().filter(one -> one.has(kind)).toList();
  }
}
