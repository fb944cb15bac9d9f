package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Bears;
import org.mildlantern.core.knowledge.Condition;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.said.Reading;
import org.mildlantern.core.season.LightClass;

class DoubtTest {
  private static final LocalDate JUNE = LocalDate.of(2026, 6, 15);

  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Diagnostician diagnostician = new Diagnostician(knowledge);
  private final Kind goeppertia = Kinds.taxon("goeppertia-makoyana");

  private Circumstances read(Map<String, Double> numbers, Map<String, Double> spreads) {
    return new Circumstances(numbers, Map.of(), Set.of(), new Doubt(spreads, Map.of()));
  }

  private double chance(Circumstances circumstances, String condition) {
    Condition found = knowledge.conditions().find(condition).orElseThrow();
    return circumstances
        .derived(goeppertia, knowledge.bears(goeppertia, 7, false), JUNE, 53)
        .chance(found, "x");
  }

  @Test
  void aFigureAtTheEdgeHoldsHalf() {
    assertThat(chance(read(Map.of("humidity", 75.0), Map.of()), "damp-air")).isEqualTo(1);
    assertThat(chance(read(Map.of("humidity", 75.0), Map.of("humidity", 4.0)), "damp-air"))
        .isCloseTo(0.5, within(1e-6));
    assertThat(chance(read(Map.of("humidity", 79.0), Map.of("humidity", 4.0)), "damp-air"))
        .isCloseTo(0.841, within(0.001));
    assertThat(chance(read(Map.of("humidity", 95.0), Map.of("humidity", 4.0)), "damp-air"))
        .as("as good as sure")
        .isEqualTo(1);
    assertThat(chance(read(Map.of("humidity", 60.0), Map.of("humidity", 4.0)), "damp-air"))
        .as("hardly")
        .isZero();
    assertThat(chance(Circumstances.UNKNOWN, "damp-air")).isZero();
  }

  @Test
  void whatFollowsIsAsUnsureAsWhatItFollowsFrom() {
    Circumstances air =
        read(
                Map.of("temperature", 24.0, "humidity", 50.0, "coldest", 14.0, "warmest", 28.0),
                Map.of("temperature", 1.0, "humidity", 5.0, "coldest", 1.0, "warmest", 1.0))
            .derived(goeppertia, JUNE, 53);
    assertThat(air.doubt().spread("cold-short")).isCloseTo(1, within(1e-9));
    assertThat(air.doubt().spread("humidity-short")).isCloseTo(5, within(1e-9));
    assertThat(air.doubt().spread("swing")).isCloseTo(Math.sqrt(2), within(1e-9));
    assertThat(air.doubt().spread("vpd")).isBetween(0.15, 0.2);
    assertThat(air.doubt().spread("season")).isZero();
  }

  @Test
  void aWordOfTwoIsLikelyOrItsOpposite() {
    Condition glass = knowledge.conditions().find("glass-noted").orElseThrow();
    Circumstances likely =
        new Circumstances(
            Map.of(),
            Map.of("near-glass", "yes"),
            Set.of(),
            new Doubt(Map.of(), Map.of("near-glass", 0.7)));
    assertThat(likely.chance(glass, "x")).isEqualTo(0.7);
    assertThat(likely.label(glass, "x")).isEqualTo(glass.label() + " (70 % likely)");
    Circumstances hardly =
        new Circumstances(
            Map.of(),
            Map.of("near-glass", "no"),
            Set.of(),
            new Doubt(Map.of(), Map.of("near-glass", 0.7)));
    assertThat(hardly.chance(glass, "x")).isCloseTo(0.3, within(1e-9));
  }

  @Test
  void aWordThatWasPerhapsNotMeantSpeaksForNothingElse() {
    Condition dry = knowledge.conditions().find("air-said-dry").orElseThrow();
    Condition humid = knowledge.conditions().find("air-said-humid").orElseThrow();
    Circumstances heard = Circumstances.heard("air-said", "dry", 0.7);
    assertThat(heard.chance(dry, "x")).isEqualTo(0.7);
    assertThat(heard.chance(humid, "x")).isZero();
    Circumstances kept = Circumstances.UNKNOWN.telling(heard);
    assertThat(kept.chance(dry, "x")).isEqualTo(0.7);
    assertThat(kept.telling(Circumstances.heard("air-said", "dry", 1)).chance(dry, "x"))
        .isEqualTo(1);
  }

  @Test
  void aFigureThatCanMeanSeveralHoldsByChance() {
    Condition salty = knowledge.conditions().find("water-salty").orElseThrow();
    Circumstances told =
        Circumstances.UNKNOWN.telling(new Reading.Figure(700, 100).of("water-ec", 1));
    assertThat(told.chance(salty, "x")).isCloseTo(0.5, within(1e-9));
  }

  @Test
  void whatFollowsFromAWordIsAsLikelyMeant() {
    Condition dark = knowledge.conditions().find("light-below-wish").orElseThrow();
    Kind cactus = knowledge.kind(knowledge.taxonNamed("Mammillaria").orElseThrow());
    Circumstances low = Circumstances.heard("place-light", "low", 0.6).derived(cactus, JUNE, 53);
    assertThat(low.chance(dark, "x")).isEqualTo(0.6);
  }

  @Test
  void warmthThatWasPerhapsNotMeantSpreadsWider() {
    double sure = warmth(1);
    assertThat(warmth(0.6)).isGreaterThan(sure);
  }

  private double warmth(double sure) {
    return Circumstances.heard("warmth-said", "cold", sure)
        .derived(goeppertia, JUNE, 53)
        .doubt()
        .spread("temperature");
  }

  @Test
  void whatIsNotSureMovesACauseLess() {
    double none = sunburn(Circumstances.UNKNOWN);
    double sure = sunburn(read(Map.of("direct-hours", 5.0), Map.of()));
    double unsure = sunburn(read(Map.of("direct-hours", 5.0), Map.of("direct-hours", 6.0)));
    assertThat(unsure).isGreaterThan(none).isLessThan(sure);
  }

  private double sunburn(Circumstances circumstances) {
    return diagnostician
        .diagnose(
            Question.of(
                goeppertia,
                JUNE,
                List.of(Finding.present("bleached-patch@lit-side")),
                circumstances))
        .of("sunburn")
        .orElseThrow()
        .probability();
  }

  @Test
  void whatAKeeperTellsStandsAsItIsToldAndReplacesWhatSaysTheSame() {
    Circumstances known =
        read(
            Map.of("light-mean", 2.0, "humidity", 40.0),
            Map.of("light-mean", 1.0, "humidity", 3.0));
    Circumstances told =
        known.telling(new Circumstances(Map.of(), Map.of("place-light", "sun"), Set.of()));
    assertThat(told.numbers()).containsOnlyKeys("humidity");
    assertThat(told.doubt().spreads()).containsOnlyKeys("humidity");
    int above = LightClass.SUN.above(LightClass.of(goeppertia.taxon().orElseThrow().light()));
    assertThat(told.derived(goeppertia, JUNE, 53).numbers().get("light-over")).isEqualTo(above);
  }

  @Test
  void lightStandsBetweenItsSteps() {
    Kind fig = Kinds.taxon("ficus-microcarpa");
    Condition below = knowledge.conditions().find("light-below-wish").orElseThrow();
    Circumstances dim =
        read(Map.of("light-mean", 5.5), Map.of("light-mean", 1.5)).derived(fig, JUNE, 53);
    assertThat(dim.choices()).containsEntry("place-light", "medium");
    assertThat(dim.chance(below, "x")).isBetween(0.5, 0.6);
    assertThat(read(Map.of("light-mean", 5.5), Map.of()).derived(fig, JUNE, 53).chance(below, "x"))
        .isEqualTo(1);
  }

  @Test
  void lightIsTooMuchOnlyWhereTheYearAndTheSeasonSaySo() {
    Kind fig = Kinds.taxon("ficus-microcarpa");
    Condition above = knowledge.conditions().find("light-above-wish").orElseThrow();
    Map<String, Double> sunny = Map.of("light-mean", 26.0, "light-season", 30.0);
    Map<String, Double> november = Map.of("light-mean", 26.0, "light-season", 1.5);
    assertThat(over(fig, sunny).holds(above, "x")).isTrue();
    assertThat(over(fig, november).holds(above, "x")).isFalse();
    assertThat(over(fig, november).numbers()).containsEntry("light-over", 0.0);
    assertThat(
            over(fig, Map.of("light-mean", 2.0, "light-season", 1.0)).numbers().get("light-over"))
        .isLessThan(-0.5);
  }

  private Circumstances over(Kind kind, Map<String, Double> numbers) {
    return read(numbers, Map.of()).derived(kind, knowledge.bears(kind, 7, false), JUNE, 53);
  }

  @Test
  void weakSunBurnsNothingHoweverLong() {
    Bears bears = knowledge.bears(goeppertia, 7, false).orElseThrow();
    assertThat(bears.sun(5, 60.0)).isLessThan(1);
    assertThat(bears.sun(5, 900.0)).isGreaterThan(1);
    assertThat(bears.sun(0.1, 900.0)).isLessThan(1);
    assertThat(bears.sun(5, null)).isGreaterThan(1);
    assertThat(bears.lightOver(bears.light().low())).isCloseTo(-0.5, within(1e-9));
    assertThat(bears.lightOver(bears.light().high())).isCloseTo(0.5, within(1e-9));
  }

  @Test
  void aKindBearsWhatItsWayOfLifeBears() {
    Bears shy = knowledge.bears(goeppertia, 7, false).orElseThrow();
    Bears cactus = knowledge.bears(Kinds.taxon("echeveria"), 14, false).orElseThrow();
    assertThat(cactus.saltsMsCm()).isGreaterThan(shy.saltsMsCm());
    assertThat(cactus.sun(1, 500.0)).isLessThan(shy.sun(1, 500.0));
    assertThat(
            knowledge.bears(Kinds.taxon("drosera-capensis"), 3, false).orElseThrow().nitrogenPpm())
        .as("never fed at the roots")
        .isNull();
    assertThat(knowledge.bears(knowledge.kind(goeppertia.form()), 7, false)).isEmpty();
  }

  @Test
  void noDoubtIsBelowNothing() {
    assertThatIllegalArgumentException().isThrownBy(() -> new Doubt(Map.of("vpd", -1.0), Map.of()));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Doubt(Map.of(), Map.of("near-glass", 1.2)));
  }
}
