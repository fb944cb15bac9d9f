package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

/** Findings that may not have been meant. */
class HeardTest {
  private static final LocalDate DAY = LocalDate.of(2026, 9, 20);
  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Diagnostician diagnostician = new Diagnostician(knowledge);

  private Question ask(Finding... findings) {
    return Question.of(Kinds.form("leafy-stem"), DAY, List.of(findings), Circumstances.UNKNOWN);
  }

  private Map<String, Double> chances(Finding... findings) {
    Map<String, Double> byId = new TreeMap<>();
    diagnostician
        .posterior(ask(findings))
        .probabilities()
        .forEach((cause, p) -> byId.put(cause.id(), p));
    return byId;
  }

  private static Finding heard(String node, double sure) {
    Finding plain = Finding.present(node);
    return new Finding(plain.sign(), plain.pattern(), true, sure);
  }

  /** Two causes, the second of which shows the sign; by Bayes over all four sets. */
  @ParameterizedTest
  @ValueSource(doubles = {0.01, 0.3, 0.7, 1})
  void itCountsByHowLikelyItWasMeant(double sure) {
    double[] prior = {0.2, 0.1};
    double[] no = {1, 0.1};
    double leakNo = 0.95;
    Likelihood seen = Likelihood.of(true, leakNo, no);
    double general = 0;
    double struck = 0;
    double all = 0;
    for (int set = 0; set < 4; set++) {
      double chance = (set & 1) == 1 ? prior[0] : 1 - prior[0];
      chance *= (set & 2) == 2 ? prior[1] : 1 - prior[1];
      general += chance * (1 - leakNo * ((set & 2) == 2 ? no[1] : 1));
    }
    for (int set = 0; set < 4; set++) {
      double chance = (set & 1) == 1 ? prior[0] : 1 - prior[0];
      chance *= (set & 2) == 2 ? prior[1] : 1 - prior[1];
      double there = 1 - leakNo * ((set & 2) == 2 ? no[1] : 1);
      double weight = chance * (sure * there / general + 1 - sure);
      all += weight;
      struck += (set & 2) == 2 ? weight : 0;
    }
    Likelihood heard = seen.heard(sure, Likelihood.NOTHING, prior);
    double[] odds = {0.25, 0.1 / 0.9};
    Network network = new Network(odds, List.of(heard), new boolean[] {true});
    assertThat(network.marginals()[1]).isCloseTo(struck / all, within(1e-9));
    assertThat(heard.inGeneral(prior)).isCloseTo(seen.inGeneral(prior), within(1e-12));
  }

  @Test
  void theSurerItIsTheMoreItTells() {
    double before = chances().get("spider-mites");
    double little = chances(heard("webbing@joints", 0.2)).get("spider-mites");
    double much = chances(heard("webbing@joints", 0.8)).get("spider-mites");
    double plain = chances(Finding.present("webbing@joints")).get("spider-mites");
    assertThat(List.of(before, little, much, plain)).isSorted();
    assertThat(little).isGreaterThan(2 * before);
    assertThat(much).isLessThan(plain);
  }

  @Test
  void asGoodAsSureIsSure() {
    Map<String, Double> plain = chances(Finding.present("soft-base@stem-base"));
    chances(heard("soft-base@stem-base", 1 - 1e-9))
        .forEach((cause, p) -> assertThat(p).as(cause).isCloseTo(plain.get(cause), within(1e-6)));
  }

  @Test
  void aDoubtfulTraitTakesNothingFromItsSign() {
    Finding spots = Finding.present("dark-spots");
    Map<String, Double> alone = chances(spots);
    chances(spots, heard("halo-spots", 0.001))
        .forEach((cause, p) -> assertThat(p).as(cause).isCloseTo(alone.get(cause), within(0.002)));
    Map<String, Double> plain = chances(spots, Finding.present("halo-spots"));
    chances(spots, heard("halo-spots", 0.999))
        .forEach((cause, p) -> assertThat(p).as(cause).isCloseTo(plain.get(cause), within(0.01)));
  }

  @Test
  void aDoubtfulSignTakesNothingFromTheWordThatMayMeanIt() {
    Finding open = Finding.present("white-stuff");
    Map<String, Double> alone = chances(open);
    chances(open, heard("cotton@joints", 0.001))
        .forEach((cause, p) -> assertThat(p).as(cause).isCloseTo(alone.get(cause), within(0.01)));
    assertThat(chances(open, heard("cotton@joints", 0.6)).get("mealybugs"))
        .isBetween(
            alone.get("mealybugs"), chances(Finding.present("cotton@joints")).get("mealybugs"));
  }

  @Test
  void whatIsNotSureMayBeLookedAt() {
    Finding mushy = heard("soft-base@stem-base", 0.5);
    assertThat(looks(mushy)).contains("soft-base@stem-base");
    assertThat(looks(Finding.present("soft-base@stem-base"))).doesNotContain("soft-base@stem");
  }

  private List<String> looks(Finding finding) {
    return diagnostician.posterior(ask(finding)).nextChecks(50).stream()
        .flatMap(next -> next.nodes().stream())
        .map(node -> node.id())
        .toList();
  }

  @Test
  void theReasonSaysHowSureItIs() {
    RankedCause mites = diagnostician.diagnose(ask(heard("webbing@joints", 0.7))).ranking().get(0);
    assertThat(mites.working().steps()).anyMatch(step -> step.toString().contains("70 % sure"));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -0.1, 1.01, Double.NaN})
  void howSureIsAChance(double sure) {
    assertThatIllegalArgumentException().isThrownBy(() -> heard("webbing", sure));
  }
}
