package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;

class LabelTest {
  @Test
  void ouncesInAHundredGallonsGiveWhatTheTextbookSays() {
    // Nelson 2012: ounces in 100 gal = ppm / (% / 100 × 75), so 13.3 oz of 20-10-20 give 200 ppm.
    double gramsPerLitre = 13.333 * 28.3495 / 378.541;
    assertThat(Label.oxide(20, 10, 20).at(gramsPerLitre).of(Element.N)).isCloseTo(200, within(0.5));
  }

  @Test
  void oxidesAreTurnedIntoElements() {
    Solution feed = Label.oxide(3, 1, 2).at(1);
    assertThat(feed.of(Element.N)).isCloseTo(30, within(1e-9));
    assertThat(feed.of(Element.P)).isCloseTo(4.364, within(0.001));
    assertThat(feed.of(Element.K)).isCloseTo(16.603, within(0.001));
    assertThat(Label.elements(3, 1, 2).at(1).of(Element.P)).isCloseTo(10, within(1e-9));
  }

  @Test
  void oxideAndElementRoundTrip() {
    for (Element element : Element.values()) {
      assertThat(element.asOxide(element.ofOxide(12.5))).isCloseTo(12.5, within(1e-9));
    }
    // P₂O₅ by atomic weights: 2 × 30.974 of 141.943.
    assertThat(Element.P.ofOxide(1)).isCloseTo(61.948 / 141.943, within(1e-4));
    assertThat(Element.K.ofOxide(1)).isCloseTo(78.196 / 94.195, within(1e-4));
    assertThat(Element.CA.ofOxide(1)).isCloseTo(40.078 / 56.077, within(1e-4));
    assertThat(Element.MG.ofOxide(1)).isCloseTo(24.305 / 40.304, within(1e-4));
    assertThat(Element.S.ofOxide(1)).isCloseTo(32.06 / 80.06, within(1e-4));
  }

  @Test
  void theDoseForAPpmGivesIt() {
    Label label = Label.oxide(15, 5, 15).with(Element.CA, 3.6);
    assertThat(label.at(label.gramsFor(Element.CA, 40)).of(Element.CA)).isCloseTo(40, within(1e-9));
    assertThatIllegalArgumentException().isThrownBy(() -> label.gramsFor(Element.MG, 10));
  }

  @Test
  void refusesWhatNoLabelSays() {
    assertThatIllegalArgumentException().isThrownBy(() -> Label.oxide(60, 30, 20));
    assertThatIllegalArgumentException().isThrownBy(() -> Label.oxide(-1, 3, 2));
    assertThatIllegalArgumentException().isThrownBy(() -> Label.oxide(Double.NaN, 3, 2));
    assertThatIllegalArgumentException().isThrownBy(() -> Label.oxide(3, 1, 2).at(-1));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Label.oxide(20, 10, 20).with(new Nitrogen(5, 5, 5)));
    assertThatIllegalArgumentException().isThrownBy(() -> new Nitrogen(60, 60, 0));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Label(Map.of(Element.N, 101.0), null));
  }
}
