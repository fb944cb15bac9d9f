package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Condition;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Taxon;

class CircumstancesTest {
  private static final LocalDate NOVEMBER = LocalDate.of(2026, 11, 23);

  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Taxon masdevallia = knowledge.taxa().find("masdevallia").orElseThrow();
  private final Kind kind = Kinds.taxon("masdevallia");

  private Circumstances derived(Map<String, Double> numbers) {
    return new Circumstances(numbers, Map.of(), Set.of("thrips")).derived(kind, NOVEMBER, 53);
  }

  private boolean holds(Circumstances circumstances, String condition, String cause) {
    Condition found = knowledge.conditions().find(condition).orElseThrow();
    return circumstances.holds(found, cause);
  }

  @Test
  void comparesThePlaceWithTheKindsWishes() {
    Circumstances warmAndDry = derived(Map.of("temperature", 26.0, "humidity", 45.0));
    assertThat(warmAndDry.numbers().get("heat-over")).isCloseTo(4, within(1e-9));
    assertThat(warmAndDry.numbers().get("humidity-short")).isCloseTo(25, within(1e-9));
    assertThat(holds(warmAndDry, "warmer-than-wish", "x")).isTrue();
    assertThat(holds(warmAndDry, "drier-than-wish", "x")).isTrue();
    assertThat(holds(warmAndDry, "colder-than-wish", "x")).isFalse();
    assertThat(holds(derived(Map.of("temperature", 5.0)), "colder-than-wish", "x")).isTrue();
  }

  /** Masdevallias wish 10 to 22 °C. */
  @Test
  void aWordForTheWarmthCountsAsUnsureAsItIs() {
    Circumstances cold = inAWord("cold", Map.of());
    assertThat(holds(cold, "cool-room", "x")).isTrue();
    assertThat(holds(cold, "warm-room", "x")).isFalse();
    Condition warmer = knowledge.conditions().find("warmer-than-wish").orElseThrow();
    assertThat(inAWord("warm", Map.of()).chance(warmer, "x")).isBetween(0.1, 0.5);
    assertThat(inAWord("hot", Map.of()).chance(warmer, "x")).isEqualTo(1);
    assertThat(holds(inAWord("cold", Map.of("temperature", 20.0)), "cool-room", "x")).isFalse();
  }

  private Circumstances inAWord(String word, Map<String, Double> numbers) {
    return new Circumstances(numbers, Map.of("warmth-said", word), Set.of())
        .derived(kind, NOVEMBER, 53);
  }

  @Test
  void sharesOutTheMediumsLife() {
    Circumstances old = derived(Map.of("medium-age", 26.0, "medium-life", 18.0));
    assertThat(old.numbers().get("medium-share")).isCloseTo(1.444, within(0.001));
    assertThat(holds(old, "medium-spent", "x")).isTrue();
    assertThat(holds(derived(Map.of("medium-age", 26.0)), "medium-spent", "x")).isFalse();
  }

  @Test
  void whatIsPouredIsMeasuredAgainstThePot() {
    Circumstances sip = derived(Map.of("water-amount", 50.0, "pot-width", 20.0));
    assertThat(sip.numbers().get("water-share")).isCloseTo(50 / 4800.0, within(1e-9));
    assertThat(holds(sip, "sips", "x")).isTrue();
    assertThat(holds(derived(Map.of("water-amount", 50.0, "pot-width", 8.0)), "sips", "x"))
        .isFalse();
    assertThat(holds(derived(Map.of("water-amount", 50.0)), "sips", "x")).isFalse();
  }

  @Test
  void knowsSeasonAndRest() {
    assertThat(derived(Map.of()).choices())
        .containsEntry("season", "autumn")
        .containsEntry("rests-now", "no")
        .containsEntry("salt-shy", "yes");
    Kind resting = Kinds.taxon("pleione-formosana");
    assertThat(Circumstances.UNKNOWN.derived(resting, NOVEMBER, 53).choices())
        .containsEntry("rests-now", "yes");
    assertThat(Circumstances.UNKNOWN.derived(resting, NOVEMBER, -40).choices())
        .containsEntry("rests-now", "no");
  }

  @Test
  void whatIsNotKnownNeverHolds() {
    for (Condition condition : knowledge.conditions()) {
      assertThat(Circumstances.UNKNOWN.holds(condition, "thrips")).as(condition.id()).isFalse();
    }
  }

  @Test
  void aNeighboursCaseHoldsForItsOwnCauseOnly() {
    assertThat(holds(derived(Map.of()), "neighbour-has-it", "thrips")).isTrue();
    assertThat(holds(derived(Map.of()), "neighbour-has-it", "aphids")).isFalse();
  }

  @Test
  void recordsAreCappedSoThatTheyNeverDecideAlone() {
    Circumstances all =
        new Circumstances(
                Map.of("wet-days", 20.0, "waterings-in-14-days", 8.0, "temperature", 12.0),
                Map.of("last-moisture", "wet", "holes", "no"),
                Set.of())
            .derived(kind, LocalDate.of(2026, 1, 10), 53);
    Prior prior = Prior.of(knowledge.causes().find("too-wet").orElseThrow(), kind, all, knowledge);
    assertThat(prior.odds()).isCloseTo(18 * 0.04 / 0.96, within(1e-9));
    assertThat(prior.raises()).last().satisfies(r -> assertThat(r.id()).isEqualTo("cap"));
  }

  @Test
  void aKindThatIsProneToACauseStartsHigher() {
    Kind nameless = knowledge.kind(kind.form());
    var heat = knowledge.causes().find("heat-cool-grower").orElseThrow();
    double plain = Prior.of(heat, nameless, Circumstances.UNKNOWN, knowledge).odds();
    double prone = Prior.of(heat, kind, Circumstances.UNKNOWN, knowledge).odds();
    assertThat(prone / plain).isCloseTo(6, within(1e-9));
  }

  @Test
  void whatTheKeeperOverrulesDoesNotHold() {
    Circumstances wet = derived(Map.of("wet-days", 12.0));
    assertThat(holds(wet, "wet-ten-days", "too-wet")).isTrue();
    assertThat(holds(wet.overruling(Set.of("wet-ten-days")), "wet-ten-days", "too-wet")).isFalse();
    assertThat(holds(wet.overruling(Set.of("wet-ten-days")), "neighbour-has-it", "thrips"))
        .isTrue();
  }

  @Test
  void extremesAndLightAreMeasuredAgainstTheWishOfTheKind() {
    Circumstances sunny =
        new Circumstances(
                Map.of("coldest", 2.0, "warmest", 33.0), Map.of("place-light", "sun"), Set.of())
            .derived(kind, LocalDate.of(2026, 1, 10), 53);
    assertThat(sunny.numbers()).containsEntry("swing", 31.0);
    assertThat(holds(sunny, "cold-nights", "chill")).isTrue();
    assertThat(holds(sunny, "light-above-wish", "too-much-light")).isTrue();
    assertThat(holds(sunny, "light-below-wish", "too-little-light")).isFalse();
  }

  @Test
  void whatIsToldReplacesWhatWasKnownAndLeavesTheRest() {
    Circumstances known =
        new Circumstances(Map.of("humidity", 60.0, "temperature", 18.0), Map.of(), Set.of("rust"))
            .overruling(Set.of("damp-air"));
    Circumstances told =
        new Circumstances(Map.of("humidity", 30.0), Map.of("holes", "no"), Set.of());
    assertThat(known.telling(told))
        .isEqualTo(
            new Circumstances(
                Map.of("humidity", 30.0, "temperature", 18.0),
                Map.of("holes", "no"),
                Set.of("rust"),
                Set.of("damp-air"),
                Doubt.NONE));
  }
}
