package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.yaml.snakeyaml.Yaml;

class WrittenCasesTest {
  private static final int AMONG_FIRST = 3;
  private static final double URGENT_LEAST = 0.2;

  private final Knowledge knowledge = Knowledge.load();
  private final Diagnostician diagnostician = new Diagnostician(knowledge);

  @Test
  void theRightCauseIsFirstInMostAndUrgentOnesAreNeverMissed() {
    List<String> notFirst = new ArrayList<>();
    List<String> notAmong = new ArrayList<>();
    List<String> urgentMissed = new ArrayList<>();
    List<Map<String, Object>> cases = cases();
    for (Map<String, Object> written : cases) {
      Diagnosis diagnosis = diagnostician.diagnose(question(written));
      List<String> top =
          diagnosis.ranking().stream().limit(AMONG_FIRST).map(r -> r.cause().id()).toList();
      String line =
          written.get("id")
              + ": "
              + diagnosis.ranking().stream()
                  .limit(AMONG_FIRST)
                  .map(r -> r.cause().id() + " " + Decibans.percent(r.probability()))
                  .toList();
      List<?> accept = (List<?>) written.get("accept");
      if (!accept.contains(top.get(0))) {
        notFirst.add(line);
      }
      if (top.stream().noneMatch(accept::contains)) {
        notAmong.add(line);
      }
      Object urgent = written.get("urgent");
      if (urgent != null
          && (!top.contains(urgent)
              || diagnosis.of(urgent.toString()).orElseThrow().probability() < URGENT_LEAST)) {
        urgentMissed.add(line);
      }
    }
    System.out.println(
        cases.size()
            + " written cases, first "
            + (cases.size() - notFirst.size())
            + ", among three "
            + (cases.size() - notAmong.size())
            + "; not first: "
            + notFirst);
    assertThat(cases).hasSizeGreaterThanOrEqualTo(30);
    assertThat(notFirst.size()).as("not first: %s", notFirst).isLessThanOrEqualTo(cases.size() / 5);
    assertThat(notAmong.size()).as("not among three: %s", notAmong).isLessThanOrEqualTo(1);
    assertThat(urgentMissed).isEmpty();
  }

  private static List<Map<String, Object>> cases() {
    try (InputStream in = WrittenCasesTest.class.getResourceAsStream("/cases/first-light.yaml")) {
      return new Yaml().load(in);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private Question question(Map<String, Object> written) {
    Taxon taxon = knowledge.taxon((String) written.get("taxon")).orElseThrow();
    List<Finding> findings = new ArrayList<>();
    strings(written.get("seen")).forEach(node -> findings.add(Finding.present(node)));
    strings(written.get("not")).forEach(node -> findings.add(Finding.absent(node)));
    LocalDate day = ((Date) written.get("day")).toInstant().atZone(ZoneOffset.UTC).toLocalDate();
    return Question.of(
        new Subject(knowledge.form(taxon.form()).orElseThrow(), taxon),
        day,
        findings,
        circumstances((Map<?, ?>) written.get("records")));
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
  private static List<String> strings(Object list) {
    return list == null ? List.of() : (List<String>) list;
  }
}
