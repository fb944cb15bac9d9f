package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.junit.jupiter.api.Test;

class RemediesTest {
  private static final Knowledge KNOWLEDGE = Knowledge.load();
  private final Remedies remedies = Remedies.load(KNOWLEDGE);

  @Test
  void everyPestAndDiseaseHasALifeOrAReasonForNoCourse() {
    Set<String> families = Set.of("pest", "disease");
    for (Cause cause : KNOWLEDGE.causes()) {
      if (families.contains(cause.family())) {
        assertThat(
                remedies.pest(cause.id()).isPresent() || remedies.without(cause.id()).isPresent())
            .as(cause.id())
            .isTrue();
      }
    }
  }

  @Test
  void everyLifeHasACourseOfTheDefaultSchoolOfItsTopic() {
    for (LifeCycle life : remedies.pests()) {
      School school = remedies.defaultSchool(life.disease() ? "diseases" : "pests");
      if (!life.id().equals("root-knot-nematodes")) {
        assertThat(school.courses()).as(school.id()).containsKey(life.id());
      }
    }
  }

  @Test
  void copperAndOilAndTrapsAreKnownToBeHurt() {
    assertThat(ruined("copper", "masdevallia")).contains("copper-shy");
    assertThat(ruined("soap", "dionaea")).contains("traps");
    assertThat(ruined("swab-alcohol", "saintpaulia")).contains("tender");
    assertThat(ruined("oil", "echeveria-laui")).contains("bloom-leaf");
    assertThat(ruined("systemic", "ocimum")).contains("edible");
    assertThat(ruined("soap", "coleus")).isEmpty();
  }

  private java.util.List<String> ruined(String means, String kind) {
    Taxon taxon = KNOWLEDGE.taxon(kind).orElseThrow();
    org.mildlantern.core.treatment.Patient patient =
        org.mildlantern.core.treatment.Patient.of(
            KNOWLEDGE.form(taxon.form()).orElseThrow(), taxon, remedies);
    return remedies.means(means).orElseThrow().ruins().stream()
        .filter(patient.shyOf()::containsKey)
        .toList();
  }

  @Test
  void oneSchoolATopicIsTheDefaultAndEachUsesMeansThatHitThePest() {
    for (String topic : Set.of("pests", "diseases")) {
      assertThat(remedies.schools(topic).stream().filter(School::byDefault)).hasSize(1);
    }
    for (School school : remedies.schools()) {
      school
          .courses()
          .forEach(
              (pest, pattern) ->
                  pattern.visits().stream()
                      .flatMap(java.util.List::stream)
                      .forEach(
                          id ->
                              assertThat(remedies.means(id).orElseThrow().against())
                                  .as(school.id() + " " + id)
                                  .containsKey(pest)));
    }
  }

  @Test
  void syntheticMeansHaveAGroupAndALegalNote() {
    assertThat(remedies.means().stream().filter(m -> m.legal() != Means.Legal.FREE))
        .isNotEmpty()
        .allMatch(m -> m.group().startsWith("IRAC") || m.group().startsWith("FRAC"))
        .allMatch(m -> m.legal().note().contains("the label decides"));
  }

  @Test
  void aWrongFileNamesFileEntryAndField() {
    assertThatThrownBy(() -> broken("pests.yaml", "lower: 10\n", "lower: hot\n"))
        .hasMessageContaining("treatment/pests.yaml: spider-mites: lower");
    assertThatThrownBy(() -> broken("means.yaml", "aphids: {young:", "aphids: {pupa:"))
        .hasMessageContaining("no pupa of aphids");
    assertThatThrownBy(() -> broken("schools.yaml", "[night-hunt,", "[moon-hunt,"))
        .hasMessageContaining("slugs: no means moon-hunt");
  }

  @Test
  void productsSayHowTheyAreUsed() {
    assertThat(remedies.means().stream().filter(Means::product))
        .hasSizeGreaterThan(18)
        .allMatch(m -> !m.use().as().equals("care"))
        .allMatch(m -> !m.use().gear().isEmpty());
  }

  private static Remedies broken(String file, String good, String bad) {
    return Remedies.load(
        KNOWLEDGE,
        name -> {
          InputStream in = RemediesTest.class.getResourceAsStream("/knowledge/" + name);
          try {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            String changed =
                name.endsWith(file)
                    ? text.replaceFirst(java.util.regex.Pattern.quote(good), bad)
                    : text;
            return new ByteArrayInputStream(changed.getBytes(StandardCharsets.UTF_8));
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
        });
  }
}
