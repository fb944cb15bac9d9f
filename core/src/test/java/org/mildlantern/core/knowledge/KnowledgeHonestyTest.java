package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Rules that keep the entries honest with each other. */
class KnowledgeHonestyTest {
  /** Works that are known to exist; anything else is a rule of thumb. */
  private static final Set<String> SOURCES =
      Set.of(
          "rule of thumb",
          "Agrios 2005",
          "Ayers & Westcot 1985",
          "Campbell & Norman 1998",
          "Chase 1987",
          "Coyier & Roane 1986",
          "Daughtrey, Wick & Peterson 1995",
          "Faust & Logan 2018",
          "Havis 1976",
          "Marschner 2012",
          "Milks, Fonteno & Larson 1989",
          "Nelson",
          "Sabelis 1981",
          "Sinclair & Lyon 2005");

  private final Knowledge knowledge = Library.shipped().knowledge();

  @Test
  void sourcesAreWorksThatExistOrSayRuleOfThumb() {
    Set<String> named = new TreeSet<>();
    knowledge.causes().forEach(cause -> named.addAll(cause.sources()));
    assertThat(SOURCES).containsAll(named);
  }

  @Test
  void aLookAlikeCanStandOnTheSamePlantOrIsAFearThatIsNormal() {
    for (Cause cause : knowledge.causes()) {
      for (String other : cause.alike().keySet()) {
        if (isNormal(cause) || isNormal(knowledge.causes().find(other).orElseThrow())) {
          continue;
        }
        assertThat(other).as(cause.id()).isNotEqualTo(cause.id());
        boolean together =
            knowledge.forms().stream()
                .map(knowledge::causesFor)
                .anyMatch(
                    causes ->
                        causes.contains(cause)
                            && causes.contains(knowledge.causes().find(other).orElseThrow()));
        assertThat(together).as(cause.id() + " and " + other).isTrue();
      }
    }
  }

  private static boolean isNormal(Cause cause) {
    return cause.verdict() == Verdict.NORMAL;
  }

  @Test
  void everyCauseHasASignByWhichItIsUsuallyKnown() {
    for (GrowthForm form : knowledge.forms()) {
      for (Cause cause : knowledge.causesFor(form)) {
        double best =
            cause.signs().entrySet().stream()
                .filter(e -> knowledge.occursOn(knowledge.node(e.getKey()).orElseThrow(), form))
                .mapToDouble(e -> e.getValue().probability())
                .max()
                .orElse(0);
        assertThat(best)
            .as(cause.id() + " on " + form.id())
            .isGreaterThanOrEqualTo(Level.SOMETIMES.probability());
      }
    }
  }

  @Test
  void urgentCausesSayWhatNotToDoMeanwhile() {
    assertThat(knowledge.causes().stream().filter(c -> c.verdict() == Verdict.URGENT))
        .allSatisfy(cause -> assertThat(cause.hold()).as(cause.id()).isNotEmpty());
  }

  @Test
  void normalStatesAskForNoTreatment() {
    List<String> gentle = List.of("look", "water", "light", "move");
    assertThat(knowledge.causes().stream().filter(c -> c.verdict() == Verdict.NORMAL))
        .allSatisfy(
            cause ->
                assertThat(gentle)
                    .as(cause.id())
                    .contains(knowledge.changes().find(cause.change()).orElseThrow().kind()));
  }

  @Test
  void everyLookTellsOfSomethingOnSomeForm() {
    for (Check check : knowledge.checks()) {
      assertThat(knowledge.forms().stream().mapToInt(f -> knowledge.nodesOf(f, check).size()).sum())
          .as(check.id())
          .isPositive();
    }
  }

  @Test
  void theEditionChangesWithTheText() {
    assertThat(knowledge.edition()).hasSize(8).isEqualTo(Library.shipped().knowledge().edition());
  }
}
