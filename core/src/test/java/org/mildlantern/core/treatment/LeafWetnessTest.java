package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.treatment.LeafWetness.From;
import org.mildlantern.core.water.HowToWater;

class LeafWetnessTest {
  private static final HowToWater.Air ROOM = new HowToWater.Air(20.0, 50.0, false);
  private static final HowToWater.Air CASE = new HowToWater.Air(22.0, 88.0, false);

  private static Means means(String id) {
    return Library.shipped().remedies().means().find(id).orElseThrow();
  }

  private static LifeCycle life(String id) {
    return Library.shipped().remedies().pests().find(id).orElseThrow();
  }

  @Test
  void leavesAreWetByHowAPlantIsWateredAndDryByItsAir() {
    assertThat(LeafWetness.of(From.ABOVE, ROOM, 7, 0).hours()).isCloseTo(2.9, within(0.1));
    assertThat(LeafWetness.of(From.ABOVE, ROOM, 3.5, 0).times()).isEqualTo(2);
    assertThat(LeafWetness.of(From.BELOW, ROOM, 3, 0).hours()).isZero();
    assertThat(LeafWetness.of(From.BELOW, ROOM, 3, 4).times()).isEqualTo(2);
    assertThat(LeafWetness.of(From.ABOVE, CASE, 7, 0).hours()).isBetween(9.0, 13.0);
    HowToWater.Air fanned = new HowToWater.Air(22.0, 88.0, true);
    assertThat(LeafWetness.of(From.ABOVE, fanned, 7, 0).hours())
        .isCloseTo(LeafWetness.of(From.ABOVE, CASE, 7, 0).hours() / 3, within(1e-9));
    assertThat(LeafWetness.of(From.RAIN, ROOM, 7, 0).hours()).isEqualTo(10);
    HowToWater.Air fog = new HowToWater.Air(20.0, 97.0, false);
    assertThat(LeafWetness.of(From.BELOW, fog, 7, 0).hours()).isEqualTo(24);
    HowToWater.Air unknown = new HowToWater.Air(null, null, false);
    assertThat(LeafWetness.of(From.ABOVE, unknown, 7, 0).hours()).isPositive();
  }

  /** The hours of the table at the best warmth, about double near its edges, and none beyond. */
  @ParameterizedTest
  @CsvSource({
    "grey-mould, 18, 8, 6, 28",
    "downy-mildew, 18, 4, 7, 26",
    "rust, 18, 5, 10, 27",
    "anthracnose, 26, 10, 18, 34",
    "bacterial-leaf-spot, 27, 8, 18, 35",
  })
  void theHoursThatADiseaseNeedsGrowAwayFromItsBestWarmth(
      String id, double best, double hours, double cool, double hot) {
    LifeCycle.Wet wet = life(id).wet();
    assertThat(wet.hoursAt(best)).isCloseTo(hours, within(1e-9));
    assertThat(wet.hoursAt(cool)).isBetween(1.2 * hours, 4 * hours);
    assertThat(wet.hoursAt(hot)).isInfinite();
  }

  @Test
  void belowTenDegreesOnlyMouldMildewAndPetalBlightAndTreeDiseasesTakeHold() {
    List<String> cold =
        Library.shipped().remedies().pests().stream()
            .filter(life -> life.wet() != null && life.wet().hoursAt(8) < 48)
            .map(LifeCycle::id)
            .toList();
    assertThat(cold)
        .contains("grey-mould", "downy-mildew", "petal-blight")
        .doesNotContain(
            "anthracnose", "bacterial-leaf-spot", "bacterial-brown-spot", "fungal-leaf-spot");
  }

  @Test
  void aDryLeafHardlySpreadsItAWetOneDoesAndPowderyMildewDoesNotAsk() {
    LifeCycle mould = life("grey-mould");
    assertThat(LeafWetness.of(From.BELOW, ROOM, 4, 0).takes(mould, 20)).isEqualTo(0.1);
    assertThat(LeafWetness.of(From.ABOVE, ROOM, 4, 0).takes(mould, 20)).isEqualTo(0.1);
    assertThat(LeafWetness.of(From.ABOVE, CASE, 4, 0).takes(mould, 20)).isGreaterThan(0.9);
    assertThat(LeafWetness.of(From.RAIN, CASE, 4, 0).takes(mould, 18)).isBetween(1.8, 2.0);
    assertThat(LeafWetness.of(From.RAIN, CASE, 4, 0).takes(mould, 30)).isEqualTo(0.1);
    LifeCycle powdery = life("powdery-mildew");
    assertThat(LeafWetness.of(From.BELOW, ROOM, 4, 0).takes(powdery, 20)).isEqualTo(1);
    assertThat(LeafWetness.of(From.RAIN, CASE, 4, 0).takes(life("thrips"), 20)).isEqualTo(1);
  }

  @Test
  void wetterLeavesNeverMakeADiseaseEasierToEnd() {
    LifeCycle spots = life("fungal-leaf-spot");
    List<Visit> cut =
        IntStream.range(0, 4)
            .mapToObj(week -> new Visit(7 * week, List.of(means("cut-infected"))))
            .toList();
    double dry = new Outlook(spots, 22, 10, 0.1).chance(cut);
    double usual = new Outlook(spots, 22, 10).chance(cut);
    double wet = new Outlook(spots, 22, 10, 2).chance(cut);
    assertThat(dry).isGreaterThan(usual);
    assertThat(usual).isGreaterThan(wet);
  }

  @Test
  void itIsSaidInWords() {
    LifeCycle mould = life("grey-mould");
    assertThat(LeafWetness.of(From.ABOVE, ROOM, 4, 0).words(mould, 18))
        .contains("about 2.9 hours", "8 hours or more", "hardly spreads");
    assertThat(LeafWetness.of(From.ABOVE, CASE, 4, 0).words(mould, 18)).endsWith("it spreads.");
    assertThat(LeafWetness.of(From.BELOW, ROOM, 4, 0).words(mould, 18)).contains("stay dry");
    assertThat(LeafWetness.of(From.RAIN, ROOM, 4, 0).words(mould, 35)).contains("nowhere");
    assertThat(LeafWetness.of(From.RAIN, ROOM, 4, 0).words(life("aphids"), 20)).isEmpty();
  }
}
