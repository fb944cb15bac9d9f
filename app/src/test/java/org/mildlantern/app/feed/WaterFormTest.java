package org.mildlantern.app.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.mildlantern.core.feed.Hardness;
import org.mildlantern.core.feed.WaterSheet;

class WaterFormTest {
  private static WaterForm read(Double reading, MeterShows in, Double celsius) {
    return new WaterForm(
        "kitchen tap",
        WaterSheet.Kind.TAP,
        reading,
        in,
        celsius,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null);
  }

  private static WaterForm hard(Double hardness, Double alkalinity, Hardness in) {
    return new WaterForm(
        "kitchen tap",
        WaterSheet.Kind.TAP,
        null,
        null,
        null,
        hardness,
        alkalinity,
        in,
        null,
        null,
        null,
        null,
        null);
  }

  @Test
  void oneWaterReadsTheSameOnEachMeter() {
    assertThat(read(800.0, MeterShows.US_CM, null).ecUsCm()).isEqualTo(800);
    assertThat(read(0.8, MeterShows.MS_CM, null).ecUsCm()).isEqualTo(800);
    assertThat(read(400.0, MeterShows.PPM_500, null).ecUsCm()).isCloseTo(800, within(1e-9));
    assertThat(read(512.0, MeterShows.PPM_640, null).ecUsCm()).isCloseTo(800, within(1e-9));
    assertThat(read(560.0, MeterShows.PPM_700, null).ecUsCm()).isCloseTo(800, within(1e-9));
  }

  @Test
  void coldWaterConductsMoreAtTwentyFiveThanItShowed() {
    // 1.91 % for each degree below 25 °C.
    assertThat(read(400.0, MeterShows.US_CM, 15.0).ecUsCm())
        .isCloseTo(400 / (1 - 0.191), within(0.01));
    assertThat(read(400.0, MeterShows.US_CM, 25.0).ecUsCm()).isEqualTo(400);
  }

  @Test
  void aReadingOfNoKnownScaleSaysNothing() {
    assertThat(read(400.0, null, null).ecUsCm()).isNull();
    assertThat(read(null, MeterShows.US_CM, 15.0).ecUsCm()).isNull();
  }

  @Test
  void degreesOfHardnessAreTurnedIntoChalk() {
    WaterSheet german = hard(10.0, 8.0, Hardness.DH).sheet();
    assertThat(german.hardness()).isCloseTo(178.5, within(0.1));
    assertThat(german.alkalinity()).isCloseTo(142.8, within(0.1));
    assertThat(hard(10.0, null, Hardness.FH).sheet().hardness()).isCloseTo(100, within(1e-9));
    assertThat(hard(150.0, null, null).sheet().hardness()).isEqualTo(150);
    assertThat(hard(150.0, null, null).sheet().alkalinity()).isNull();
  }

  @Test
  void whatIsNotSaidStaysUnknown() {
    WaterSheet sheet = read(null, null, null).sheet();
    assertThat(sheet.disinfectant()).isEqualTo(WaterSheet.Disinfectant.UNKNOWN);
    assertThat(sheet.sodium()).isNull();
    assertThat(sheet.chloride()).isNull();
    assertThat(sheet.ph()).isNull();
  }
}
