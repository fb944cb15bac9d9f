package org.mildlantern.app.plants;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.web.FieldFault;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Recorded;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class PlantServiceTest {
  @Autowired Keepers keepers;
  @Autowired PlantService plants;
  @Autowired PlantNotes notes;
  @Autowired JournalService journal;

  private SignedIn keeper;
  private PlaceView sill;
  private PlaceView bench;

  @BeforeEach
  void aKeeperWithTwoPlaces() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    bench = keepers.place(keeper, "Bench", PlaceKind.OUTDOOR);
  }

  @Test
  void codesAreMadeInOrderAndStayUnique() {
    assertThat(Codes.next(List.of(), LocalDate.of(2026, 3, 1))).isEqualTo("2026-001");
    assertThat(
            Codes.next(List.of("2026-009", "2025-400", "x", "2026-01x"), LocalDate.of(2026, 3, 1)))
        .isEqualTo("2026-010");
    PlantView one = keepers.plant(keeper, sill, "Phalaenopsis");
    PlantView two = keepers.plant(keeper, sill, "Phalaenopsis");
    assertThat(one.code()).isEqualTo("2026-001");
    assertThat(two.code()).isEqualTo("2026-002");
  }

  @Test
  void aTypedCodeThatUsesUpTheYearDoesNotEndIt() {
    assertThat(Codes.next(List.of("2026-001", "2026-999999"), LocalDate.of(2026, 3, 1)))
        .isEqualTo("2026-002");
  }

  @Test
  void aTakenCodeIsRefusedAtItsField() {
    PlantView one = keepers.plant(keeper, sill, "Phalaenopsis");
    PlantForm same = withCode(Keepers.form(sill, "Vanda", null), one.code());
    assertThatThrownBy(() -> keepers.as(keeper, () -> plants.add(same)))
        .isInstanceOfSatisfying(FieldFault.class, f -> assertThat(f.field()).isEqualTo("code"));
  }

  private static PlantForm withCode(PlantForm f, String code) {
    return new PlantForm(
        code,
        f.kind(),
        f.formId(),
        f.placeId(),
        f.pot(),
        f.mediumId(),
        f.ownMedium(),
        f.mediumSince(),
        f.waterUsed(),
        f.stage(),
        f.arrivedOn(),
        f.notes());
  }

  @Test
  void aSynonymFindsItsTaxonAndTheKeepersWordIsKept() {
    PlantView plant = keepers.plant(keeper, sill, "vriesea ospinae");
    assertThat(plant.kind().taxon().orElseThrow().id()).isEqualTo("goudaea-ospinae");
    assertThat(plant.otherName()).isEqualTo("Goudaea ospinae");
  }

  @Test
  void aFreeNameNeedsAGrowthForm() {
    assertThatThrownBy(() -> keepers.plant(keeper, sill, "Grandmother's lily"))
        .isInstanceOfSatisfying(FieldFault.class, f -> assertThat(f.field()).isEqualTo("formId"));
    PlantView plant =
        keepers.as(
            keeper, () -> plants.add(Keepers.form(sill, "Grandmother's lily", "strap-clump")));
    assertThat(plant.kind().taxon()).isEmpty();
    assertThat(plant.form().id()).isEqualTo("strap-clump");
  }

  @Test
  void aMoveIsHistoryAndCanBeUndone() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    Entry move = keepers.note(keeper, plant.id(), "moved to bench");
    assertThat(find(plant).place().name()).isEqualTo("Bench");
    assertThat(move.as(Moved.class)).contains(new Moved(sill.id(), bench.id()));
    keepers.as(keeper, () -> journal.retract(move.id()));
    assertThat(find(plant).place().name()).isEqualTo("Sill");
    assertThat(timeline(plant)).isEmpty();
  }

  @Test
  void editingThePlaceWritesAMove() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    keepers.as(keeper, () -> plants.edit(plant.id(), Keepers.form(bench, "Phalaenopsis", null)));
    assertThat(timeline(plant))
        .singleElement()
        .satisfies(e -> assertThat(e.text()).isEqualTo("Moved from Sill to Bench"));
  }

  @Test
  void aRepotRenewsTheMediumAndUndoBringsTheOldBack() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    Entry repot = keepers.note(keeper, plant.id(), "repotted");
    assertThat(find(plant).mediumSince()).isEqualTo(Keepers.TODAY);
    keepers.as(keeper, () -> journal.retract(repot.id()));
    assertThat(find(plant).mediumSince()).isEqualTo(plant.mediumSince());
  }

  @Test
  void aCorrectionIsReadAnewAndUndoTakesBackWhatItSaysNow() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    Entry wrong = keepers.note(keeper, plant.id(), "watered 240");
    keepers.as(keeper, () -> notes.correct(wrong.id(), "Watered 260, through", null));
    assertThat(timeline(plant))
        .singleElement()
        .satisfies(
            e -> {
              assertThat(e.text()).isEqualTo("Watered 260, through");
              assertThat(e.note()).isEqualTo(new Watered(260.0, Watered.RunOff.THROUGH));
              assertThat(e.root()).isEqualTo(wrong.id());
              assertThat(e.corrects()).isTrue();
            });
    keepers.as(keeper, () -> notes.correct(wrong.id(), "Watered 280", null));
    assertThat(timeline(plant)).extracting(Entry::text).containsExactly("Watered 280");
    assertThat(keepers.as(keeper, () -> journal.retract(wrong.id()))).isPresent();
    assertThat(timeline(plant)).isEmpty();
    assertThat(keepers.as(keeper, () -> journal.retract(wrong.id()))).isEmpty();
    assertThat(keepers.as(keeper, () -> notes.correct(wrong.id(), "again", null))).isEmpty();
  }

  private Entry correct(Entry entry, String text) {
    return keepers.as(keeper, () -> notes.correct(entry.id(), text, null)).orElseThrow();
  }

  @Test
  void aMoveThatIsCorrectedMovesThePlantAndUndoBringsItHome() {
    PlaceView shelf = keepers.place(keeper, "Shelf 2", PlaceKind.INDOOR);
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    Entry move = keepers.note(keeper, plant.id(), "moved to bench");
    Entry right = correct(move, "Moved to Shelf 2, the bench was too cold");
    assertThat(find(plant).place().name()).isEqualTo("Shelf 2");
    assertThat(right.as(Moved.class)).contains(new Moved(sill.id(), shelf.id()));
    keepers.as(keeper, () -> journal.retract(right.id()));
    assertThat(find(plant).place().name()).isEqualTo("Sill");
  }

  @Test
  void aLineIsWrittenUnderTheDayThatItNames() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    Entry repot = keepers.note(keeper, plant.id(), "repotted into a 14 cm pot on 20 Nov");
    assertThat(find(plant).mediumSince()).isEqualTo(LocalDate.of(2026, 11, 20));
    assertThat(find(plant).pot().cm()).isEqualTo(14);
    Entry older = keepers.note(keeper, plant.id(), "repotted on 2 May 2024");
    assertThat(find(plant).mediumSince()).isEqualTo(LocalDate.of(2026, 11, 20));
    keepers.as(keeper, () -> journal.retract(older.id()));
    keepers.as(keeper, () -> journal.retract(repot.id()));
    assertThat(find(plant).mediumSince()).isEqualTo(plant.mediumSince());
    assertThat(find(plant).pot().cm()).isEqualTo(12);
  }

  @Test
  void aMoveBeforeALaterOneIsRefused() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    keepers.note(keeper, plant.id(), "moved to bench");
    keepers.place(keeper, "Shelf", PlaceKind.INDOOR);
    assertThatThrownBy(() -> keepers.note(keeper, plant.id(), "moved to Shelf yesterday"))
        .hasMessageContaining("moved again after that");
    assertThat(find(plant).place().name()).isEqualTo("Bench");
  }

  @Test
  void strikingAnOldRepotLeavesTheNewerOne() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    Entry old = keepers.note(keeper, plant.id(), "repotted into a 14 cm pot on 2 Nov");
    keepers.note(keeper, plant.id(), "repotted into a 16 cm pot on 20 Nov");
    keepers.as(keeper, () -> journal.retract(old.id()));
    assertThat(find(plant).mediumSince()).isEqualTo(LocalDate.of(2026, 11, 20));
    assertThat(find(plant).pot().cm()).isEqualTo(16);
  }

  @Test
  void correctingAnOldRepotLeavesTheNewerOne() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    Entry old = keepers.note(keeper, plant.id(), "repotted into a 14 cm pot on 2 Nov");
    keepers.note(keeper, plant.id(), "repotted into a 16 cm pot on 20 Nov");
    correct(old, "Repotted into a 13 cm pot");
    assertThat(find(plant).mediumSince()).isEqualTo(LocalDate.of(2026, 11, 20));
    assertThat(find(plant).pot().cm()).isEqualTo(16);
  }

  @Test
  void strikingAnOldMoveLeavesThePlantWhereItStands() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    Entry old = keepers.note(keeper, plant.id(), "moved to bench on 2 Nov");
    keepers.note(keeper, plant.id(), "moved to Sill on 10 Nov");
    keepers.note(keeper, plant.id(), "moved to bench on 20 Nov");
    keepers.as(keeper, () -> journal.retract(old.id()));
    assertThat(find(plant).place().name()).isEqualTo("Bench");
  }

  @Test
  void figuresOfWhatAFeatureKeepsStayWhenItIsReworded() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    keepers.as(keeper, () -> plants.archive(plant.id(), true));
    Entry away = timeline(plant).get(0);
    assertThat(correct(away, "Given to a friend").as(Recorded.class))
        .contains(new Recorded(Recorded.What.ARCHIVED));
    assertThatThrownBy(() -> correct(away, "Gave 3 away")).hasMessageContaining("Change its words");
  }

  @Test
  void anArchivedPlantLeavesTheShelfAndComesBack() {
    PlantView plant = keepers.plant(keeper, sill, "Phalaenopsis");
    keepers.as(keeper, () -> plants.archive(plant.id(), true));
    assertThat(keepers.as(keeper, plants::kept)).isEmpty();
    assertThat(find(plant).archived()).isTrue();
    keepers.as(keeper, () -> plants.archive(plant.id(), false));
    assertThat(keepers.as(keeper, plants::kept)).hasSize(1);
    assertThat(timeline(plant)).hasSize(2).allMatch(e -> e.kind() == NoteKind.RECORDED);
  }

  private PlantView find(PlantView plant) {
    return keepers.as(keeper, () -> plants.find(plant.id()).orElseThrow());
  }

  private List<Entry> timeline(PlantView plant) {
    return keepers.as(keeper, () -> journal.timeline(plant.id(), 20));
  }
}
