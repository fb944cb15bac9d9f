package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Retention;

class HoldingTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Media MEDIA = Library.shipped().media();

  private static Holding holding(String medium, PotShape pot) {
    return Holding.of(pot, MEDIA.mixOf(medium).orElseThrow());
  }

  private static PotShape round(double width) {
    return PotShape.of(PotShape.Kind.ROUND, width, null);
  }

  /** Container capacity in a 15 cm deep pot, in % of volume. */
  @ParameterizedTest(name = "{0} holds {1} to {2} % ({3})")
  @CsvSource({
    "peat-perlite, 45, 70, Milks et al. 1989",
    "sphagnum, 60, 88, rule of thumb",
    "bark-mix, 25, 45, rule of thumb",
    "akadama-mix, 28, 45, rule of thumb",
    "semi-hydro, 12, 28, rule of thumb",
    "house-compost, 50, 72, rule of thumb",
  })
  void containerCapacityIsAsReported(String medium, double least, double most, String source) {
    Holding holding = holding(medium, PotShape.of(PotShape.Kind.ROUND, 16, 16.7));
    assertThat(100 * holding.capacity()).isBetween(least, most);
  }

  @Test
  void aShallowPotHoldsMoreWaterToTheLitre() {
    for (Medium medium : KNOWLEDGE.media()) {
      PotShape bowl = PotShape.of(PotShape.Kind.BOWL, 20, null);
      PotShape deep = PotShape.of(PotShape.Kind.ROUND, 20, 30.0);
      assertThat(holding(medium.id(), bowl).capacity())
          .as(medium.id())
          .isGreaterThan(holding(medium.id(), deep).capacity());
    }
  }

  @Test
  void waterAndAirFillThePoresAndTheBottomIsWettest() {
    for (Medium medium : KNOWLEDGE.media()) {
      Map<Retention, Double> mix = MEDIA.mixOf(medium.id()).orElseThrow();
      Holding holding = Holding.of(round(14), mix);
      double pores =
          mix.entrySet().stream().mapToDouble(e -> e.getKey().thetaS() * e.getValue()).sum();
      assertThat(holding.capacity() + holding.air()).isCloseTo(pores, within(1e-9));
      assertThat(holding.availableMl()).isBetween(1.0, holding.fullMl());
      for (int slice = 1; slice < Holding.SLICES; slice++) {
        assertThat(holding.wetByDepth()[slice]).isGreaterThan(holding.wetByDepth()[slice - 1]);
      }
    }
  }

  @Test
  void theMeanOverTheHeightEqualsTheIntegral() {
    Map<Retention, Double> mix = MEDIA.mixOf("peat-perlite").orElseThrow();
    PotShape pot = round(14);
    int points = 20_000;
    double sum = 0;
    for (int i = 0; i < points; i++) {
      double suction = pot.depthCm() * (i + 0.5) / points;
      sum += mix.entrySet().stream().mapToDouble(e -> e.getValue() * e.getKey().at(suction)).sum();
    }
    assertThat(Holding.of(pot, mix).capacity()).isCloseTo(sum / points, within(1e-4));
  }

  @Test
  void retentionFallsFromFullToTheDryEnd() {
    Retention peat = new Retention("x", "x", 0.14, 0.92, 0.12, 1.6, "x");
    assertThat(peat.at(0)).isEqualTo(0.92);
    assertThat(peat.at(1e9)).isCloseTo(0.14, within(1e-3));
    assertThat(peat.at(10)).isGreaterThan(peat.at(20));
  }

  @Test
  void volumesAreThoseOfFrustums() {
    assertThat(PotShape.of(PotShape.Kind.SQUARE, 10, 10.0).litres())
        .isCloseTo(4 * 9 / 3.0 * (25 + 20 + 16) / 1000, within(1e-9));
    assertThat(round(13).litres()).isBetween(0.9, 1.3);
    for (double bad : new double[] {0, -3, 500, Double.NaN}) {
      assertThatThrownBy(() -> round(bad)).hasMessageContaining("width: between");
    }
    assertThatThrownBy(() -> PotShape.of(PotShape.Kind.ROUND, 12, 0.0))
        .hasMessageContaining("depth: between");
  }
}
