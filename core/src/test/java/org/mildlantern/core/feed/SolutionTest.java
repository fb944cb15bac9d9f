package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;

class SolutionTest {
  private static Solution of(Map<Element, Double> ppm) {
    return new Solution(ppm, null, 0);
  }

  @Test
  void potassiumChlorideConductsAsTheStandardSays() {
    // 0.01 mol/l: 1.413 mS/cm at 25 °C (Standard Methods 2510).
    assertThat(of(Map.of(Element.K, 390.98, Element.CL, 354.5)).ecMsCm())
        .isCloseTo(1.413, within(0.03));
  }

  @Test
  void tableSaltConductsAsHandbooksSay() {
    // 0.01 mol/l: 118.5 S cm² an equivalent (CRC Handbook).
    assertThat(of(Map.of(Element.NA, 229.9, Element.CL, 354.5)).ecMsCm())
        .isCloseTo(1.185, within(0.03));
  }

  @Test
  void saltsOfTwoChargesHinderEachOtherMore() {
    // Magnesium sulphate, 0.005 mol/l: some 84.5 S cm² an equivalent (CRC Handbook).
    assertThat(of(Map.of(Element.MG, 121.5, Element.S, 160.3)).ecMsCm())
        .isCloseTo(0.845, within(0.05));
  }

  @Test
  void potassiumNitrateIsBalancedByItsNitrate() {
    // A gram in a litre of 13-0-46, 9.9 mmol: some 1.32 mS/cm.
    Solution nitre = Label.oxide(13.8, 0, 46.6).at(1);
    assertThat(nitre.ecMsCm()).isCloseTo(1.32, within(0.06));
  }

  @Test
  void ureaConductsNothing() {
    Label urea = Label.oxide(46, 0, 0).with(new Nitrogen(0, 0, 46));
    assertThat(urea.at(1).ecMsCm()).isZero();
    assertThat(urea.at(1).of(Element.N)).isCloseTo(460, within(1e-9));
  }

  @Test
  void aCommonFeedWithItsFormsReadsAsItsMakerSays() {
    // 20-20-20 with half its nitrogen as urea at 200 ppm of it: 0.8 mS/cm or so (Nelson 2012).
    Label feed = Label.oxide(20, 20, 20).with(new Nitrogen(5.6, 3.9, 10.5));
    assertThat(feed.at(feed.gramsFor(Element.N, 200)).ecMsCm()).isBetween(0.7, 0.95);
  }

  @Test
  void twiceAsMuchConductsAlmostTwice() {
    Label feed = Label.oxide(20, 10, 20);
    assertThat(feed.at(2).ecMsCm()).isBetween(1.85 * feed.at(1).ecMsCm(), 2 * feed.at(1).ecMsCm());
  }

  @Test
  void waterAndFeedAddUp() {
    Solution water = WaterSheet.of(WaterSheet.Kind.TAP).solution();
    Solution feed = Label.oxide(20, 10, 20).at(0.5);
    assertThat(water.and(feed).of(Element.N)).isEqualTo(100);
    assertThat(water.and(feed).ecMsCm()).isCloseTo(water.ecMsCm() + feed.ecMsCm(), within(0.12));
  }

  @Test
  void nothingConductsNothing() {
    assertThat(of(Map.of()).ecMsCm()).isZero();
    assertThatIllegalArgumentException().isThrownBy(() -> of(Map.of(Element.K, -1.0)));
  }
}
