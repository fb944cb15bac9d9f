package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.feed.Can.Asking;
import org.mildlantern.core.feed.Can.AtHand;

class CanTest {
  private static final Label FEED = Label.oxide(15, 5, 15);
  private static final AtHand TAP = water("tap", WaterSheet.Kind.TAP, 600, 240, 0.002);
  private static final AtHand RAIN = water("rain", WaterSheet.Kind.RAIN, 20, 3, 0.01);

  private static AtHand water(
      String name, WaterSheet.Kind kind, double ec, double alkalinity, double cost) {
    return new AtHand(
        new Blend.Of(name, ec, alkalinity, cost),
        new WaterSheet(
                kind, ec, null, alkalinity, null, null, null, WaterSheet.Disinfectant.UNKNOWN)
            .solution());
  }

  @Test
  void plantsThatAskForNearlyTheSameShareACan() {
    List<Can> cans =
        Can.of(
            List.of(
                new Asking(1, 50, 300, 80, 200),
                new Asking(2, 60, 300, 80, 100),
                new Asking(3, 100, 600, 150, 400),
                new Asking(4, 110, 700, 150, 600)),
            List.of(TAP, RAIN),
            FEED);
    assertThat(cans).hasSize(2);
    Can soft = cans.get(0);
    assertThat(soft.asking()).extracting(Asking::plant).containsExactly(1L, 2L);
    assertThat(soft.ppm()).isEqualTo(50);
    assertThat(soft.litres()).isCloseTo(0.3, within(1e-9));
    assertThat(soft.water().alkalinity()).isLessThanOrEqualTo(80 + 1e-6);
    assertThat(soft.gramsPerLitre()).isCloseTo(50 / 150.0, within(1e-9));
    assertThat(soft.tooHard()).isFalse();
    assertThat(cans.get(1).water().alkalinity()).isLessThanOrEqualTo(150 + 1e-6);
    assertThat(cans.get(1).ecMsCm()).isGreaterThan(soft.ecMsCm());
  }

  @Test
  void noPlantGetsMoreThanItTakes() {
    List<Can> cans =
        Can.of(
            List.of(new Asking(1, 24, 300, 80, 200), new Asking(2, 149, 600, 150, 200)),
            List.of(RAIN),
            FEED);
    assertThat(cans)
        .allSatisfy(can -> assertThat(can.asking()).allMatch(asking -> asking.ppm() >= can.ppm()));
  }

  @Test
  void aWaterThatIsTooHardForThemIsSaid() {
    Can can = Can.of(List.of(new Asking(1, 25, 100, 30, 100)), List.of(TAP), FEED).get(0);
    assertThat(can.tooHard()).isTrue();
  }

  @Test
  void whatWasReadOfTheWaterCounts() {
    Can can = Can.of(List.of(new Asking(1, 100, 900, 400, 100)), List.of(TAP), FEED).get(0);
    assertThat(can.ecMsCm()).isGreaterThan(0.6);
    assertThat(can.ecMsCm()).isLessThan(0.6 + FEED.at(can.gramsPerLitre()).ecMsCm() + 0.01);
  }
}
