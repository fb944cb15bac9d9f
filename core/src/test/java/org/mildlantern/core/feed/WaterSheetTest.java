package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.mildlantern.core.feed.WaterSheet.Disinfectant;
import org.mildlantern.core.feed.WaterSheet.Kind;

class WaterSheetTest {
  private static WaterSheet tap(Double ec, Double hardness) {
    return new WaterSheet(Kind.TAP, ec, hardness, null, null, null, null, Disinfectant.CHLORINE);
  }

  @Test
  void whatIsTypedCountsAndTheRestIsEstimatedWithABand() {
    WaterSheet hard = tap(null, 300.0);
    assertThat(hard.hard().known()).isTrue();
    assertThat(hard.ec().known()).isFalse();
    assertThat(hard.ec().value()).isBetween(450.0, 750.0);
    assertThat(hard.ec().low()).isLessThan(hard.ec().value());
    assertThat(hard.alkaline().value()).isBetween(180.0, 300.0);
    assertThat(hard.ec().high() - hard.ec().low())
        .isGreaterThan(tap(600.0, 300.0).ec().high() - tap(600.0, 300.0).ec().low());
  }

  @Test
  void pureWatersBringNextToNothing() {
    for (Kind kind : new Kind[] {Kind.RAIN, Kind.RO, Kind.DISTILLED}) {
      assertThat(WaterSheet.of(kind).ec().value()).isLessThan(50);
      assertThat(WaterSheet.of(kind).alkaline().value()).isLessThan(10);
    }
  }

  @Test
  void softenedWaterIsSaltyAndItsSodiumIsAHazard() {
    WaterSheet softened =
        new WaterSheet(Kind.SOFTENED, 700.0, null, null, null, null, null, Disinfectant.UNKNOWN);
    assertThat(softened.hard().value()).isLessThan(40);
    assertThat(softened.salt().value()).isBetween(100.0, 220.0);
    assertThat(softened.sar()).isGreaterThan(9);
    assertThat(softened.hazard()).isEqualTo(WaterSheet.Sodium.MUCH);
    assertThat(tap(700.0, 350.0).hazard()).isEqualTo(WaterSheet.Sodium.HARMLESS);
    assertThat(tap(700.0, 350.0).sar()).isLessThan(3);
  }

  @Test
  void theSodiumRatioIsAsDefined() {
    // Richards 1954: Na 10, Ca + Mg 6 meq/l.
    assertThat(WaterSheet.sar(10, 6)).isCloseTo(5.77, within(0.01));
  }

  @Test
  void letItStandHelpsAgainstChlorineOnly() {
    assertThat(tap(500.0, null).standingHelps()).isTrue();
    assertThat(
            new WaterSheet(Kind.TAP, 500.0, null, null, null, null, null, Disinfectant.CHLORAMINE)
                .standingHelps())
        .isFalse();
  }

  @Test
  void aWaterConductsWhatItsSaltsDo() {
    assertThat(tap(600.0, 300.0).solution().ecMsCm()).isCloseTo(0.6, within(0.2));
  }

  @Test
  void refusesWhatNoWaterIs() {
    assertThatIllegalArgumentException().isThrownBy(() -> tap(-1.0, null));
    assertThatIllegalArgumentException().isThrownBy(() -> tap(null, 99_999.0));
    assertThatIllegalArgumentException().isThrownBy(() -> tap(Double.NaN, null));
  }

  @Test
  void hardnessInAllUnits() {
    assertThat(Hardness.DH.ppm(1)).isCloseTo(17.848, within(0.001));
    assertThat(Hardness.FH.ppm(10)).isCloseTo(100, within(1e-9));
    assertThat(Hardness.E.ppm(1)).isCloseTo(14.254, within(0.001));
    assertThat(Hardness.GRAINS.ppm(1)).isCloseTo(17.118, within(0.001));
    for (Hardness unit : Hardness.values()) {
      assertThat(unit.from(unit.ppm(7.3))).isCloseTo(7.3, within(1e-9));
      assertThat(Hardness.of(unit.id())).contains(unit);
    }
  }

  @Test
  void metersAreReadAt25Degrees() {
    assertThat(Conductivity.at25(500, 25)).isEqualTo(500);
    assertThat(Conductivity.at25(452, 20)).isCloseTo(500, within(1.0));
    assertThat(Conductivity.Scale.S500.ecUsCm(380)).isEqualTo(760);
    assertThat(Conductivity.Scale.S700.ecUsCm(380)).isCloseTo(543, within(1.0));
    assertThat(Conductivity.Scale.S640.shown(1000)).isEqualTo(640);
    assertThatIllegalArgumentException().isThrownBy(() -> Conductivity.at25(500, 90));
  }
}
