package org.mildlantern.app.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.PlantRecords;
import org.mildlantern.app.records.RecordService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

/** What is known of water, feed and salts counts in diagnosis, each with where it comes from. */
class FeedRecordsTest extends WebCase {
  @Autowired TestClock clock;
  @Autowired RecordService records;

  private SignedIn keeper;
  private PlantView lily;

  @BeforeEach
  void aLilyOnRainInJune() {
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-06-10T10:00:00Z")));
    keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    lily = keepers.plant(keeper, sill, "Spathiphyllum wallisii");
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private PlantRecords read() {
    return keepers.as(keeper, () -> records.read(lily));
  }

  private void rain() throws Exception {
    String[] rain = {
      "name", "barrel", "kind", "RAIN", "reading", "30", "readIn", "US_CM", "disinfectant", "NONE"
    };
    post(keeper, "/waters", rain);
  }

  private void drinks(String... lines) {
    for (String line : lines) {
      keepers.note(keeper, lily.id(), line);
      clock.forward(Duration.ofDays(6));
    }
  }

  @Test
  void aWaterThatNobodyDescribedIsNoEvidence() throws Exception {
    drinks("watered 200", "watered 200", "watered 200", "watered 200");
    assertThat(read().circumstances().numbers()).doesNotContainKeys("water-ec", "pore-ec");
    rain();
    assertThat(read().circumstances().numbers()).containsKeys("water-ec", "pore-ec");
  }

  @Test
  void theWaterCountsWithHowFarItsFiguresMayBeOff() throws Exception {
    rain();
    PlantRecords read = read();
    assertThat(read.circumstances().numbers()).containsEntry("water-ec", 30.0);
    assertThat(read.circumstances().choices()).containsEntry("water-disinfectant", "none");
    assertThat(read.circumstances().doubt().spread("water-ec")).isCloseTo(1.5, within(1e-9));
    assertThat(read.circumstances().doubt().spread("water-alkalinity"))
        .as("estimated")
        .isGreaterThan(1.5);
    assertThat(read.sources()).containsEntry("water-ec", "by the rain water that is described");
  }

  @Test
  void whatIsReadOfThePotGoesIntoIt() throws Exception {
    rain();
    drinks("watered 200", "watered 200", "watered 200", "watered 200");
    double before = read().circumstances().numbers().get("pore-ec");
    double unsure = read().circumstances().doubt().spread("pore-ec") / before;
    keepers.note(keeper, lily.id(), "pour-through 2.4 mS/cm");
    PlantRecords read = read();
    double after = read.circumstances().numbers().get("pore-ec");
    assertThat(after).isGreaterThan(before * 3);
    assertThat(read.circumstances().doubt().spread("pore-ec") / after).isLessThan(unsure);
    assertThat(read.sources().get("pore-ec")).contains("4 drinks").contains("one reading");
    keepers.note(keeper, lily.id(), "run-off 2.4 mS/cm");
    assertThat(read().circumstances().numbers().get("pore-ec")).isGreaterThan(after);
  }

  @Test
  void aDietIsWhatWasPouredInTheMean() throws Exception {
    rain();
    drinks("watered 200", "watered 200", "watered 200", "fed 20-10-20 100 ppm");
    PlantRecords read = read();
    assertThat(read.circumstances().numbers().get("nitrogen-mean")).isCloseTo(25, within(1e-9));
    assertThat(read.circumstances().numbers().get("calcium-mean")).isLessThan(5);
    assertThat(read.circumstances().numbers().get("potassium-fed")).isCloseTo(0.83, within(0.01));
    drinks("fed");
    assertThat(read().circumstances().numbers())
        .as("a feed of which nothing is known")
        .doesNotContainKeys("nitrogen-mean", "calcium-mean", "potassium-fed");
  }

  @Test
  void grainsLeaveTheNitrogenOpen() throws Exception {
    rain();
    drinks("watered 200", "watered 200", "watered 200", "watered 200");
    assertThat(read().circumstances().numbers()).containsEntry("nitrogen-mean", 0.0);
    keepers.note(keeper, lily.id(), "granules 4 g of 15-9-12, 6 months");
    assertThat(read().circumstances().numbers()).doesNotContainKey("nitrogen-mean");
  }
}
