package org.mildlantern.core.reliability;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Living;
import org.mildlantern.core.knowledge.Verdict;
import org.mildlantern.core.knowledge.Way;
import org.mildlantern.core.season.Stage;

class WrittenCasesTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final List<WrittenCase> CASES = WrittenCase.all(KNOWLEDGE);
  private static final HitRate RATE = HitRate.of(CASES, KNOWLEDGE);

  @Test
  void coverEveryGroupWithNormalUrgentAndDoubleCases() {
    assertThat(RATE.cases()).isGreaterThanOrEqualTo(600);
    assertThat(RATE.normalCases()).isGreaterThanOrEqualTo(280);
    assertThat(RATE.severalCases()).isGreaterThanOrEqualTo(25);
    assertThat(RATE.urgentCases()).isGreaterThanOrEqualTo(20);
    assertThat(CASES.stream().map(WrittenCase::group).filter(Objects::nonNull).distinct())
        .containsExactlyInAnyOrder("orchid", "bromeliad", "bonsai", "carnivorous", "potted");
    assertThat(CASES.stream().map(WrittenCase::id).distinct()).hasSize(CASES.size());
  }

  @Test
  void everyNodeAndCauseIsKnownAndPossibleOnThePlant() {
    for (WrittenCase written : CASES) {
      var form = written.question().kind().form();
      for (var finding : written.question().findings()) {
        assertThat(KNOWLEDGE.meant(finding.sign(), finding.pattern()))
            .as(written.id() + " " + finding.key())
            .anyMatch(node -> KNOWLEDGE.occursOn(node, form));
      }
      assertThat(written.answers()).as(written.id()).isNotEmpty();
      for (String answer : written.answers()) {
        assertThat(KNOWLEDGE.causes().find(answer).map(c -> c.strikes(form)))
            .as(written.id() + " " + answer)
            .contains(true);
      }
    }
  }

  /** Of what rests as a winter bud, one kind is known, and hardly a cause can strike it. */
  private static final Map<String, Integer> FEW = Map.of("floating-at-rest", 6);

  @Test
  void everyWayOfLifeIsTriedByManyCasesHalfOfThemNormal() {
    Map<String, Integer> tried = new TreeMap<>();
    Map<String, Integer> normal = new TreeMap<>();
    for (WrittenCase written : CASES) {
      Living living = living(written.question());
      boolean well = written.answers().stream().allMatch(this::isNormal);
      for (String way : new TreeSet<>(List.of(living.base().id(), living.now().id()))) {
        tried.merge(way, 1, Integer::sum);
        normal.merge(way, well ? 1 : 0, Integer::sum);
      }
    }
    for (Way way : KNOWLEDGE.ways().all()) {
      int many = FEW.getOrDefault(way.id(), 20);
      assertThat(tried.getOrDefault(way.id(), 0)).as(way.id()).isGreaterThanOrEqualTo(many);
      assertThat(normal.getOrDefault(way.id(), 0)).as(way.id()).isGreaterThanOrEqualTo(many / 2);
    }
  }

  private boolean isNormal(String cause) {
    return KNOWLEDGE.causes().find(cause).orElseThrow().verdict() == Verdict.NORMAL;
  }

  private Living living(Question question) {
    Stage stage =
        Stage.of(question.circumstances().choices().getOrDefault("stage", "")).orElse(Stage.GROWTH);
    return KNOWLEDGE.lore(question.kind(), stage, question.day(), question.latitude()).living();
  }

  @Test
  void numbersCarryOverToCasesToWhichNoneWasTuned() {
    HitRate untuned = HitRate.of(CASES.stream().filter(c -> !c.tuned()).toList(), KNOWLEDGE);
    assertThat(untuned.cases()).isGreaterThanOrEqualTo(190);
    assertThat(untuned.first()).isGreaterThanOrEqualTo((int) Math.ceil(0.92 * untuned.cases()));
  }

  @Test
  void theRightCauseLeadsInMostAndUrgentOnesAreNeverMissed() {
    String missed =
        RATE.misses().stream()
            .map(
                m ->
                    m.written().id()
                        + (m.amongThree() ? "" : " (not among three)")
                        + " instead "
                        + m.instead().stream()
                            .map(r -> "%s %.2f".formatted(r.cause().id(), r.probability()))
                            .toList())
            .reduce("", (a, b) -> a + "\n" + b);
    System.out.println(
        "%d written cases: first %d, among three %d; urgent found %d of %d; normal left alone %d of %d%s"
            .formatted(
                RATE.cases(),
                RATE.first(),
                RATE.amongThree(),
                RATE.urgentFound(),
                RATE.urgentCases(),
                RATE.normalLeftAlone(),
                RATE.normalCases(),
                missed));
    assertThat(RATE.first()).isGreaterThanOrEqualTo((int) Math.ceil(0.92 * RATE.cases()));
    assertThat(RATE.amongThree()).isGreaterThanOrEqualTo((int) Math.ceil(0.98 * RATE.cases()));
    assertThat(RATE.urgentFound()).isEqualTo(RATE.urgentCases());
    assertThat(RATE.normalLeftAlone())
        .isGreaterThanOrEqualTo((int) Math.ceil(0.95 * RATE.normalCases()));
  }
}
