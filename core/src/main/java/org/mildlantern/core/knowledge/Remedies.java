package org.mildlantern.core.knowledge;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** What is known of pests' lives, means against them and schools, loaded once and immutable. */
public final class Remedies {
  private final Map<String, LifeCycle> pests = new LinkedHashMap<>();
  private final Map<String, Means> means = new LinkedHashMap<>();
  private final Map<String, School> schools = new LinkedHashMap<>();

  private Remedies(Knowledge knowledge, KnowledgeReader reader) {
    String folder = "treatment/";
    reader
        .entries(folder + "pests.yaml", "pests", LifeCycle.class)
        .forEach(p -> pests.put(p.id(), p));
    reader.entries(folder + "means.yaml", "means", Means.class).forEach(m -> means.put(m.id(), m));
    reader
        .entries(folder + "schools.yaml", "schools", School.class)
        .forEach(s -> schools.put(s.id(), s));
    List<String> faults = new ArrayList<>(reader.faults());
    checkPests(knowledge, faults);
    checkMeans(faults);
    checkSchools(faults);
    if (!faults.isEmpty()) {
      throw new KnowledgeException(faults);
    }
  }

  /**
   * Loads the shipped files.
   *
   * @throws KnowledgeException naming file, entry and field of every fault
   */
  public static Remedies load(Knowledge knowledge) {
    return load(knowledge, file -> Remedies.class.getResourceAsStream("/knowledge/" + file));
  }

  static Remedies load(Knowledge knowledge, Function<String, InputStream> files) {
    return new Remedies(knowledge, new KnowledgeReader(files));
  }

  private void checkPests(Knowledge knowledge, List<String> faults) {
    for (LifeCycle pest : pests.values()) {
      if (knowledge.cause(pest.id()).isEmpty()) {
        faults.add("treatment/pests.yaml: " + pest.id() + ": id: no such cause");
      }
      if (pest.lower() >= pest.upper()) {
        faults.add("treatment/pests.yaml: " + pest.id() + ": lower: not below upper");
      }
    }
  }

  private void checkMeans(List<String> faults) {
    for (Means one : means.values()) {
      one.against()
          .forEach(
              (pest, stages) -> {
                List<String> known =
                    pests.containsKey(pest) ? pests.get(pest).stageIds() : List.of();
                stages.keySet().stream()
                    .filter(stage -> !known.contains(stage))
                    .forEach(
                        stage ->
                            faults.add(
                                "treatment/means.yaml: "
                                    + one.id()
                                    + ": against: no "
                                    + stage
                                    + " of "
                                    + pest));
              });
    }
  }

  private void checkSchools(List<String> faults) {
    for (School school : schools.values()) {
      school
          .courses()
          .forEach(
              (pest, pattern) -> {
                String where = "treatment/schools.yaml: " + school.id() + ": courses: ";
                if (!pests.containsKey(pest)) {
                  faults.add(where + "no pest " + pest);
                }
                pattern.visits().stream()
                    .flatMap(List::stream)
                    .filter(id -> !means.containsKey(id))
                    .forEach(id -> faults.add(where + pest + ": no means " + id));
                pattern.start().stream()
                    .filter(id -> !means.containsKey(id))
                    .forEach(id -> faults.add(where + pest + ": no means " + id));
              });
    }
  }

  public Collection<LifeCycle> pests() {
    return pests.values();
  }

  public Optional<LifeCycle> pest(String id) {
    return Optional.ofNullable(pests.get(id));
  }

  public Collection<Means> means() {
    return means.values();
  }

  public Optional<Means> means(String id) {
    return Optional.ofNullable(means.get(id));
  }

  public Collection<School> schools() {
    return schools.values();
  }

  public Optional<School> school(String id) {
    return Optional.ofNullable(schools.get(id));
  }

  public School defaultSchool() {
    return schools.values().stream().filter(School::byDefault).findFirst().orElseThrow();
  }
}
