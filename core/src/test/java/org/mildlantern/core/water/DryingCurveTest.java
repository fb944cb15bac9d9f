package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Retention;

/**
 * The drying of pots against the forms that the literature gives: water held against suction (van
 * Genuchten 1980), uptake that falls with suction (Feddes, Kowalik & Zaradny 1978), crop
 * coefficients (Allen et al. 1998) and evaporation from a pan (Penman 1948).
 */
class DryingCurveTest {
  private static final Media MEDIA = Library.shipped().media();
  private static final PotShape POT = PotShape.of(PotShape.Kind.ROUND, 14, null);

  /** Suctions in cm at which uptake begins to fall, and ends. */
  private static final double FALLS_FROM = 50;

  private static double held(Map<Retention, Double> mix, double suction) {
    return mix.entrySet().stream().mapToDouble(e -> e.getValue() * e.getKey().at(suction)).sum();
  }

  /** The suction in a pot of which a share of the available water is left, all of it alike. */
  private static double suction(Map<Retention, Double> mix, double wet) {
    double low = 0;
    double high = Holding.DRY_SUCTION;
    for (int i = 0; i < 60; i++) {
      double middle = (low + high) / 2;
      if (held(mix, middle) > wet) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return (low + high) / 2;
  }

  /** The greatest difference between the two curves, as a share of the available water. */
  private static double error(Map<Retention, Double> mix) {
    Holding holding = Holding.of(POT, mix);
    double dry = held(mix, Holding.DRY_SUCTION);
    double x = 1;
    double u = 0;
    double step = 0.002;
    double worst = 0;
    while (x > 0.1) {
      double suction = suction(mix, dry + x * (holding.capacity() - dry));
      double uptake =
          Math.min(1, (Holding.DRY_SUCTION - suction) / (Holding.DRY_SUCTION - FALLS_FROM));
      x -= step * uptake;
      u += step;
      worst = Math.max(worst, Math.abs(x - Drying.after(1, 1, u)));
    }
    return worst;
  }

  @Test
  void everyMediumDriesAsItsRetentionCurveSays() {
    for (Medium medium : Library.shipped().knowledge().media()) {
      Map<Retention, Double> mix = MEDIA.mixOf(medium.id()).orElseThrow();
      Holding holding = Holding.of(POT, mix);
      Scatter scatter = Scatter.of(POT, mix);
      double error = error(mix);
      System.out.printf(
          "| %s | %.0f | %.0f to %.0f | %.0f %% |%n",
          medium.label(), holding.availableMl(), scatter.least(), scatter.most(), 100 * error);
      assertThat(error).as(medium.id()).isLessThan(0.12);
      assertThat(scatter.least()).as(medium.id()).isBetween(1.0, holding.availableMl());
      assertThat(scatter.most() / holding.availableMl()).as(medium.id()).isBetween(1.05, 1.6);
    }
  }

  /**
   * Water from an open pan in mm a day (Penman 1948) in still air: net radiation is three quarters
   * of what comes with the light, of which half is seen by plants at 4.57 µmol a joule.
   */
  private static double pan(double celsius, double humidity, double dli) {
    double vpd = Demand.of(celsius, humidity, dli).vpd();
    double slope =
        17.625
            * 243.04
            / Math.pow(celsius + 243.04, 2)
            * org.mildlantern.core.air.Air.saturation(celsius);
    double gamma = 0.066;
    double radiation = 0.75 * dli / 4.57 / 0.5 / 2.45;
    return (slope * radiation + gamma * 2.6 * vpd) / (slope + gamma);
  }

  /**
   * A day's draw of a pot: pan × 0.8 × crop coefficient × the area of the leaves over it, half as
   * wide again as the pot's own.
   */
  @ParameterizedTest(name = "{0} with a crop coefficient of {1}")
  @CsvSource({
    "coleus, 1.15",
    "adiantum, 1.2",
    "dracaena-trifasciata, 0.25",
    "phalaenopsis, 0.3",
    "cattleya, 0.3",
    "cymbidium, 0.7",
    "ananas, 0.3",
    "echeveria, 0.2",
    "schlumbergera, 0.3",
    "acer-palmatum, 1.15",
  })
  void theFirstGuessAgreesWithAPan(String kind, double coefficient) {
    Map<Retention, Double> mix = MEDIA.mixOf("house-compost").orElseThrow();
    for (double width : new double[] {9, 12, 18}) {
      PotShape pot = PotShape.of(PotShape.Kind.ROUND, width, null);
      Holding holding = Holding.of(pot, mix);
      double guess = Pace.guess(pot, holding, MEDIA.thirst(Kinds.taxon(kind)));
      for (double[] air : new double[][] {{20, 50, 8}, {22, 45, 4}, {26, 50, 14}, {18, 60, 3}}) {
        double draws = guess * holding.availableMl() * Demand.of(air[0], air[1], air[2]).value();
        double byPan =
            0.1 * pan(air[0], air[1], air[2]) * 0.8 * coefficient * 1.5 * pot.surfaceCm2();
        assertThat(draws / byPan).as(kind + " " + width + " cm").isBetween(0.55, 1.8);
      }
    }
  }
}
