package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Stress;

class NextChecksTest {
  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Diagnostician diagnostician = new Diagnostician(knowledge);

  private Diagnosis ask(String form, String... seen) {
    List<Finding> findings = new ArrayList<>();
    for (String node : seen) {
      findings.add(
          node.startsWith("-") ? Finding.absent(node.substring(1)) : Finding.present(node));
    }
    return diagnostician.diagnose(
        Question.of(Kinds.form(form), LocalDate.of(2026, 5, 1), findings, Circumstances.UNKNOWN));
  }

  @Test
  void onlyAsksForWhatCanBeSeenOnTheForm() {
    for (GrowthForm form : knowledge.forms()) {
      ask(form.id(), firstNode(form))
          .nextChecks()
          .forEach(
              next ->
                  next.nodes()
                      .forEach(
                          node ->
                              assertThat(knowledge.occursOn(node, form))
                                  .as(form.id() + " " + node.id())
                                  .isTrue()));
    }
  }

  private String firstNode(GrowthForm form) {
    return knowledge.nodes().stream()
        .filter(n -> knowledge.occursOn(n, form))
        .findFirst()
        .orElseThrow()
        .id();
  }

  @Test
  void nobodyIsSentToLookAtFlowersOfAPlantWithoutAny() {
    assertThat(flowerAsks("flower")).isPositive();
    assertThat(flowerAsks("growth")).isZero();
  }

  private long flowerAsks(String stage) {
    Question question =
        Question.of(
            Kinds.form("leafy-stem"),
            LocalDate.of(2026, 5, 1),
            List.of(Finding.present("silvering@new-leaves")),
            new Circumstances(Map.of(), Map.of("stage", stage), Set.of()));
    return diagnostician.diagnose(question).nextChecks().stream()
        .flatMap(next -> next.nodes().stream())
        .filter(node -> node.pattern().onFlowersOnly())
        .count();
  }

  @Test
  void feelingTheMediumComesFirstWhereDryAndWetAreBothOpen() {
    for (String form : List.of("leafy-stem", "monopodial-orchid", "broadleaf-bonsai")) {
      assertThat(ask(form, "limp-leaves@all-leaves").nextChecks().get(0).check().id())
          .as(form)
          .isEqualTo("feel-medium");
      assertThat(ask(form, "limp-leaves@all-leaves", "medium-soggy@medium").nextChecks())
          .extracting(next -> next.check().id())
          .as(form + ", already felt")
          .doesNotContain("feel-medium");
    }
  }

  @Test
  void aHarmlessLookComesBeforeAnInvasiveOneForTheSameQuestion() {
    List<NextCheck> checks = ask("monopodial-orchid", "wrinkled-leaves@all-leaves").nextChecks();
    assertThat(checks.get(0).check().stress()).isEqualTo(Stress.NONE);
  }

  @Test
  void theRateIsInformationOverMinutesWithStressAndWaiting() {
    for (NextCheck next : ask("leafy-stem", "limp-leaves@all-leaves").nextChecks()) {
      double minutes =
          1 + next.check().minutes() + next.check().stress().minutes() + 3.0 * next.check().days();
      assertThat(next.rate() * minutes)
          .isCloseTo(next.bits(), org.assertj.core.data.Offset.offset(1e-9));
      assertThat(next.working().steps()).hasSize(4);
      assertThat(next.nodes()).hasSizeBetween(1, 4);
    }
  }

  @Test
  void aSettledQuestionLeavesLessToLearn() {
    double open = bits(ask("leafy-stem", "limp-leaves@all-leaves"));
    double settled =
        bits(
            ask(
                "leafy-stem",
                "stipple@old-leaves",
                "webbing@joints",
                "moving-dots@underside",
                "swipe-streak@underside"));
    assertThat(settled).isLessThan(open);
  }

  private static double bits(Diagnosis diagnosis) {
    return diagnosis.nextChecks().stream().mapToDouble(NextCheck::bits).max().orElse(0);
  }
}
