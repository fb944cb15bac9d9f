package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Node;

/** Open words, traits, and records that say what was looked for. */
class OpenWordsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 9, 20);
  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Diagnostician diagnostician = new Diagnostician(knowledge);
  private final Kind leafy = Kinds.form("leafy-stem");

  private Question ask(Circumstances circumstances, Finding... findings) {
    return Question.of(leafy, DAY, List.of(findings), circumstances);
  }

  private Map<String, Double> chances(Finding... findings) {
    Map<String, Double> byId = new java.util.TreeMap<>();
    diagnostician
        .posterior(ask(Circumstances.UNKNOWN, findings))
        .probabilities()
        .forEach((cause, p) -> byId.put(cause.id(), p));
    return byId;
  }

  @Test
  void anOpenWordRaisesEachCauseThatItCanMean() {
    Map<String, Double> before = chances();
    Map<String, Double> after = chances(Finding.present("white-stuff"));
    for (String cause : List.of("mealybugs", "powdery-mildew", "salt-build-up")) {
      assertThat(after.get(cause)).as(cause).isGreaterThan(2 * before.get(cause));
    }
    assertThat(after.get("aphids")).isLessThan(2 * before.get("aphids"));
  }

  @Test
  void onceItIsKnownWhichTheOpenWordAddsNothing() {
    Finding cotton = Finding.present("cotton@joints");
    Map<String, Double> alone = chances(cotton);
    chances(cotton, Finding.present("white-stuff"))
        .forEach((cause, p) -> assertThat(p).as(cause).isCloseTo(alone.get(cause), within(1e-12)));
  }

  @Test
  void whatWasLookedForInVainIsNoLongerMeant() {
    Map<String, Double> open = chances(Finding.present("white-stuff"));
    Map<String, Double> without =
        chances(
            Finding.present("white-stuff"), Finding.absent("cotton"), Finding.absent("white-rows"));
    assertThat(without.get("mealybugs")).isLessThan(open.get("mealybugs") / 3);
    assertThat(without.get("powdery-mildew")).isGreaterThan(open.get("powdery-mildew"));
  }

  @Test
  void noneOfAnOpenWordIsNoneOfItsSigns() {
    Map<String, Double> said = chances(Finding.absent("eaten"));
    Finding[] each =
        knowledge.meant("eaten", null).stream()
            .map(node -> Finding.absent(node.id()))
            .toArray(Finding[]::new);
    chances(each)
        .forEach((cause, p) -> assertThat(p).as(cause).isCloseTo(said.get(cause), within(1e-9)));
  }

  @Test
  void anOpenWordAsksWhichOneItIs() {
    Diagnosis diagnosis =
        diagnostician.diagnose(ask(Circumstances.UNKNOWN, Finding.present("white-stuff")));
    List<String> meant = knowledge.meant("white-stuff", null).stream().map(Node::id).toList();
    assertThat(diagnosis.nextChecks().get(0).nodes())
        .extracting(Node::id)
        .anyMatch(meant::contains);
  }

  @Test
  void aTraitIsAskedForOnceItsSignIsThere() {
    assertThat(asked(Finding.present("leaf-fall@all-leaves")))
        .contains("fallen-brown@all-leaves")
        .doesNotContain("fallen-brown@old-leaves");
    assertThat(asked(Finding.present("yellowing@old-leaves")))
        .noneMatch(id -> knowledge.node(id).orElseThrow().sign().of() != null);
  }

  private List<String> asked(Finding... findings) {
    return diagnostician.posterior(ask(Circumstances.UNKNOWN, findings)).nextChecks(40).stream()
        .flatMap(check -> check.nodes().stream())
        .map(Node::id)
        .toList();
  }

  @Test
  void aRecordThatSaysTheSameCountsOnce() {
    Circumstances noted = new Circumstances(Map.of(), Map.of("near-heater", "yes"), Set.of());
    Finding margins = Finding.present("crisp-margins@margins");
    Finding seen = Finding.present("near-heater@around");
    assertThat(vent(ask(noted, margins, seen)))
        .isCloseTo(vent(ask(Circumstances.UNKNOWN, margins, seen)), within(1e-12));
    assertThat(vent(ask(noted, margins, Finding.absent("near-heater@around"))))
        .isLessThan(vent(ask(Circumstances.UNKNOWN, margins)));
    assertThat(
            diagnostician.posterior(ask(noted, margins)).nextChecks(40).stream()
                .flatMap(check -> check.nodes().stream())
                .map(Node::id))
        .doesNotContain("near-heater@around");
  }

  private double vent(Question question) {
    return diagnostician.diagnose(question).of("hot-vent").orElseThrow().probability();
  }

  @Test
  void aWordThatIsNoneIsRefused() {
    assertThatIllegalArgumentException().isThrownBy(() -> chances(Finding.present("purple-haze")));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> chances(Finding.present("white-stuff@nowhere")));
  }

  @Test
  void lightIsReadInTheUnitOfTheMeter() {
    for (Map.Entry<String, Double> dim :
        Map.of("light-lux", 600.0, "light-ppfd", 11.0).entrySet()) {
      Circumstances read =
          new Circumstances(Map.of(dim.getKey(), dim.getValue()), Map.of(), Set.of());
      assertThat(read.derived(leafy, DAY, 53).choices()).containsEntry("place-light", "low");
    }
    Circumstances said =
        new Circumstances(Map.of("light-lux", 600.0), Map.of("place-light", "sun"), Set.of());
    assertThat(said.derived(leafy, DAY, 53).choices()).containsEntry("place-light", "sun");
  }
}
