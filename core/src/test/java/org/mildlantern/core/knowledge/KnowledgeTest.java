package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

class KnowledgeTest {
  private final Knowledge knowledge = Knowledge.load();

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
    Taxon violacea = knowledge.taxon("phalaenopsis-violacea").orElseThrow();
    assertThat(violacea.water()).isEqualTo("dry-between");
    assertThat(violacea.humidity()).isEqualTo(65);
    assertThat(violacea.synonyms()).isEmpty();
    assertThat(violacea.feed()).isEqualTo(Taxon.Feed.WEAK);
    Taxon zebrina = knowledge.taxon("alocasia-zebrina").orElseThrow();
    assertThat(zebrina.prone())
        .containsEntry("spider-mites", Factor.STRONGLY_FOR)
        .containsEntry("dormancy", Factor.SLIGHTLY_FOR);
    assertThat(knowledge.taxon("sarracenia-flava").orElseThrow().copperShy()).isTrue();
  }

  @Test
  void aKindThatTakesFromNowhereIsNamed() {
    assertThatThrownBy(
            () ->
                Knowledge.load(
                    altered(
                        "taxa/orchid.yaml",
                        text -> text.replaceFirst("like: masdevallia", "like: masdevalia"))))
        .isInstanceOf(KnowledgeException.class)
        .hasMessageContaining("taxa/orchid.yaml: masdevallia-veitchiana");
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
  void aDanglingReferenceNamesFileEntryAndField() {
    assertThatThrownBy(
            () ->
                Knowledge.load(
                    altered(
                        "signs.yaml",
                        text -> text.replaceFirst("check: step-back", "check: lean-in"))))
        .isInstanceOf(KnowledgeException.class)
        .hasMessageContaining("signs.yaml: limp-leaves: check: nothing is called 'lean-in'");
  }

  @Test
  void aWordOutsideTheSevenIsRefusedByTheSchema() {
    assertThatThrownBy(
            () ->
                Knowledge.load(
                    altered(
                        "causes/water.yaml", text -> text.replaceFirst("nearly always", "mostly"))))
        .isInstanceOf(KnowledgeException.class)
        .hasMessageContaining("causes/water.yaml: too-wet")
        .hasMessageContaining("signs");
  }

  @Test
  void anUnknownFieldIsRefused() {
    assertThatThrownBy(
            () ->
                Knowledge.load(
                    altered("media.yaml", text -> text.replaceFirst("life-months", "lifetime"))))
        .isInstanceOf(KnowledgeException.class)
        .hasMessageContaining("media.yaml: bark-mix");
  }

  @Test
  void anIdThatStandsTwiceIsRefused() {
    assertThatThrownBy(
            () ->
                Knowledge.load(
                    altered(
                        "media.yaml",
                        text ->
                            text
                                + "\n"
                                + text.lines()
                                    .filter(l -> l.startsWith("- {id: mount"))
                                    .findFirst()
                                    .orElseThrow())))
        .isInstanceOf(KnowledgeException.class)
        .hasMessageContaining("media.yaml: mount: id stands twice");
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
    Knowledge more =
        Knowledge.load(
            name -> {
              try (InputStream in = Knowledge.class.getResourceAsStream("/knowledge/" + name)) {
                String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                return new ByteArrayInputStream(
                    (text + added.getOrDefault(name, "")).getBytes(StandardCharsets.UTF_8));
              } catch (IOException e) {
                throw new IllegalStateException(e);
              }
            });
    Taxon vanda = more.taxonNamed("Vanda testata").orElseThrow();
    GrowthForm form = more.form(vanda.form()).orElseThrow();
    assertThat(more.causesFor(form)).extracting(Cause::id).contains("polka-pox");
    assertThat(more.edition()).isNotEqualTo(knowledge.edition());
  }

  private static Function<String, InputStream> altered(String file, UnaryOperator<String> edit) {
    return name -> {
      InputStream in = Knowledge.class.getResourceAsStream("/knowledge/" + name);
      if (!name.equals(file)) {
        return in;
      }
      try (in) {
        String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        return new ByteArrayInputStream(edit.apply(text).getBytes(StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new IllegalStateException(e);
      }
    };
  }
}
