package org.mildlantern.app.watering;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.RecordService;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

/**
 * Wet and dry as evidence: by the pot's own filter, and by the last readings where it cannot tell.
 */
@AppTest
class WaterRecordsTest {
  private static final Watered SOAKED = new Watered(null, Watered.RunOff.THROUGH);

  @Autowired Keepers keepers;
  @Autowired JournalService journal;
  @Autowired RecordService records;

  private SignedIn keeper;
  private PlaceView sill;

  @BeforeEach
  void aKeeper() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  private record On(int ago, Note note) {}

  private static On water(int ago) {
    return new On(ago, new Watered(null, Watered.RunOff.NOT_SAID));
  }

  private static On felt(int ago, Moisture... moisture) {
    return new On(ago, Felt.probe(moisture));
  }

  private Circumstances read(PlantView plant, On... notes) {
    return keepers.as(
        keeper,
        () -> {
          for (On one : notes) {
            Instant at = Keepers.NOW.minus(Duration.ofDays(one.ago()));
            journal.write(new Entry(plant.id(), at, one.note()));
          }
          return records.read(plant).circumstances();
        });
  }

  /** A pot that the filter follows. */
  private Circumstances followed(On... notes) {
    return read(keepers.plant(keeper, sill, "Coleus scutellarioides"), notes);
  }

  /** A cup is not followed: only its readings speak. */
  private Circumstances byReadings(On... notes) {
    return read(keepers.plant(keeper, sill, "Guzmania lingulata"), notes);
  }

  @Test
  void aPotThatWasSoakedAgainAndAgainIsWetByItsFilter() {
    Circumstances read =
        followed(
            new On(9, SOAKED),
            felt(8, Moisture.WET, Moisture.WET, Moisture.WET),
            new On(6, SOAKED),
            felt(5, Moisture.WET, Moisture.WET, Moisture.WET),
            new On(3, SOAKED),
            new On(1, SOAKED));
    assertThat(read.choices()).containsEntry("last-moisture", "wet");
    assertThat(read.numbers().get("wet-days")).isBetween(7.0, 9.0);
    assertThat(read.numbers()).doesNotContainKey("dry-days");
  }

  @Test
  void aPotThatWasLeftDriesInItsFilterThoughNobodyFeltIt() {
    Circumstances read =
        followed(
            new On(24, SOAKED),
            felt(22, Moisture.DAMP, Moisture.DAMP, Moisture.WET),
            felt(19, Moisture.DRY, Moisture.DRY, Moisture.DAMP));
    assertThat(read.choices()).containsEntry("last-moisture", "dry");
    assertThat(read.numbers().get("dry-days")).isBetween(10.0, 20.0);
  }

  @Test
  void waterThatRanPastSpeaksForAMonth() {
    On past = new On(20, new Watered(null, Watered.RunOff.PAST));
    assertThat(followed(past).choices()).containsEntry("ran-past", "yes");
    On long_ = new On(40, new Watered(null, Watered.RunOff.PAST));
    assertThat(followed(long_).choices()).doesNotContainKey("ran-past");
  }

  @Test
  void aPotFeltWetSinceItsLastDrinkIsWetSinceThen() {
    Circumstances read =
        byReadings(
            water(13), felt(12, Moisture.WET), felt(6, Moisture.WET), felt(1, Moisture.DAMP));
    assertThat(read.numbers()).containsEntry("wet-days", 13.0);
    assertThat(read.choices()).containsEntry("last-moisture", "damp");
  }

  @Test
  void aDrinkGivenToAWetPotProlongsTheRun() {
    Circumstances read = byReadings(felt(10, Moisture.WET), water(9), felt(2, Moisture.WET));
    assertThat(read.numbers()).containsEntry("wet-days", 10.0);
  }

  @Test
  void aDryReadingEndsAWetRunAndADrinkEndsADryOne() {
    assertThat(byReadings(felt(5, Moisture.DRY), felt(2, Moisture.DAMP)).numbers())
        .containsEntry("wet-days", 2.0);
    assertThat(byReadings(felt(6, Moisture.DRY), felt(1, Moisture.DRY)).numbers())
        .containsEntry("dry-days", 6.0);
    assertThat(byReadings(felt(3, Moisture.DRY), water(1)).choices())
        .doesNotContainKey("last-moisture");
  }

  @Test
  void anOldReadingSaysNothingOfToday() {
    assertThat(byReadings(felt(9, Moisture.WET)).choices()).doesNotContainKey("last-moisture");
  }
}
