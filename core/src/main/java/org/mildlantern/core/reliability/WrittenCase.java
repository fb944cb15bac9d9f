package org.mildlantern.core.reliability;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.load.PlainYaml;

/**
 * A worked example: a plant with what was seen, and what it was.
 *
 * @param answers ids of right causes: any of them will do, or all of them when {@code several}
 * @param several whether all answers are at work together
 * @param urgent the cause that must not be missed, or null
 * @param group of its kind, or null where the kind is not known
 * @param tuned whether numbers may have been set with this case in view
 */
public record WrittenCase(
    String id,
    String story,
    String group,
    Question question,
    List<String> answers,
    boolean several,
    String urgent,
    boolean tuned) {

  /** Cases to which no number was tuned. */
  private static final String UNTUNED = "untuned";

  private static final List<String> FILES =
      List.of(
          "first-light",
          "orchids",
          "bromeliads",
          "bonsai",
          "carnivorous",
          "potted",
          "ways",
          UNTUNED);

  /** All cases that ship with the core. */
  public static List<WrittenCase> all(Knowledge knowledge) {
    List<WrittenCase> cases = new ArrayList<>();
    for (String file : FILES) {
      List<Map<String, Object>> entries = PlainYaml.resource("/cases/" + file + ".yaml");
      for (Map<String, Object> entry : entries) {
        cases.add(of(entry, !file.equals(UNTUNED), knowledge));
      }
    }
    return cases;
  }

  private static WrittenCase of(Map<String, Object> entry, boolean tuned, Knowledge knowledge) {
    String id = (String) entry.get("id");
    Kind kind =
        kind(entry, knowledge)
            .orElseThrow(() -> new IllegalStateException("case " + id + ": unknown kind"));
    List<Finding> findings = new ArrayList<>();
    strings(entry, "seen").forEach(node -> findings.add(Finding.present(node)));
    strings(entry, "not").forEach(node -> findings.add(Finding.absent(node)));
    LocalDate day = ((Date) entry.get("day")).toInstant().atZone(ZoneOffset.UTC).toLocalDate();
    Question question =
        Question.of(kind, day, findings, circumstances((Map<?, ?>) entry.get("records")));
    boolean several = entry.containsKey("both");
    return new WrittenCase(
        id,
        (String) entry.get("story"),
        kind.taxon().map(Taxon::group).orElse(null),
        question,
        strings(entry, several ? "both" : "accept"),
        several,
        (String) entry.get("urgent"),
        tuned);
  }

  /** A taxon, or a growth form where the kind is not known. */
  private static Optional<Kind> kind(Map<String, Object> entry, Knowledge knowledge) {
    return entry.containsKey("form")
        ? knowledge.forms().find((String) entry.get("form")).map(knowledge::kind)
        : knowledge.taxa().find((String) entry.get("taxon")).map(knowledge::kind);
  }

  private static Circumstances circumstances(Map<?, ?> records) {
    Map<String, Double> numbers = new HashMap<>();
    Map<String, String> choices = new HashMap<>();
    records.forEach(
        (field, value) -> {
          if (value instanceof Number number) {
            numbers.put(field.toString(), number.doubleValue());
          } else {
            choices.put(field.toString(), value.toString());
          }
        });
    return new Circumstances(numbers, choices, Set.of());
  }

  @SuppressWarnings("unchecked")
  private static List<String> strings(Map<String, Object> entry, String key) {
    return (List<String>) entry.getOrDefault(key, List.of());
  }
}
