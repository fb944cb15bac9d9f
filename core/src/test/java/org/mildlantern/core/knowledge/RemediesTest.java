package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Set;
import org.junit.jupiter.api.Test;

class RemediesTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private final Remedies remedies = Library.shipped().remedies();

  @Test
  void everyPestAndDiseaseHasALifeOrAReasonForNoCourse() {
    Set<String> families = Set.of("pest", "disease");
    for (Cause cause : KNOWLEDGE.causes()) {
      if (families.contains(cause.family())) {
        assertThat(
                remedies.pests().find(cause.id()).isPresent()
                    || remedies.without(cause.id()).isPresent())
            .as(cause.id())
            .isTrue();
      }
    }
  }

  @Test
  void everyLifeButThatOfARotHasACourseOfTheDefaultSchoolOfItsTopic() {
    for (LifeCycle life : remedies.pests()) {
      School school = remedies.defaultSchool(life.disease() ? "diseases" : "pests");
      if (remedies.rots().knows(life.id())) {
        assertThat(remedies.schools())
            .as(life.id())
            .noneMatch(one -> one.courses().containsKey(life.id()));
      } else if (!life.id().equals("root-knot-nematodes")) {
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
    org.mildlantern.core.treatment.Patient patient =
        org.mildlantern.core.treatment.Patient.of(Kinds.taxon(kind), remedies);
    return remedies.means().find(means).orElseThrow().ruins().stream()
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
                              assertThat(remedies.means().find(id).orElseThrow().against())
                                  .as(school.id() + " " + id)
                                  .containsKey(pest)));
    }
  }

  @Test
  void syntheticMeansHaveAGroupAndALegalNote() {
    assertThat(remedies.means().stream().filter(m -> m.legal() != Means.Legal.FREE))
        .isNotEmpty()
        .allMatch(m -> m.group().startsWith("IRAC") || m.group().startsWith("FRAC"))
        .allMatch(m -> m.legal().note().contains("registered"));
  }

  @Test
  void aWrongFileNamesFileEntryAndField() {
    assertThatThrownBy(() -> broken("lives/pests.yaml", "lower: 10\n", "lower: hot\n"))
        .hasMessageContaining("spider-mites: lower");
    assertThatThrownBy(() -> broken("means.yaml", "aphids: {young:", "aphids: {pupa:"))
        .hasMessageContaining("stage “pupa” of life “aphids”");
    assertThatThrownBy(() -> broken("schools.yaml", "[night-hunt,", "[moon-hunt,"))
        .hasMessageContaining("there is no means “moon-hunt”");
    assertThatThrownBy(() -> broken("schools.yaml", "rust: {", "crown-rot: {"))
        .hasMessageContaining("crown-rot: a rot has no course of visits");
  }

  @Test
  void whatNeverComesToAPestOrOutlastsItsNextUseIsAFault() {
    assertThatThrownBy(
            () -> broken("means.yaml", "fungus-gnats: {egg: strong", "aphids: {adult: strong"))
        .hasMessageContaining("aphids: adult: as a care it never comes to what sits in “leaf”");
    assertThatThrownBy(
            () ->
                broken(
                    "means.yaml",
                    "leaf-miners: {egg: none, young: good, adult: fair}",
                    "fungus-gnats: {young: good}"))
        .hasMessageContaining("fungus-gnats: young: as a spray it never comes to");
    assertThatThrownBy(
            () ->
                broken(
                    "means.yaml", "against: {fungus-gnats: drench}", "against: {aphids: drench}"))
        .hasMessageContaining("neem: against: aphids: young: as a drench it never comes to");
    assertThatThrownBy(
            () -> broken("means.yaml", "lasting: {from: 2, to: 7", "lasting: {from: 2, to: 8"))
        .hasMessageContaining("neem: lasting: to: 8 days, where 7 lie between uses");
    assertThatThrownBy(
            () -> broken("means.yaml", "lasting: {from: 2, to: 7", "lasting: {from: 2, to: 2"))
        .hasMessageContaining("neem: lasting");
    assertThatThrownBy(() -> broken("means.yaml", "  hazards: [eyes, water]\n", ""))
        .hasMessageContaining("soap: id: says no hazards");
  }

  @Test
  void aMeansIsUsedAsItsPestAsks() {
    Means neem = remedies.means().find("neem").orElseThrow();
    assertThat(neem.as("aphids")).isEqualTo("spray");
    assertThat(neem.as("fungus-gnats")).isEqualTo("drench");
    assertThat(neem.kills("fungus-gnats", "young", "soil")).isPositive();
    assertThat(neem.kills("aphids", "young", "soil")).isZero();
    Means thiophanate = remedies.means().find("thiophanate").orElseThrow();
    assertThat(thiophanate.as("grey-mould")).isEqualTo("spray");
    assertThat(thiophanate.as("black-root-rot")).isEqualTo("drench");
    assertThat(thiophanate.sprayed()).as("against some").isTrue();
  }

  @Test
  void productsSayHowTheyAreUsed() {
    assertThat(remedies.means().stream().filter(Means::product))
        .hasSizeGreaterThan(18)
        .allMatch(m -> !m.use().as().equals("care"))
        .allMatch(m -> !m.use().gear().isEmpty());
  }

  private static void broken(String file, String good, String bad) {
    Library.load(
        KnowledgeTest.SHIPPED.with(
            "treatment/" + file,
            text -> text.replaceFirst(java.util.regex.Pattern.quote(good), bad)));
  }
}
