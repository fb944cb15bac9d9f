package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.load.Files;

class KnowledgeTest {
  static final Files SHIPPED = Files.ofClassPath("/knowledge");

  private final Knowledge knowledge = Library.shipped().knowledge();

  @Test
  void reachesEveryGroupFamilyAndForm() {
    assertThat(knowledge.causes()).hasSizeGreaterThanOrEqualTo(130);
    assertThat(knowledge.signs()).hasSizeGreaterThanOrEqualTo(240);
    assertThat(knowledge.taxa()).hasSizeGreaterThanOrEqualTo(300);
    assertThat(knowledge.forms()).allMatch(GrowthForm::figure);
    assertThat(knowledge.taxa().stream().map(Taxon::group).distinct()).hasSize(5);
    assertThat(knowledge.causes().stream().map(Cause::family).distinct()).hasSize(9);
    assertThat(knowledge.taxa().stream().map(Taxon::form).distinct())
        .hasSameSizeAs(knowledge.forms());
  }

  @Test
  void aSpeciesTakesWhatItLeavesOutFromItsGenusAndThenItsForm() {
    Taxon violacea = knowledge.taxa().find("phalaenopsis-violacea").orElseThrow();
    assertThat(violacea.water()).isEqualTo(Watering.DRY_BETWEEN);
    assertThat(violacea.humidity()).isEqualTo(65);
    assertThat(violacea.synonyms()).isEmpty();
    assertThat(violacea.feed()).isEqualTo(Taxon.Feed.WEAK);
    Taxon zebrina = knowledge.taxa().find("alocasia-zebrina").orElseThrow();
    assertThat(zebrina.prone())
        .containsEntry("spider-mites", Factor.STRONGLY_FOR)
        .containsEntry("dormancy", Factor.SLIGHTLY_FOR);
    assertThat(knowledge.taxa().find("sarracenia-flava").orElseThrow().copperShy()).isTrue();
  }

  @Test
  void findsATaxonByOldAndNewName() {
    assertThat(knowledge.taxonNamed("vriesea  ospinae").map(Taxon::name))
        .contains("Goudaea ospinae");
    assertThat(knowledge.taxonNamed("Goudaea ospinae").map(Taxon::id)).contains("goudaea-ospinae");
    assertThat(knowledge.taxonNamed("Sansevieria trifasciata").map(Taxon::name))
        .contains("Dracaena trifasciata");
    assertThat(knowledge.taxonNamed("Nothing such")).isEmpty();
  }

  @Test
  void everySignCanBeMarkedOnSomeForm() {
    for (Node node : knowledge.nodes()) {
      assertThat(knowledge.forms().stream().anyMatch(form -> knowledge.occursOn(node, form)))
          .as(node.id())
          .isTrue();
    }
  }

  @Test
  void limpIsOfferedOnTheWholePlantWhereItCanBeMarkedAtAll() {
    Node limp = knowledge.node("limp-leaves@all-leaves").orElseThrow();
    for (GrowthForm form : knowledge.forms()) {
      Part whole = form.parts().get(0);
      assertThat(whole.kind()).isEqualTo("whole");
      boolean anywhere =
          form.parts().stream().skip(1).anyMatch(p -> knowledge.nodesOn(form, p).contains(limp));
      assertThat(knowledge.nodesOn(form, whole).contains(limp)).as(form.id()).isEqualTo(anywhere);
    }
    assertThat(
            knowledge.forms().stream()
                .filter(f -> knowledge.nodesOn(f, f.parts().get(0)).contains(limp)))
        .hasSizeGreaterThan(10);
  }

  @Test
  void everySignIsPredictedBySomeCause() {
    Set<String> predicted = new HashSet<>();
    knowledge
        .causes()
        .forEach(cause -> cause.signs().keySet().forEach(n -> predicted.add(n.split("@")[0])));
    assertThat(knowledge.signs()).allSatisfy(sign -> assertThat(predicted).contains(sign.id()));
  }

  @Test
  void everyCauseSharesASignAndHasTheCheckForItsLookAlikes() {
    for (Cause cause : knowledge.causes()) {
      assertThat(cause.alike()).as(cause.id()).isNotEmpty();
      assertThat(cause.signs()).as(cause.id()).isNotEmpty();
    }
  }

  @Test
  void noTwoCausesThatStrikeOneFormLookTheSame() {
    for (GrowthForm form : knowledge.forms()) {
      var causes = knowledge.causesFor(form);
      for (int i = 0; i < causes.size(); i++) {
        for (int j = 0; j < i; j++) {
          assertThat(causes.get(i).signs())
              .as(causes.get(i).id() + " and " + causes.get(j).id() + " on " + form.id())
              .isNotEqualTo(causes.get(j).signs());
        }
      }
    }
  }

  @Test
  void aSignACauseAndAKindAreAddedByYamlAlone() {
    Map<String, String> added =
        Map.of(
            "signs.yaml",
            """

            - {id: purple-polka, label: Purple polka dots, family: spots, words: [polka], patterns: [scattered],
               check: look-leaves, swatch: halo, leak: hardly ever}
            """,
            "causes/disease.yaml",
            """

            - id: polka-pox
              label: Polka pox
              family: disease
              what: Invented for a test.
              rate: rare
              signs: {purple-polka@scattered: always}
              verdict: watch
              reversible: fully
              heals: often
              worsens: seldom
              shows-days: 7
              recovery: None needed.
              better: Fewer dots.
              worse: More dots.
              change: leave-be
              alike: {virus: "Dots are not rings."}
              sources: [rule of thumb]
            """,
            "taxa/orchid.yaml",
            """

            - {id: vanda-testata, name: Vanda testata, rank: species, like: vanda, prone: {polka-pox: for}}
            """);
    Files files = SHIPPED;
    for (Map.Entry<String, String> one : added.entrySet()) {
      files = files.with(one.getKey(), text -> text + one.getValue());
    }
    Library more = Library.load(files);
    Taxon vanda = more.knowledge().taxonNamed("Vanda testata").orElseThrow();
    GrowthForm form = more.knowledge().forms().find(vanda.form()).orElseThrow();
    assertThat(more.knowledge().causesFor(form)).extracting(Cause::id).contains("polka-pox");
    assertThat(more.knowledge().edition()).isNotEqualTo(knowledge.edition());
  }

  @Test
  void theEditionCoversAllFilesAndThatOfReasoningThoseItRestsOn() {
    Library other =
        Library.load(SHIPPED.with("water/thirst.yaml", text -> text.replace("1.4", "1.5")));
    assertThat(other.edition()).hasSize(8).isNotEqualTo(Library.shipped().edition());
    assertThat(other.knowledge().edition()).isEqualTo(knowledge.edition());
    Library treated =
        Library.load(SHIPPED.with("treatment/means.yaml", text -> text + "\n# more\n"));
    assertThat(treated.edition()).isNotEqualTo(Library.shipped().edition());
  }

  @Test
  void aKindIsNeverWithoutHabits() {
    for (GrowthForm form : knowledge.forms()) {
      Kind kind = knowledge.kind(form);
      assertThat(kind.water()).isNotNull();
      assertThat(kind.taxon()).isEmpty();
      assertThat(kind.prone()).isEmpty();
    }
    assertThat(Kinds.form("fern").shyOf(Habits.Shy.COPPER)).isTrue();
    assertThat(Kinds.form("air-plant").shyOf(Habits.Shy.OILS)).isTrue();
    assertThat(Kinds.form("snap-trap").water()).isEqualTo(Watering.WET_FEET);
  }
}
