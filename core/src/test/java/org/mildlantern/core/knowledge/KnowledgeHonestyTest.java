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
          "Abeles, Morgan & Saltveit 1992",
          "Adamec 1997",
          "Agrios 2005",
          "Alford 2012",
          "Anderson 2001",
          "Arditti 1992",
          "Ayers & Westcot 1985",
          "Ben-Dov & Hodgson 1997",
          "Benzing 1980",
          "Benzing 2000",
          "Buczacki & Harris 2005",
          "Campbell & Norman 1998",
          "Chase 1987",
          "Coyier & Roane 1986",
          "Daughtrey, Wick & Peterson 1995",
          "Erwin & Ribeiro 1996",
          "Faust & Logan 2018",
          "Griffith 1998",
          "Harris, Clark & Matheny 2004",
          "Havis 1976",
          "Helle & Sabelis 1985",
          "Joiner 1981",
          "Juniper, Robins & Joel 1989",
          "Keifer and others 1982",
          "Lewis 1997",
          "Lyons 1973",
          "Marschner 2012",
          "McMillan & Horobin 1995",
          "Milks, Fonteno & Larson 1989",
          "Miller & Davidson 2005",
          "Moorhouse, Charnley & Gillespie 1992",
          "Naka 1973",
          "Nelson",
          "Northen 1990",
          "Rowley 1978",
          "Sabelis 1981",
          "Sakai & Larcher 1987",
          "Sinclair & Lyon 2005",
          "Slack 1979",
          "Slack 1986",
          "Zhang 2003",
          "rule of thumb");

  private final Knowledge knowledge = Library.shipped().knowledge();

  @Test
  void sourcesAreWorksThatExistOrSayRuleOfThumb() {
    Set<String> named = new TreeSet<>();
    knowledge.causes().forEach(cause -> named.addAll(cause.sources()));
    assertThat(SOURCES).containsAll(named);
  }

  @Test
  void mostCausesRestOnAWork() {
    long byThumb =
        knowledge.causes().stream()
            .filter(cause -> cause.sources().equals(List.of("rule of thumb")))
            .count();
    assertThat(byThumb).isLessThanOrEqualTo(52);
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
