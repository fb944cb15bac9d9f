package org.mildlantern.core.knowledge;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What is known of the lives of pests and catching diseases, means against them, who is hurt by
 * these, and schools; loaded once and immutable.
 */
public final class Remedies {
  private final Map<String, LifeCycle> pests = new LinkedHashMap<>();
  private final Map<String, Means> means = new LinkedHashMap<>();
  private final Map<String, School> schools = new LinkedHashMap<>();
  private final Map<String, String> without = new LinkedHashMap<>();
  private final List<Sensitivity> sensitivities;

  /** An entry that says why there is no course. */
  private record Without(String id, String why) {}

  private Remedies(Knowledge knowledge, KnowledgeReader reader) {
    String folder = "treatment/";
    reader
        .entries(folder + "pests.yaml", "pests", LifeCycle.class)
        .forEach(p -> pests.put(p.id(), p));
    reader
        .entries(folder + "diseases.yaml", "pests", LifeCycle.class)
        .forEach(p -> pests.put(p.id(), p));
    reader
        .entries(folder + "without.yaml", "without", Without.class)
        .forEach(w -> without.put(w.id(), w.why()));
    sensitivities = reader.entries(folder + "sensitive.yaml", "sensitive", Sensitivity.class);
    reader.entries(folder + "means.yaml", "means", Means.class).forEach(m -> means.put(m.id(), m));
    reader
        .entries(folder + "schools.yaml", "schools", School.class)
        .forEach(s -> schools.put(s.id(), s));
    List<String> faults = new ArrayList<>(reader.faults());
    checkPests(knowledge, faults);
    checkSensitivities(knowledge, faults);
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
        faults.add(file(pest) + pest.id() + ": id: no such cause");
      }
      if (pest.lower() >= pest.upper()) {
        faults.add(file(pest) + pest.id() + ": lower: not below upper");
      }
    }
    without.keySet().stream()
        .filter(id -> knowledge.cause(id).isEmpty())
        .forEach(id -> faults.add("treatment/without.yaml: " + id + ": id: no such cause"));
  }

  private static String file(LifeCycle life) {
    return "treatment/" + (life.disease() ? "diseases" : "pests") + ".yaml: ";
  }

  private void checkSensitivities(Knowledge knowledge, List<String> faults) {
    for (Sensitivity one : sensitivities) {
      String where = "treatment/sensitive.yaml: " + one.id();
      one.forms().stream()
          .filter(form -> knowledge.form(form).isEmpty())
          .forEach(form -> faults.add(where + ": forms: no such form " + form));
      one.taxa().stream()
          .filter(taxon -> knowledge.taxon(taxon).isEmpty())
          .forEach(taxon -> faults.add(where + ": taxa: no such kind " + taxon));
    }
  }

  private void checkMeans(List<String> faults) {
    for (Means one : means.values()) {
      one.use().apart().keySet().stream()
          .filter(other -> !means.containsKey(other))
          .forEach(
              other ->
                  faults.add(
                      "treatment/means.yaml: " + one.id() + ": use: apart: no means " + other));
      one.against()
          .forEach(
              (pest, stages) -> {
                List<String> known =
                    pests.containsKey(pest) ? pests.get(pest).stageIds() : List.of();
                if (known.isEmpty()) {
                  faults.add("treatment/means.yaml: " + one.id() + ": against: no life of " + pest);
                }
                stages.keySet().stream()
                    .filter(stage -> !known.contains(stage) && !stage.equals(LifeCycle.NEW))
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

  /** The schools of a topic, pests or diseases. */
  public List<School> schools(String topic) {
    return schools.values().stream().filter(s -> s.topic().equals(topic)).toList();
  }

  public School defaultSchool(String topic) {
    return schools(topic).stream().filter(School::byDefault).findFirst().orElseThrow();
  }

  /** Why there is no course against a cause, if that is known. */
  public Optional<String> without(String cause) {
    return Optional.ofNullable(without.get(cause));
  }

  /** In what ways a plant is hurt by treatment beyond what stands with its kind. */
  public List<Sensitivity> sensitivities(GrowthForm form, Taxon taxon) {
    return sensitivities.stream().filter(one -> one.has(form, taxon)).toList();
  }
}
