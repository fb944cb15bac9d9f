package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Verdict;

class DiagnosticianTest {
  private static final LocalDate SPRING_DAY = LocalDate.of(2026, 4, 20);

  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Diagnostician diagnostician = new Diagnostician(knowledge);

  private Question leafy(Finding... findings) {
    return ask("leafy-stem", List.of(findings));
  }

  private Question ask(String form, List<Finding> findings) {
    return Question.of(Kinds.form(form), SPRING_DAY, findings, Circumstances.UNKNOWN);
  }

  private String first(Question question) {
    return diagnostician.diagnose(question).ranking().get(0).cause().id();
  }

  @Test
  void theSameWiltMeansOppositeThingsByTheMediumsState() {
    Finding limp = Finding.present("limp-leaves@all-leaves");
    assertThat(first(leafy(limp, Finding.present("medium-soggy@medium")))).isEqualTo("too-wet");
    assertThat(first(leafy(limp, Finding.present("medium-dust-dry@medium")))).isEqualTo("too-dry");
  }

  @Test
  void anAgeingLeafIsSaidToBeNormal() {
    Diagnosis diagnosis =
        diagnostician.diagnose(
            leafy(
                Finding.present("yellowing@oldest-only"),
                Finding.absent("limp-leaves@all-leaves")));
    assertThat(diagnosis.ranking().get(0).cause().verdict()).isEqualTo(Verdict.NORMAL);
  }

  @Test
  void whatExplainsSomethingComesBeforeWhatIsOnlyCommon() {
    Diagnosis diagnosis =
        diagnostician.diagnose(
            ask("pseudobulb-orchid", List.of(Finding.present("roots-circling@roots"))));
    RankedCause first = diagnosis.ranking().get(0);
    assertThat(first.cause().id()).isEqualTo("root-bound");
    assertThat(first.isSeen()).isTrue();
    RankedCause likelier = diagnosis.ranking().get(diagnosis.besides());
    assertThat(likelier.isSeen()).isFalse();
    assertThat(likelier.probability()).isGreaterThan(first.probability());
  }

  @Test
  void whatMostPlantsShowExplainsNothing() {
    Diagnosis diagnosis =
        diagnostician.diagnose(
            ask(
                "big-leaf-rosette",
                List.of(Finding.present("no-bloom@whole"), Finding.present("good-growth@whole"))));
    RankedCause first = diagnosis.ranking().get(0);
    assertThat(first.unexplained()).doesNotContain("Has not flowered when due");
    assertThat(diagnosis.ranking().get(diagnosis.besides()).cause().id())
        .isEqualTo("oldest-leaf-ageing");
  }

  @Test
  void aFaultThatIsLikelierThanNotComesBeforeWhatIsNaturalAndLikelierStill() {
    Diagnosis diagnosis =
        diagnostician.diagnose(
            ask(
                "big-leaf-rosette",
                List.of(
                    Finding.present("juvenile-form@new-leaves"),
                    Finding.present("stretched@whole"),
                    Finding.present("dim-place@around"))));
    RankedCause first = diagnosis.ranking().get(0);
    RankedCause natural = diagnosis.ranking().get(diagnosis.natural());
    assertThat(first.cause().id()).isEqualTo("too-little-light");
    assertThat(natural.cause().id()).isEqualTo("juvenile-leaves");
    assertThat(natural.probability()).isGreaterThan(first.probability());
    assertThat(diagnosis.besides()).isNegative();
  }

  @Test
  void whatIsFarLikelierStaysFirstThoughOnlyRecordsSpeakForIt() {
    Diagnosis diagnosis =
        diagnostician.diagnose(
            Question.of(
                knowledge.kind(knowledge.taxonNamed("Sarracenia rubra").orElseThrow()),
                LocalDate.of(2026, 12, 29),
                List.of(Finding.present("green-algae@medium")),
                new Circumstances(Map.of("temperature", 3.0), Map.of("stage", "rest"), Set.of())));
    RankedCause first = diagnosis.ranking().get(0);
    assertThat(first.isSeen()).isFalse();
    assertThat(diagnosis.ranking()).anyMatch(RankedCause::isSeen);
    assertThat(diagnosis.ranking()).allMatch(other -> other.probability() <= first.probability());
  }

  @Test
  void recordsAreEvidence() {
    Question bare = leafy(Finding.present("limp-leaves@all-leaves"));
    Question wet =
        Question.of(
            bare.kind(),
            SPRING_DAY,
            bare.findings(),
            new Circumstances(Map.of("wet-days", 14.0), Map.of("last-moisture", "wet"), Set.of()));
    double before = diagnostician.diagnose(bare).of("too-wet").orElseThrow().probability();
    RankedCause after = diagnostician.diagnose(wet).of("too-wet").orElseThrow();
    assertThat(after.probability()).isGreaterThan(before);
    assertThat(after.weights())
        .anySatisfy(
            w -> {
              assertThat(w.key()).isEqualTo("wet-ten-days");
              assertThat(w.decibans()).isCloseTo(7.78, within(0.01));
            });
  }

  @Test
  void aNeighboursOpenCaseRaisesItsCauseHere() {
    Question bare = leafy(Finding.present("stipple@old-leaves"));
    Question near =
        Question.of(
            bare.kind(),
            SPRING_DAY,
            bare.findings(),
            new Circumstances(Map.of(), Map.of(), Set.of("spider-mites")));
    assertThat(diagnostician.diagnose(near).of("spider-mites").orElseThrow().probability())
        .isGreaterThan(diagnostician.diagnose(bare).of("spider-mites").orElseThrow().probability());
  }

  @Test
  void evidenceAddsUpToThePosteriorOddsOnEveryForm() {
    Random random = new Random(7);
    for (GrowthForm form : knowledge.forms()) {
      for (int round = 0; round < 3; round++) {
        Diagnosis diagnosis = diagnostician.diagnose(ask(form.id(), someFindings(form, random)));
        for (RankedCause ranked : diagnosis.ranking()) {
          double sum = ranked.weights().stream().mapToDouble(Weight::decibans).sum();
          assertThat(ranked.probability()).isBetween(0.0, 1.0);
          assertThat(sum)
              .as(form.id() + " " + ranked.cause().id())
              .isCloseTo(Decibans.ofProbability(ranked.probability()), within(1e-6));
        }
      }
    }
  }

  @Test
  void theOrderOfFindingsDoesNotMatter() {
    Random random = new Random(3);
    GrowthForm form = knowledge.forms().find("tank-bromeliad").orElseThrow();
    List<Finding> findings = someFindings(form, random);
    Diagnosis one = diagnostician.diagnose(ask(form.id(), findings));
    List<Finding> shuffled = new ArrayList<>(findings);
    Collections.shuffle(shuffled, random);
    Diagnosis other = diagnostician.diagnose(ask(form.id(), shuffled));
    assertThat(other.ranking().stream().map(r -> r.cause().id() + r.weights()).toList())
        .isEqualTo(one.ranking().stream().map(r -> r.cause().id() + r.weights()).toList());
  }

  /**
   * Alone, an absence lowers each cause that predicts the sign. (Beside other findings it may raise
   * a weak predictor by lowering its rival, which is explaining away and right.)
   */
  @Test
  void lookedAndAbsentNeverRaisesACauseThatPredictsTheSign() {
    for (String id : List.of("leafy-stem", "monopodial-orchid", "tank-bromeliad")) {
      GrowthForm form = knowledge.forms().find(id).orElseThrow();
      Diagnosis before = diagnostician.diagnose(ask(form.id(), List.of()));
      for (Node node : knowledge.nodes()) {
        if (!knowledge.occursOn(node, form)) {
          continue;
        }
        Diagnosis after =
            diagnostician.diagnose(ask(form.id(), List.of(Finding.absent(node.id()))));
        for (Cause cause : before.ranking().stream().map(RankedCause::cause).toList()) {
          if (cause.signs().containsKey(node.id())) {
            double then = Decibans.ofProbability(before.of(cause.id()).orElseThrow().probability());
            double now = Decibans.ofProbability(after.of(cause.id()).orElseThrow().probability());
            assertThat(now)
                .as(form.id() + " " + cause.id() + " " + node.id())
                .isLessThan(then + 0.05);
          }
        }
      }
    }
  }

  @Test
  void aFindingThatFitsNothingIsSaidToBeUnexplained() {
    Diagnosis diagnosis =
        diagnostician.diagnose(
            leafy(
                Finding.present("mines@scattered"),
                Finding.present("crested@one-shoot"),
                Finding.present("frost-black@new-leaves"),
                Finding.present("whiteflies-seen@underside"),
                Finding.present("shoots-for-buds@flower"),
                Finding.present("corky-blisters@underside")));
    assertThat(diagnosis.fitsNothing()).isTrue();
    assertThat(diagnosis.unexplained()).isNotEmpty();
  }

  @Test
  void aClearPictureFitsWell() {
    Diagnosis diagnosis =
        diagnostician.diagnose(
            leafy(
                Finding.present("stipple@old-leaves"),
                Finding.present("webbing@joints"),
                Finding.present("moving-dots@underside")));
    assertThat(diagnosis.fitsNothing()).isFalse();
    assertThat(diagnosis.unexplained()).isEmpty();
    assertThat(diagnosis.bestSet()).extracting(Cause::id).containsExactly("spider-mites");
  }

  @Test
  void feelingTheMediumIsTheFirstCheckForAWilt() {
    Diagnosis diagnosis = diagnostician.diagnose(leafy(Finding.present("limp-leaves@all-leaves")));
    assertThat(diagnosis.nextChecks()).isNotEmpty();
    NextCheck first = diagnosis.nextChecks().get(0);
    assertThat(first.check().id()).isEqualTo("feel-medium");
    assertThat(first.nodes()).extracting(Node::id).contains("medium-soggy@medium");
    assertThat(diagnosis.nextChecks()).noneMatch(next -> next.check().id().equals("cut-section"));
    assertThat(diagnosis.nextChecks().subList(1, diagnosis.nextChecks().size()))
        .isSortedAccordingTo((a, b) -> Double.compare(b.rate(), a.rate()))
        .allSatisfy(c -> assertThat(c.bits()).isPositive());
  }

  @Test
  void anAnsweredCheckIsNotAskedAgain() {
    Diagnosis diagnosis =
        diagnostician.diagnose(
            leafy(
                Finding.present("limp-leaves@all-leaves"),
                Finding.absent("medium-soggy@medium"),
                Finding.absent("medium-dust-dry@medium")));
    assertThat(diagnosis.nextChecks()).noneMatch(c -> c.check().id().equals("feel-medium"));
  }

  @Test
  void aResponseMovesTheOddsOfWhatTheChangeTreats() {
    Question wilt =
        leafy(Finding.present("limp-leaves@all-leaves"), Finding.present("medium-dust-dry@medium"));
    double before = diagnostician.diagnose(wilt).of("too-dry").orElseThrow().probability();
    double better = withResponse(wilt, Response.Outcome.BETTER, false);
    double worse = withResponse(wilt, Response.Outcome.WORSE, false);
    double confounded = withResponse(wilt, Response.Outcome.BETTER, true);
    assertThat(better).isGreaterThan(before);
    assertThat(worse).isLessThan(before);
    assertThat(confounded).isLessThan(better);
  }

  private double withResponse(Question question, Response.Outcome outcome, boolean confounded) {
    return diagnostician
        .diagnose(
            new Question(
                question.kind(),
                question.day(),
                53,
                question.findings(),
                question.circumstances(),
                List.of(new Response("soak-through", outcome, confounded))))
        .of("too-dry")
        .orElseThrow()
        .probability();
  }

  @Test
  void aBareSignMeansAnyOfItsPatterns() {
    Diagnosis any = diagnostician.diagnose(leafy(new Finding("stipple", null, true)));
    Diagnosis none = diagnostician.diagnose(leafy(new Finding("stipple", null, false)));
    assertThat(any.ranking().get(0).cause().id()).isEqualTo("spider-mites");
    assertThat(none.of("spider-mites").orElseThrow().probability()).isLessThan(0.02);
  }

  @Test
  void anUnknownSignIsRefusedByName() {
    assertThatThrownBy(() -> diagnostician.diagnose(leafy(Finding.present("glowing@tips"))))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("glowing@tips");
  }

  @Test
  void everyProbabilityOpensItsWorking() {
    Diagnosis diagnosis = diagnostician.diagnose(leafy(Finding.present("stipple@old-leaves")));
    RankedCause first = diagnosis.ranking().get(0);
    assertThat(first.working().result()).isEqualTo(Decibans.percent(first.probability()));
    assertThat(first.working().steps()).hasSize(first.weights().size() + 1);
    assertThat(first.working().source()).contains("Good 1950");
    assertThat(diagnosis.fitWorking().result()).isEqualTo(Decibans.percent(diagnosis.fit()));
    assertThat(diagnosis.fitWorking().formula()).contains("Spider mites");
    assertThat(diagnosis.fitWorking().steps())
        .singleElement()
        .satisfies(step -> assertThat(step.name()).startsWith("Fine pale stipple"));
  }

  private List<Finding> someFindings(GrowthForm form, Random random) {
    List<Node> nodes =
        new ArrayList<>(
            knowledge.nodes().stream().filter(n -> knowledge.occursOn(n, form)).toList());
    Collections.shuffle(nodes, random);
    Set<String> taken = new HashSet<>();
    List<Finding> findings = new ArrayList<>();
    for (Node node : nodes) {
      if (findings.size() < 12 && taken.add(node.id())) {
        findings.add(
            random.nextInt(3) == 0 ? Finding.present(node.id()) : Finding.absent(node.id()));
      }
    }
    return findings;
  }
}
