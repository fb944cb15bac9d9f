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
  private final Knowledge knowledge = Library.shipped().knowledge();
  private final List<WrittenCase> cases = WrittenCase.all(knowledge);
  private final HitRate rate = HitRate.of(cases, knowledge);

  @Test
  void coverEveryGroupWithNormalUrgentAndDoubleCases() {
    assertThat(rate.cases()).isGreaterThanOrEqualTo(600);
    assertThat(rate.normalCases()).isGreaterThanOrEqualTo(280);
    assertThat(rate.severalCases()).isGreaterThanOrEqualTo(25);
    assertThat(rate.urgentCases()).isGreaterThanOrEqualTo(20);
    assertThat(cases.stream().map(WrittenCase::group).filter(Objects::nonNull).distinct())
        .containsExactlyInAnyOrder("orchid", "bromeliad", "bonsai", "carnivorous", "potted");
    assertThat(cases.stream().map(WrittenCase::id).distinct()).hasSize(cases.size());
  }

  @Test
  void everyNodeAndCauseIsKnownAndPossibleOnThePlant() {
    for (WrittenCase written : cases) {
      var form = written.question().kind().form();
      for (var finding : written.question().findings()) {
        assertThat(knowledge.meant(finding.sign(), finding.pattern()))
            .as(written.id() + " " + finding.key())
            .anyMatch(node -> knowledge.occursOn(node, form));
      }
      assertThat(written.answers()).as(written.id()).isNotEmpty();
      for (String answer : written.answers()) {
        assertThat(knowledge.causes().find(answer).map(c -> c.strikes(form)))
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
    for (WrittenCase written : cases) {
      Living living = living(written.question());
      boolean well = written.answers().stream().allMatch(this::isNormal);
      for (String way : new TreeSet<>(List.of(living.base().id(), living.now().id()))) {
        tried.merge(way, 1, Integer::sum);
        normal.merge(way, well ? 1 : 0, Integer::sum);
      }
    }
    for (Way way : knowledge.ways().all()) {
      int many = FEW.getOrDefault(way.id(), 20);
      assertThat(tried.getOrDefault(way.id(), 0)).as(way.id()).isGreaterThanOrEqualTo(many);
      assertThat(normal.getOrDefault(way.id(), 0)).as(way.id()).isGreaterThanOrEqualTo(many / 2);
    }
  }

  private boolean isNormal(String cause) {
    return knowledge.causes().find(cause).orElseThrow().verdict() == Verdict.NORMAL;
  }

  private Living living(Question question) {
    Stage stage =
        Stage.of(question.circumstances().choices().getOrDefault("stage", "")).orElse(Stage.GROWTH);
    return knowledge.lore(question.kind(), stage, question.day(), question.latitude()).living();
  }

  @Test
  void numbersCarryOverToCasesToWhichNoneWasTuned() {
    HitRate untuned = HitRate.of(cases.stream().filter(c -> !c.tuned()).toList(), knowledge);
    assertThat(untuned.cases()).isGreaterThanOrEqualTo(190);
    assertThat(untuned.first()).isGreaterThanOrEqualTo((int) Math.ceil(0.92 * untuned.cases()));
  }

  @Test
  void theRightCauseLeadsInMostAndUrgentOnesAreNeverMissed() {
    String missed =
        rate.misses().stream()
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
                rate.cases(),
                rate.first(),
                rate.amongThree(),
                rate.urgentFound(),
                rate.urgentCases(),
                rate.normalLeftAlone(),
                rate.normalCases(),
                missed));
    assertThat(rate.first()).isGreaterThanOrEqualTo((int) Math.ceil(0.92 * rate.cases()));
    assertThat(rate.amongThree()).isGreaterThanOrEqualTo((int) Math.ceil(0.98 * rate.cases()));
    assertThat(rate.urgentFound()).isEqualTo(rate.urgentCases());
    assertThat(rate.normalLeftAlone())
        .isGreaterThanOrEqualTo((int) Math.ceil(0.95 * rate.normalCases()));
  }
}
