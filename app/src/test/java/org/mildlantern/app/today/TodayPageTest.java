package org.mildlantern.app.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class TodayPageTest extends WebCase {
  @Autowired RoundService rounds;
  @Autowired JournalService journal;
  @Autowired PlantService plants;
  @Autowired DiagnoseService diagnose;
  @Autowired CaseService cases;

  private SignedIn keeper;
  private PlaceView quarantine;
  private PlaceView sill;
  private PlaceView bench;

  @BeforeEach
  void places() {
    keeper = keepers.make();
    quarantine = keepers.place(keeper, "Quarantine", PlaceKind.QUARANTINE);
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    bench = keepers.place(keeper, "Bench", PlaceKind.OUTDOOR);
  }

  private Round today() {
    return keepers.as(keeper, () -> rounds.round(Keepers.TODAY));
  }

  private Entry last(PlantView plant) {
    return keepers.as(keeper, () -> journal.timeline(plant.id(), 1)).get(0);
  }

  @Test
  void cleanPlacesComeFirstThenCatchingOnesThenQuarantine() {
    keepers.plant(keeper, quarantine, "Hoya kerrii");
    PlantView sick = keepers.plant(keeper, sill, "Coleus scutellarioides");
    keepers.plant(keeper, bench, "Coleus scutellarioides");
    keepers.as(keeper, () -> diagnose.mark(sick.id(), "stipple@old-leaves", true));
    keepers.as(keeper, () -> cases.open(sick.id(), "spider-mites"));
    List<Round.Stop> stops = today().stops();
    assertThat(stops)
        .extracting(s -> s.place().name())
        .containsExactly("Bench", "Sill", "Quarantine");
    assertThat(stops).extracting(Round.Stop::washFirst).containsExactly(false, true, false);
  }

  @Test
  void anAnswerInPlaceSetsTheNextDayAndCanBeUndone() throws Exception {
    PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    assertThat(today().due()).isEqualTo(1);
    htmx(keeper, "/today/plants/" + coleus.id() + "/water", "answer", "damp")
        .andExpect(status().isOk())
        .andExpect(header().string("HX-Trigger-After-Settle", "kept"))
        .andExpect(content().string(containsString("Felt damp")))
        .andExpect(content().string(containsString("data-undo")));
    assertThat(today().due()).isZero();
    assertThat(today().done()).isEqualTo(1);
    htmx(keeper, "/entries/" + last(coleus).id() + "/undo").andExpect(status().isOk());
    assertThat(today().due()).isEqualTo(1);
  }

  /** The day on which the plant's pot is next due. */
  private LocalDate dueOn(PlantView plant) {
    Board board = rounds.board();
    return Stream.iterate(Keepers.TODAY, day -> day.plusDays(1))
        .limit(60)
        .filter(
            day ->
                board.agenda().on(day).stream()
                    .anyMatch(task -> task.work().plant().id().equals(plant.id())))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void eachAnswerMovesTheNextLook() throws Exception {
    List<LocalDate> due = new ArrayList<>();
    for (String answer : List.of("dry", "damp", "wet", "watered")) {
      PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
      post(keeper, "/today/plants/" + coleus.id() + "/water", "answer", answer)
          .andExpect(redirectedUrl("/today"));
      due.add(keepers.as(keeper, () -> dueOn(coleus)));
    }
    assertThat(due).isSorted();
    assertThat(due.get(0)).isEqualTo(Keepers.TODAY.plusDays(1));
    assertThat(due.get(3)).isAfter(due.get(1)).isBefore(Keepers.TODAY.plusDays(15));
  }

  @Test
  void aSkippedPotComesBackTomorrow() throws Exception {
    PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    htmx(keeper, "/today/plants/" + coleus.id() + "/water", "answer", "no-time")
        .andExpect(content().string(containsString("Not looked at: no time")));
    assertThat(keepers.as(keeper, () -> dueOn(coleus))).isEqualTo(Keepers.TODAY.plusDays(1));
    keepers.as(keeper, () -> journal.retract(last(coleus).id()));
    assertThat(today().due()).isEqualTo(1);
  }

  @Test
  void aWholePlaceIsWateredAtOnceAndEachPotUndoneByItself() throws Exception {
    PlantView first = keepers.plant(keeper, sill, "Coleus scutellarioides");
    keepers.plant(keeper, sill, "Coleus scutellarioides");
    get(keeper, "/today")
        .andExpect(content().string(containsString("all of this place was watered")));
    htmx(keeper, "/today/places/" + sill.id() + "/watered").andExpect(status().isOk());
    assertThat(today().due()).isZero();
    htmx(keeper, "/entries/" + last(first).id() + "/undo").andExpect(status().isOk());
    assertThat(today().due()).isEqualTo(1);
    htmx(keeper, "/today/places/999999/watered").andExpect(status().isNotFound());
  }

  @Test
  void aNonsenseAnswerIsRefused() throws Exception {
    PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    htmx(keeper, "/today/plants/" + coleus.id() + "/water", "answer", "purple")
        .andExpect(status().isBadRequest());
  }

  @Test
  void answeringTwiceFromTwoTabsKeepsBothAndUndoesOneByOne() throws Exception {
    PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    htmx(keeper, "/today/plants/" + coleus.id() + "/water", "answer", "watered");
    htmx(keeper, "/today/plants/" + coleus.id() + "/water", "answer", "watered");
    Entry second = last(coleus);
    htmx(keeper, "/entries/" + second.id() + "/undo").andExpect(status().isOk());
    htmx(keeper, "/entries/" + second.id() + "/undo").andExpect(status().isNotFound());
    assertThat(keepers.as(keeper, () -> journal.timeline(coleus.id(), 9))).hasSize(1);
  }

  @Test
  void anotherDayShowsWhatWasDoneOrWillBeDue() throws Exception {
    PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    keepers.note(keeper, coleus.id(), "watered 200");
    LocalDate due = keepers.as(keeper, () -> dueOn(coleus));
    get(keeper, "/today?day=" + due)
        .andExpect(content().string(containsString("feel the pot")))
        .andExpect(content().string(not(containsString("data-answer"))));
    get(keeper, "/today?day=" + Keepers.TODAY.minusDays(3))
        .andExpect(content().string(containsString("Nothing was noted on this day.")));
    get(keeper, "/today?day=soon").andExpect(status().isUnprocessableEntity());
  }

  @Test
  void theRibbonAndTheShelfRenewThemselves() throws Exception {
    keepers.plant(keeper, quarantine, "Hoya kerrii");
    get(keeper, "/frame/ribbon")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Monday 23 November")))
        .andExpect(content().string(not(containsString("<html"))));
    get(keeper, "/frame/shelf")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("in quarantine")))
        .andExpect(content().string(containsString("Hoya kerrii")));
  }

  @Test
  void anArchivedPlantIsNotOnTheRound() {
    PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    keepers.as(keeper, () -> plants.archive(coleus.id(), true));
    assertThat(today().empty()).isTrue();
  }
}
