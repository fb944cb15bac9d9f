package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelRate.Per;
import org.mildlantern.core.label.LabelRate.What;
import org.mildlantern.core.label.LabelReader;
import org.mildlantern.core.label.LabelReading.Read;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.label.Product;
import org.mildlantern.core.label.Region;

class DoseTest {
  private static final List<Gauge> ALL = List.of(Gauge.values());

  private static LabelRate rate(String printed) {
    return ((Read) LabelReader.read(printed, Product.LIQUID, Region.US)).rate();
  }

  @Test
  void theJugTakesRateTimesVolumeAndWaterMakesUpTheRest() {
    Dose dose = Dose.of(rate("5 ml/L"), 0.8, ALL);
    assertThat(dose.measured()).isCloseTo(4, within(1e-9));
    assertThat(dose.gauge()).isEqualTo(Gauge.SYRINGE_5);
    assertThat(dose.waterMl()).isCloseTo(796, within(1e-9));
    assertThat(dose.error()).isCloseTo(0, within(1e-9));
    assertThat(dose.words()).isEqualTo("4 ml in 796 ml of water");
    assertThat(dose.measuring()).containsExactly("Measure with the 5 ml syringe.");
    assertThat(dose.working().steps()).anyMatch(step -> step.value().equals("5 ml in 1 l"));
  }

  @Test
  void solidsAreWeighedIntoTheWholeJug() {
    Dose dose = Dose.of(rate("2.5 g/L"), 0.5, ALL);
    assertThat(dose.gauge().solid()).isTrue();
    assertThat(dose.measured()).isCloseTo(1.25, within(1e-9));
    assertThat(dose.waterMl()).isEqualTo(500);
  }

  @Test
  void roundingIsToldAndNeverPassesTheLabel() {
    Dose rough = Dose.of(rate("0.3 g/L"), 1.2, List.of(Gauge.SCALE_POCKET));
    assertThat(rough.exact()).isCloseTo(0.36, within(1e-9));
    assertThat(rough.measured()).isCloseTo(0.3, within(1e-9));
    assertThat(rough.roughly()).isTrue();
    Random random = new Random(4);
    for (int i = 0; i < 2000; i++) {
      double least = 0.01 + 20 * random.nextDouble() * random.nextDouble();
      What what = random.nextBoolean() ? What.ML : What.G;
      LabelRate label =
          new LabelRate("x", "x", least, least * (1 + random.nextInt(2)), what, Per.LITRE);
      double litres = 0.05 + 5 * random.nextDouble();
      Dose dose = Dose.of(label, litres, ALL);
      assertThat(dose.measured())
          .isLessThanOrEqualTo(label.most() * litres * (1 + 1e-9))
          .isGreaterThan(0.8 * dose.exact());
      assertThat(dose.measured() / dose.exact() - 1).isCloseTo(dose.error(), within(1e-9));
      assertThat(dose.drawn()).isGreaterThanOrEqualTo(dose.measured() - 1e-9);
    }
  }

  @Test
  void whatIsTooLittleForAnyMeasureGoesByAStock() {
    Dose dose = Dose.of(rate("0.25 ml/L"), 0.1, List.of(Gauge.SYRINGE_1, Gauge.SYRINGE_5));
    Stock stock = dose.stock();
    assertThat(dose.gauge()).isNull();
    assertThat(stock.product()).isGreaterThan(dose.exact());
    assertThat(stock.product() * stock.take() / stock.ml()).isCloseTo(0.025, within(0.0025));
    assertThat(dose.drawn()).isEqualTo(stock.product());
    assertThat(dose.measuring()).hasSize(2);
    assertThat(dose.measuring().get(0)).contains("First a stock: 0.1 ml with the 1 ml syringe");
    assertThat(dose.measuring().get(1)).contains("of the stock", "filled up to 100 ml");
  }

  @Test
  void withoutAFittingMeasureItSaysWhatWouldWork() {
    LabelRate weak = rate("1 g/L");
    assertThatThrownBy(() -> Dose.of(weak, 0.2, List.of(Gauge.SCALE_KITCHEN)))
        .hasMessageContaining("less than you can measure")
        .hasMessageContaining("at least 5 L");
    assertThatThrownBy(() -> Dose.of(weak, 0.2, List.of(Gauge.SYRINGE_5)))
        .hasMessageContaining("a scale is wanted, never a kitchen spoon");
    assertThatThrownBy(() -> Dose.of(rate("50 ml/L"), 5, List.of(Gauge.SYRINGE_1)))
        .hasMessageContaining("larger measure");
  }

  @Test
  void noMeasureIsOfTheKitchen() {
    assertThat(Gauge.values())
        .extracting(Gauge::label)
        .noneMatch(label -> label.matches(".*(spoon|jug|cup).*"));
  }

  @Test
  void aJugOfAFewDropsIsAskedAbout() {
    assertThatThrownBy(() -> Dose.of(rate("5 ml/L"), 0.0015, ALL))
        .hasMessageContaining("1.5 ml of mix cannot be sprayed")
        .hasMessageContaining("If you meant litres");
  }

  @Test
  void aSmallSyringeFilledTwiceBeatsARoughOne() {
    Dose dose = Dose.of(rate("15 ml/L"), 0.1, List.of(Gauge.SYRINGE_1, Gauge.SYRINGE_5));
    assertThat(dose.gauge()).isEqualTo(Gauge.SYRINGE_1);
    assertThat(dose.measured()).isCloseTo(1.5, within(1e-9));
    assertThat(dose.measuring()).containsExactly("Measure with the 1 ml syringe, in 2 goes.");
  }

  @Test
  void whatIsForPotsOrGroundIsNeverThinned() {
    Dose pots = Dose.of(rate("3 g per 12 cm pot"), 4, ALL);
    assertThat(pots.words()).isEqualTo("3 g for each of 4 pots");
    assertThat(pots.waterMl()).isZero();
    assertThat(pots.drawn()).isCloseTo(12, within(1e-9));
    assertThat(Dose.of(rate("50 g/100 m²"), 3, ALL).words()).isEqualTo("1.5 g for 3 m²");
    assertThat(Dose.of(rate("10 g per litre of medium"), 2, ALL).words())
        .isEqualTo("20 g for 2 L of medium");
    assertThat(Dose.of(rate("1 tablet per 10 cm pot"), 3, ALL).drawn()).isEqualTo(3);
    assertThat(Dose.of(rate("1 tablet in 5 l"), 10, ALL).words())
        .startsWith("2 tablets in 10000 ml");
    assertThatThrownBy(() -> Dose.of(rate("1 tablet in 5 l"), 1, ALL))
        .hasMessageContaining("not cut; one makes 5 L");
    assertThatThrownBy(() -> Dose.of(rate("3 g per pot"), 1.5, ALL))
        .hasMessageContaining("Whole numbers");
  }

  @Test
  void strongerThanAnyLabelIsRefused() throws Exception {
    Means avermectin = Library.shipped().remedies().means().find("avermectin").orElseThrow();
    Ceiling.check(rate("1 ml/L"), avermectin, LabelUse.Method.SPRAY);
    assertThatThrownBy(() -> Ceiling.check(rate("1 %"), avermectin, LabelUse.Method.SPRAY))
        .hasMessageContaining("more than 8 ml in a litre");
    assertThatThrownBy(() -> Ceiling.check(rate("1 + 9"), null, LabelUse.Method.SPRAY))
        .hasMessageContaining("more than 50 ml");
    assertThatThrownBy(() -> Ceiling.check(rate("25 g/L"), null, LabelUse.Method.SPRAY))
        .hasMessageContaining("more than 20 g");
    Ceiling.check(rate("1 + 9"), null, LabelUse.Method.DRENCH);
    Ceiling.check(rate("30 g per pot"), avermectin, LabelUse.Method.DRENCH);
  }

  @Test
  void anEmptyOrBoundlessJugIsRefused() {
    LabelRate rate = rate("1 %");
    for (double litres : new double[] {0, -1, 1e9, Double.NaN}) {
      assertThatThrownBy(() -> Dose.of(rate, litres, ALL))
          .hasMessageContaining("More than nothing");
    }
  }

  @Test
  void dilutionKeepsTheDissolvedAmount() {
    Dilution dilution = Dilution.of(96, 70, 100);
    assertThat(dilution.stockMl()).isCloseTo(72.917, within(1e-3));
    assertThat(0.96 * dilution.stockMl()).isCloseTo(0.7 * 100, within(1e-9));
    assertThat(dilution.stockMl() + dilution.waterMl()).isCloseTo(100, within(1e-9));
  }

  @Test
  void dilutionRefusesWhatCannotBe() {
    assertThatThrownBy(() -> Dilution.of(70, 96, 100)).hasMessageContaining("stronger");
    assertThatThrownBy(() -> Dilution.of(0, 0, 100)).hasMessageContaining("stock");
    assertThatThrownBy(() -> Dilution.of(96, 0, 100)).hasMessageContaining("plain water");
    assertThatThrownBy(() -> Dilution.of(96, 70, 0)).hasMessageContaining("More than nothing");
  }

  @Test
  void aVisitTakesAsMuchAsItsPlantsNeedRoundedUp() {
    double hand = MixVolume.of("spray", MixVolume.Size.HAND, 8.0);
    double large = MixVolume.of("spray", MixVolume.Size.LARGE, 30.0);
    assertThat(large).isGreaterThan(hand);
    assertThat(MixVolume.total(List.of(hand, large, 3.0))).isEqualTo(840);
    assertThat(MixVolume.of("drench", MixVolume.Size.SMALL, 12.0)).isBetween(80.0, 130.0);
    assertThat(MixVolume.of("wash", MixVolume.Size.SMALL, 12.0)).isZero();
    assertThat(MixVolume.Size.ofPot(8.0)).isEqualTo(MixVolume.Size.HAND);
  }
}
