package org.mildlantern.app.seasons;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.BloomForecast;
import org.mildlantern.core.season.Stage;
import org.springframework.beans.factory.annotation.Autowired;

/** A stage is a note in the day book, and what it means for the plant goes with it. */
@AppTest
class StageNotesTest {
  @Autowired TestClock clock;
  @Autowired Keepers keepers;
  @Autowired PlantService plants;
  @Autowired PlantNotes notes;
  @Autowired JournalService journal;
  @Autowired Blooms blooms;
  @Autowired PlantSeasons seasons;

  private SignedIn keeper;
  private PlaceView sill;
  private Long id;

  @BeforeEach
  void anOrchid() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    id = keepers.as(keeper, () -> plants.add(Keepers.bare(sill, "Phalaenopsis"))).id();
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private PlantView plant() {
    return keepers.as(keeper, () -> plants.find(id)).orElseThrow();
  }

  @Test
  void aNoteBringsThePlantToItsStageOnItsDay() {
    keepers.note(keeper, id, "new spike 12 Nov");
    assertThat(plant().noted()).contains(Stage.BUD);
    assertThat(plant().stageSince()).isEqualTo(LocalDate.of(2026, 11, 12));
  }

  @Test
  void whatIsTakenBackLeavesWhatWasBefore() {
    keepers.note(keeper, id, "new spike 12 Nov");
    Entry flower = keepers.note(keeper, id, "first flower open");
    assertThat(plant().noted()).contains(Stage.FLOWER);
    keepers.as(keeper, () -> journal.retract(flower.id()));
    assertThat(plant().noted()).contains(Stage.BUD);
    assertThat(plant().stageSince()).isEqualTo(LocalDate.of(2026, 11, 12));
  }

  @Test
  void aCorrectedDayMovesTheStage() {
    Entry spike = keepers.note(keeper, id, "new spike");
    keepers.as(keeper, () -> notes.correct(spike.id(), "new spike", LocalDate.of(2026, 11, 2)));
    assertThat(plant().stageSince()).isEqualTo(LocalDate.of(2026, 11, 2));
  }

  @Test
  void theFormWritesWhatItChangesIntoTheDayBook() {
    keepers.as(
        keeper,
        () ->
            plants.edit(
                id,
                new PlantForm(
                    plant().code(),
                    "Phalaenopsis",
                    null,
                    sill.id(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    Stage.BUD,
                    null,
                    "")));
    assertThat(plant().noted()).contains(Stage.BUD);
    assertThat(keepers.as(keeper, () -> journal.timeline(id, 5)))
        .extracting(Entry::kind)
        .contains(NoteKind.STAGE);
  }

  @Test
  void itsOwnBloomNarrowsTheNext() {
    keepers.note(keeper, id, "new spike");
    Optional<BloomForecast> first = forecast();
    clock.forward(Duration.ofDays(90));
    keepers.note(keeper, id, "first flower open");
    clock.forward(Duration.ofDays(200));
    keepers.note(keeper, id, "new spike");
    BloomForecast second = forecast().orElseThrow();
    long before = days(first.orElseThrow());
    assertThat(days(second)).isLessThan(before);
  }

  private Optional<BloomForecast> forecast() {
    PlantView plant = plant();
    return keepers.as(keeper, () -> blooms.of(plant, seasons.course(plant)));
  }

  private static long days(BloomForecast forecast) {
    return Duration.between(forecast.from().atStartOfDay(), forecast.to().atStartOfDay()).toDays();
  }
}
