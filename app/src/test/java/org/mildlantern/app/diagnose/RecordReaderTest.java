package org.mildlantern.app.diagnose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.lenient;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.Pot;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.growth.Stage;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.LostLeaves;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.StoodInWater;
import org.mildlantern.core.journal.Strength;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.water.Standing;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;

@ExtendWith(MockitoExtension.class)
class RecordReaderTest {
  private static final Instant NOW = Instant.parse("2026-11-23T10:00:00Z");
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

  @Mock JournalService journal;
  @Mock OpenCases cases;
  @Mock PlaceService places;
  @Mock SharedService shared;
  @Mock WateringService watering;
  @Mock Scope scope;

  private static final PlaceView.Surroundings SUNNY =
      new PlaceView.Surroundings(9.0, 27.0, LightClass.SUN, true, false, false, false);

  private RecordReader reader;

  @BeforeEach
  void aClock() {
    when(scope.now()).thenReturn(NOW);
    when(scope.today()).thenReturn(TODAY);
    lenient()
        .when(scope.day(any()))
        .thenAnswer(call -> LocalDate.ofInstant(call.getArgument(0), ZoneOffset.UTC));
    when(cases.causesNear(anyLong(), anyLong())).thenReturn(Set.of("spider-mites"));
    reader = new RecordReader(journal, cases, places, shared, watering, scope);
  }

  private static Entry entry(int ago, Note note) {
    return new Entry(7L, NOW.minus(Duration.ofDays(ago)), note, "x");
  }

  private static Fed fed(Double ppm) {
    return new Fed(null, ppm, null, Strength.NOT_SAID);
  }

  private static Entry water(int ago) {
    return entry(ago, new Watered(null, Watered.RunOff.NOT_SAID));
  }

  private static Entry felt(int ago, Moisture moisture) {
    return entry(ago, Felt.probe(moisture));
  }

  private Circumstances read(Entry... entries) {
    return records(entries).circumstances();
  }

  private PlantRecords records(Entry... entries) {
    when(journal.since(eq(7L), any()))
        .thenReturn(Stream.of(entries).sorted(Comparator.comparing(Entry::at).reversed()).toList());
    Knowledge knowledge = Library.shipped().knowledge();
    PlaceView place = new PlaceView(3L, "Sill", PlaceKind.INDOOR, 21.0, 38.0, SUNNY, 0);
    return reader.read(
        new PlantView(
            7L,
            "2026-001",
            "Coleus",
            knowledge.kind(knowledge.taxa().find("coleus").orElseThrow()),
            place,
            Pot.Shape.ROUND,
            12.0,
            null,
            Pot.Material.PLASTIC,
            true,
            true,
            Standing.Kind.NONE,
            knowledge.media().find("house-compost").orElseThrow(),
            TODAY.minusDays(274),
            Pot.Water.TAP,
            Stage.FLOWER,
            TODAY.minusDays(20),
            TODAY.minusDays(400),
            "",
            null));
  }

  @Test
  void takesWhatThePlantAndItsPlaceSay() {
    Circumstances read = read();
    assertThat(read.numbers())
        .containsEntry("temperature", 21.0)
        .containsEntry("humidity", 38.0)
        .containsEntry("medium-life", 18.0)
        .containsEntry("days-since-arrival", 400.0)
        .containsEntry("days-in-flower", 20.0)
        .doesNotContainKey("days-since-watering");
    assertThat(read.numbers().get("medium-age")).isBetween(8.9, 9.1);
    assertThat(read.choices())
        .containsEntry("water-used", "tap")
        .containsEntry("outer-pot", "yes")
        .containsEntry("stage", "flower")
        .containsEntry("place-kind", "indoor");
    assertThat(read.neighbourCauses()).containsExactly("spider-mites");
  }

  @Test
  void takesWhatIsNotedOfThePlaceWithItsSource() {
    PlantRecords records = records();
    assertThat(records.circumstances().numbers())
        .containsEntry("coldest", 9.0)
        .containsEntry("warmest", 27.0);
    assertThat(records.circumstances().choices())
        .containsEntry("place-light", "sun")
        .containsEntry("near-draught", "yes")
        .containsEntry("near-glass", "no");
    assertThat(records.sources()).containsEntry("coldest", "noted for Sill");
  }

  @Test
  void aMoveIntoTheSunIsSoManyStepsOfLight() {
    PlaceView shelf =
        new PlaceView(
            5L,
            "Shelf",
            PlaceKind.INDOOR,
            null,
            null,
            new PlaceView.Surroundings(null, null, LightClass.LOW, false, false, false, false),
            1);
    when(places.find(5L)).thenReturn(Optional.of(shelf));
    Entry move = new Entry(7L, NOW.minus(Duration.ofDays(4)), new Moved(5L, 3L), "Moved to Sill");
    PlantRecords records = records(move);
    assertThat(records.circumstances().numbers()).containsEntry("light-rise", 3.0);
    assertThat(records.sources().get("light-rise")).endsWith("Moved to Sill");
  }

  @Test
  void eachFieldNamesTheEntryThatSaysSo() {
    PlantRecords records = records(water(3), felt(1, Moisture.WET));
    assertThat(records.sources().get("days-since-watering")).contains(": x");
    assertThat(records.sources().get("wet-days")).contains("and like it since");
    Knowledge knowledge = Library.shipped().knowledge();
    assertThat(records.sourceOf(knowledge.fields().find("humidity-short").orElseThrow()))
        .isEqualTo("noted for Sill");
    assertThat(records.sourceOf(knowledge.fields().find("season").orElseThrow())).isEmpty();
  }

  @Test
  void leavesLostInAMonthStandBesideWhatMayGo() {
    PlantRecords records =
        records(
            entry(2, new LostLeaves(0.2)),
            entry(20, new LostLeaves(0.1)),
            entry(40, new LostLeaves(0.5)));
    assertThat(records.circumstances().numbers().get("loss")).isCloseTo(0.3, within(1e-9));
    assertThat(records.circumstances().numbers()).containsEntry("loss-normal", 0.2);
    assertThat(records.shedding().leaves()).isEqualTo(0.2);
    assertThat(read().numbers()).doesNotContainKey("loss");
  }

  @Test
  void takesStandingWaterAndTheStrengthOfTheLastFeed() {
    Circumstances read =
        read(entry(3, new StoodInWater()), entry(5, fed(300.0)), entry(9, fed(60.0)));
    assertThat(read.numbers())
        .containsEntry("days-since-stood", 3.0)
        .containsEntry("last-feed-ppm", 300.0);
  }

  @Test
  void countsWateringsAndFeeds() {
    Circumstances read =
        read(water(3), water(6), water(20), entry(10, fed(null)), entry(5, new Moved(3L, 3L)));
    assertThat(read.numbers())
        .containsEntry("days-since-watering", 3.0)
        .containsEntry("waterings-in-14-days", 2.0)
        .containsEntry("days-since-feed", 10.0)
        .containsEntry("feeds-in-90-days", 1.0)
        .containsEntry("days-since-move", 5.0);
  }

  @Test
  void aPotFeltWetSinceItsLastDrinkIsWetSinceThen() {
    Circumstances read =
        read(water(13), felt(12, Moisture.WET), felt(6, Moisture.WET), felt(1, Moisture.DAMP));
    assertThat(read.numbers()).containsEntry("wet-days", 13.0);
    assertThat(read.choices()).containsEntry("last-moisture", "damp");
  }

  @Test
  void aDrinkGivenToAWetPotProlongsTheRun() {
    Circumstances read = read(felt(10, Moisture.WET), water(9), felt(2, Moisture.WET));
    assertThat(read.numbers()).containsEntry("wet-days", 10.0);
  }

  @Test
  void aDryReadingEndsAWetRunAndADrinkEndsADryOne() {
    assertThat(read(felt(5, Moisture.DRY), felt(2, Moisture.DAMP)).numbers())
        .containsEntry("wet-days", 2.0);
    assertThat(read(felt(6, Moisture.DRY), felt(1, Moisture.DRY)).numbers())
        .containsEntry("dry-days", 6.0);
    assertThat(read(felt(3, Moisture.DRY), water(1)).choices()).doesNotContainKey("last-moisture");
  }

  @Test
  void anOldReadingSaysNothingOfToday() {
    assertThat(read(felt(9, Moisture.WET)).choices()).doesNotContainKey("last-moisture");
  }
}
