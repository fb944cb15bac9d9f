package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DoseTest {
  private static final List<Gauge> ALL = List.of(Gauge.values());

  @Test
  void theJugTakesRateTimesVolumeAndWaterMakesUpTheRest() {
    Dose dose = Dose.of(LabelRate.parse("5 ml/L"), 0.8, ALL);
    assertThat(dose.measured()).isCloseTo(4, within(1e-9));
    assertThat(dose.gauge()).isEqualTo(Gauge.SYRINGE_5);
    assertThat(dose.waterMl()).isCloseTo(796, within(1e-9));
    assertThat(dose.error()).isCloseTo(0, within(1e-9));
    assertThat(dose.working().result()).isEqualTo("4 ml");
  }

  @Test
  void solidsAreWeighedIntoTheWholeJug() {
    Dose dose = Dose.of(LabelRate.parse("2.5 g/L"), 0.5, ALL);
    assertThat(dose.gauge().solid()).isTrue();
    assertThat(dose.measured()).isCloseTo(1.25, within(1e-9));
    assertThat(dose.waterMl()).isEqualTo(500);
  }

  @Test
  void roundingIsToldAndNeverPassesTheLabel() {
    Dose rough = Dose.of(LabelRate.parse("0.3 g/L"), 1.2, List.of(Gauge.SCALE_POCKET));
    assertThat(rough.exact()).isCloseTo(0.36, within(1e-9));
    assertThat(rough.measured()).isCloseTo(0.3, within(1e-9));
    assertThat(rough.roughly()).isTrue();
    Random random = new Random(4);
    for (int i = 0; i < 2000; i++) {
      double rate = 0.05 + 20 * random.nextDouble();
      LabelRate label =
          new LabelRate("x", rate, rate * (1 + random.nextInt(2)), random.nextBoolean());
      double litres = 0.05 + 5 * random.nextDouble();
      Dose dose = Dose.of(label, litres, ALL);
      assertThat(dose.measured()).isLessThanOrEqualTo(label.most() * litres + 1e-9).isPositive();
      assertThat(dose.measured() / dose.exact() - 1).isCloseTo(dose.error(), within(1e-9));
    }
  }

  @Test
  void aSmallSyringeFilledTwiceBeatsARoughOne() {
    Dose dose = Dose.of(LabelRate.parse("15 ml/L"), 0.1, List.of(Gauge.SYRINGE_1, Gauge.SYRINGE_5));
    assertThat(dose.gauge()).isEqualTo(Gauge.SYRINGE_1);
    assertThat(dose.measured()).isCloseTo(1.5, within(1e-9));
    assertThat(dose.by()).isEqualTo("1 ml syringe, in 2 goes");
  }

  @Test
  void withoutAFittingGaugeTheExactAmountStands() {
    Dose dose = Dose.of(LabelRate.parse("1 g/L"), 0.2, List.of(Gauge.SCALE_KITCHEN));
    assertThat(dose.gauge()).isNull();
    assertThat(dose.measured()).isEqualTo(dose.exact());
  }

  @Test
  void anEmptyOrBoundlessJugIsRefused() {
    LabelRate rate = LabelRate.parse("1 %");
    for (double litres : new double[] {0, -1, 1e9, Double.NaN}) {
      assertThatThrownBy(() -> Dose.of(rate, litres, ALL)).hasMessageContaining("litres");
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
