package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Units in which meters, tests and labels speak of water and feed. */
class UnitsOfWaterTest {
  @ParameterizedTest
  @EnumSource(Hardness.class)
  void hardnessGoesThereAndBack(Hardness unit) {
    assertThat(unit.from(unit.ppm(7.5))).isCloseTo(7.5, within(1e-9));
    assertThat(Hardness.of(unit.id())).contains(unit);
  }

  @Test
  void oneWaterIsAsHardInEachUnit() {
    // 100.09 mg/l of CaCO₃ is a mmol of calcium in a litre.
    assertThat(Hardness.DH.from(100.09)).isCloseTo(5.608, within(0.001));
    assertThat(Hardness.FH.from(100.09)).isCloseTo(10.009, within(0.001));
    assertThat(Hardness.E.from(100.09)).isCloseTo(7.022, within(0.001));
    assertThat(Hardness.GRAINS.from(100.09)).isCloseTo(5.847, within(0.001));
    assertThat(Hardness.MMOL.from(100.09)).isCloseTo(1, within(1e-9));
    assertThat(Hardness.of("none of them")).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(Conductivity.Scale.class)
  void aMeterInPpmGoesThereAndBack(Conductivity.Scale scale) {
    assertThat(scale.shown(1000)).isCloseTo(scale.ppm(), within(1e-9));
    assertThat(scale.ecUsCm(scale.shown(1234))).isCloseTo(1234, within(1e-9));
  }

  @Test
  void whatCannotBeReadInWaterIsRefused() {
    for (double celsius : new double[] {-1, 61, Double.NaN}) {
      assertThatThrownBy(() -> Conductivity.at25(500, celsius))
          .isInstanceOf(IllegalArgumentException.class);
    }
  }

  @ParameterizedTest
  @EnumSource(Element.class)
  void oxidesGoThereAndBack(Element element) {
    assertThat(element.asOxide(element.ofOxide(10))).isCloseTo(10, within(1e-9));
    assertThat(element.ofOxide(10)).isPositive().isLessThanOrEqualTo(10);
  }

  @Test
  void sharesOfOxidesFollowFromTheWeightsOfTheirAtoms() {
    double oxygen = 15.999;
    double p = 2 * Element.P.weight();
    double k = 2 * Element.K.weight();
    double na = 2 * Element.NA.weight();
    assertThat(Element.P.ofOxide(1)).isCloseTo(p / (p + 5 * oxygen), within(1e-4));
    assertThat(Element.K.ofOxide(1)).isCloseTo(k / (k + oxygen), within(1e-4));
    assertThat(Element.NA.ofOxide(1)).isCloseTo(na / (na + oxygen), within(1e-4));
    for (Element one : new Element[] {Element.CA, Element.MG}) {
      assertThat(one.ofOxide(1)).isCloseTo(one.weight() / (one.weight() + oxygen), within(1e-4));
    }
    double s = Element.S.weight();
    assertThat(Element.S.ofOxide(1)).isCloseTo(s / (s + 3 * oxygen), within(1e-4));
  }
}
