package org.mildlantern.app.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.Near;
import org.mildlantern.app.places.PlaceForm;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.Pot;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.LostLeaves;
import org.mildlantern.core.journal.Misted;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.StoodInWater;
import org.mildlantern.core.journal.Strength;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.water.Standing;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class RecordServiceTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();

  @Autowired Keepers keepers;
  @Autowired PlaceService places;
  @Autowired PlantService plants;
  @Autowired JournalService journal;
  @Autowired CaseService cases;
  @Autowired RecordService service;

  private SignedIn keeper;
  private PlaceView sill;

  @BeforeEach
  void aSunnySill() {
    keeper = keepers.make();
    sill = place("Sill", LightClass.SUN);
  }

  private PlaceView place(String name, LightClass light) {
    PlaceForm form =
        new PlaceForm(
            name,
            PlaceKind.INDOOR,
            21.0,
            38.0,
            9.0,
            27.0,
            light,
            new Near(true, null, null, null),
            true);
    return keepers.as(keeper, () -> places.save(null, form).orElseThrow());
  }

  private PlantView plant() {
    PlantForm form =
        new PlantForm(
            "",
            "Coleus scutellarioides",
            null,
            sill.id(),
            new Pot(
                PotShape.Kind.ROUND,
                12.0,
                null,
                PotMaterial.PLASTIC,
                true,
                true,
                Standing.Kind.NONE),
            "house-compost",
            null,
            Keepers.TODAY.minusDays(274),
            WaterGiven.TAP,
            Stage.GROWTH,
            Keepers.TODAY.minusDays(400),
            "");
    return keepers.as(keeper, () -> plants.add(form));
  }

  private Entry entry(PlantView plant, int ago, Note note) {
    Instant at = Keepers.NOW.minus(Duration.ofDays(ago));
    return keepers.as(keeper, () -> journal.write(new Entry(plant.id(), at, note, "x")));
  }

  private PlantRecords read(PlantView plant) {
    return keepers.as(keeper, () -> service.read(plant));
  }

  private static Watered water() {
    return new Watered(null, Watered.RunOff.NOT_SAID);
  }

  private static Fed fed(Double ppm) {
    return new Fed(null, ppm, null, Strength.NOT_SAID);
  }

  @Test
  void takesWhatThePlantAndItsPlaceSay() {
    Circumstances read = read(plant()).circumstances();
    assertThat(read.numbers())
        .containsEntry("temperature", 21.0)
        .containsEntry("humidity", 38.0)
        .containsEntry("medium-life", 18.0)
        .containsEntry("days-since-arrival", 400.0)
        .doesNotContainKey("days-since-watering");
    assertThat(read.numbers().get("medium-age")).isBetween(8.9, 9.1);
    assertThat(read.choices())
        .containsEntry("water-used", "tap")
        .containsEntry("outer-pot", "yes")
        .containsEntry("stage", "growth")
        .containsEntry("place-kind", "indoor");
    assertThat(read.neighbourCauses()).isEmpty();
  }

  @Test
  void whatAFormLeavesOpenSaysNothing() {
    PlaceView shelf = keepers.place(keeper, "Bare shelf", PlaceKind.INDOOR);
    PlantView plant = keepers.as(keeper, () -> plants.add(Keepers.bare(shelf, "Ficus")));
    assertThat(read(plant).circumstances().choices())
        .containsOnlyKeys("place-kind", "heating")
        .doesNotContainKeys("holes", "outer-pot", "stage", "near-draught", "near-lamp");
    assertThat(plant.pot().words()).isEqualTo("pot");
  }

  @Test
  void aStageThatNobodyNotedComesFromTheCalendarOfItsKind() {
    PlantView plant = keepers.as(keeper, () -> plants.add(Keepers.bare(sill, "Pleione formosana")));
    PlantRecords records = read(plant);
    assertThat(records.circumstances().choices()).containsEntry("stage", "rest");
    assertThat(records.sources().get("stage")).startsWith("by the calendar");
  }

  @Test
  void takesWhatIsNotedOfThePlaceWithItsSource() {
    PlantRecords records = read(plant());
    assertThat(records.circumstances().numbers())
        .containsEntry("coldest", 9.0)
        .containsEntry("warmest", 27.0);
    assertThat(records.circumstances().choices())
        .containsEntry("place-light", "sun")
        .containsEntry("near-draught", "yes")
        .containsEntry("near-glass", "no");
    assertThat(records.sources()).containsEntry("coldest", "noted for Sill");
    assertThat(records.sourceOf(KNOWLEDGE.fields().find("humidity-short").orElseThrow()))
        .isEqualTo("noted for Sill");
    assertThat(records.sourceOf(KNOWLEDGE.fields().find("season").orElseThrow())).isEmpty();
  }

  @Test
  void aNeighboursCaseCountsTheMomentItIsOpened() {
    PlantView plant = plant();
    PlantView other = plant();
    assertThat(read(plant).circumstances().neighbourCauses()).isEmpty();
    keepers.as(keeper, () -> cases.open(other.id(), "spider-mites"));
    assertThat(read(plant).circumstances().neighbourCauses()).containsExactly("spider-mites");
  }

  @Test
  void aMoveIntoTheSunIsSoManyStepsOfLight() {
    PlaceView shelf = place("Shelf", LightClass.LOW);
    PlantView plant = plant();
    entry(plant, 4, new Moved(shelf.id(), sill.id()));
    PlantRecords records = read(plant);
    assertThat(records.circumstances().numbers()).containsEntry("light-rise", 3.0);
    assertThat(records.sources().get("light-rise")).endsWith(": x");
  }

  @Test
  void lightNotedAnewForThePlaceItCameFromCountsAtOnce() {
    PlaceView shelf = place("Shelf", LightClass.LOW);
    PlantView plant = plant();
    entry(plant, 4, new Moved(shelf.id(), sill.id()));
    assertThat(read(plant).circumstances().numbers()).containsEntry("light-rise", 3.0);
    PlaceForm bright =
        new PlaceForm(
            "Shelf",
            PlaceKind.INDOOR,
            21.0,
            38.0,
            9.0,
            27.0,
            LightClass.SUN,
            new Near(true, null, null, null),
            true);
    keepers.as(keeper, () -> places.save(shelf.id(), bright));
    assertThat(read(plant).circumstances().numbers()).containsEntry("light-rise", 0.0);
  }

  @Test
  void leavesLostInAMonthStandBesideWhatMayGo() {
    PlantView plant = plant();
    assertThat(read(plant).circumstances().numbers()).doesNotContainKey("loss");
    entry(plant, 2, new LostLeaves(0.2));
    entry(plant, 20, new LostLeaves(0.1));
    entry(plant, 40, new LostLeaves(0.5));
    PlantRecords records = read(plant);
    assertThat(records.circumstances().numbers().get("loss")).isCloseTo(0.3, within(1e-9));
    assertThat(records.circumstances().numbers().get("loss-normal"))
        .isEqualTo(records.shedding().leaves());
  }

  @Test
  void takesStandingWaterAndTheStrengthOfTheLastFeed() {
    PlantView plant = plant();
    entry(plant, 3, new StoodInWater());
    entry(plant, 9, fed(60.0));
    entry(plant, 5, fed(300.0));
    assertThat(read(plant).circumstances().numbers())
        .containsEntry("days-since-stood", 3.0)
        .containsEntry("last-feed-ppm", 300.0);
  }

  @Test
  void aFeedWithoutAFigureHasNoStrength() {
    PlantView plant = plant();
    entry(plant, 5, fed(null));
    assertThat(read(plant).circumstances().numbers())
        .containsEntry("days-since-feed", 5.0)
        .doesNotContainKey("last-feed-ppm");
  }

  @Test
  void countsWateringsMistingsAndFeeds() {
    PlantView plant = plant();
    for (int ago : new int[] {3, 6, 20}) {
      entry(plant, ago, water());
    }
    entry(plant, 10, fed(null));
    for (int ago : new int[] {1, 2, 4, 8, 12, 30}) {
      entry(plant, ago, new Misted());
    }
    PlantRecords records = read(plant);
    assertThat(records.circumstances().numbers())
        .containsEntry("days-since-watering", 3.0)
        .containsEntry("waterings-in-14-days", 2.0)
        .containsEntry("mistings-in-14-days", 5.0)
        .containsEntry("days-since-feed", 10.0)
        .containsEntry("feeds-in-90-days", 1.0);
    assertThat(records.sources().get("days-since-watering")).isEqualTo("20 Nov 2026: x");
  }

  @Test
  void whatWasWorkedOutHoldsUntilSomethingChanges() {
    PlantView plant = plant();
    entry(plant, 6, water());
    assertThat(read(plant).circumstances().numbers()).containsEntry("days-since-watering", 6.0);
    Entry drink = entry(plant, 2, water());
    assertThat(read(plant).circumstances().numbers()).containsEntry("days-since-watering", 2.0);
    keepers.as(keeper, () -> journal.retract(drink.id()));
    assertThat(read(plant).circumstances().numbers()).containsEntry("days-since-watering", 6.0);
    keepers.as(
        keeper, () -> places.save(sill.id(), PlaceForm.of("Sill", PlaceKind.CASE, 25.0, 80.0)));
    PlantView moved = keepers.as(keeper, () -> plants.find(plant.id()).orElseThrow());
    assertThat(read(moved).circumstances().numbers()).containsEntry("temperature", 25.0);
  }

  @Test
  void eachFieldHasOneSourceAndNoSourceAnUnknownField() {
    RecordSource one = source("temperature");
    assertThatThrownBy(() -> RecordService.check(List.of(one, one), KNOWLEDGE))
        .hasMessageContaining("two sources fill the field temperature");
    assertThatThrownBy(() -> RecordService.check(List.of(source("moon-phase")), KNOWLEDGE))
        .hasMessageContaining("sources of no field: [moon-phase]")
        .hasMessageContaining("humidity");
  }

  private static RecordSource source(String field) {
    return new RecordSource() {
      @Override
      public Set<String> fields() {
        return Set.of(field);
      }

      @Override
      public void read(Asked asked, Records records) {}
    };
  }
}
