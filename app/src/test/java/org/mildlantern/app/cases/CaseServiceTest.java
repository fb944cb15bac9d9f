package org.mildlantern.app.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.diagnose.LookState;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.Board;
import org.mildlantern.app.today.Lamp;
import org.mildlantern.app.today.Round;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.app.today.WorkCounts;
import org.mildlantern.core.diagnosis.Response.Outcome;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class CaseServiceTest {
  @Autowired Keepers keepers;
  @Autowired CaseService cases;
  @Autowired DiagnoseService diagnose;
  @Autowired JournalService journal;
  @Autowired PlantNotes notes;
  @Autowired RoundService rounds;
  @Autowired WorkCounts work;
  @Autowired TestClock clock;

  private SignedIn keeper;
  private PlaceView sill;
  private PlantView coleus;

  @BeforeEach
  void aWiltingColeus() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    mark("limp-leaves@all-leaves", true);
    mark("medium-dust-dry@medium", true);
  }

  @AfterEach
  void resetClock() {
    clock.reset();
  }

  private void mark(String node, Boolean there) {
    as(() -> diagnose.mark(coleus.id(), node, there));
  }

  private <T> T as(Supplier<T> work) {
    return keepers.as(keeper, work);
  }

  private double probability(String cause) {
    LookState state = as(() -> diagnose.state(coleus.id()).orElseThrow());
    return state.diagnosis().of(cause).orElseThrow().probability();
  }

  private CaseView open(String cause) {
    return as(() -> cases.open(coleus.id(), cause).orElseThrow());
  }

  @Test
  void openingSetsTheOneChangeAndTheDay() {
    CaseView opened = open("too-dry");
    assertThat(opened.current().change().id()).isEqualTo("soak-through");
    assertThat(opened.current().window().lookOn()).isEqualTo(Keepers.TODAY.plusDays(4));
    assertThat(opened.probability()).isGreaterThan(0.5);
    assertThat(opened.number()).isEqualTo(1);
    assertThat(as(() -> journal.timeline(coleus.id(), 9)))
        .extracting(Entry::text)
        .anyMatch(t -> t.startsWith("Looked: Limp leaves"))
        .anyMatch(t -> t.startsWith("Case 1 opened: Too dry"));
  }

  @Test
  void onlyOneCaseAtATime() {
    open("too-dry");
    assertThatThrownBy(() -> open("too-wet")).isInstanceOf(IllegalStateException.class);
  }

  @Test
  void aCauseThatCannotStrikeTheFormOpensNothing() {
    assertThat(as(() -> cases.open(coleus.id(), "cup-stale"))).isEmpty();
    assertThat(as(() -> cases.open(coleus.id(), "no-such"))).isEmpty();
  }

  @Test
  void itShowsOnTheLampTheRibbonAndItsDay() {
    CaseView opened = open("too-dry");
    Board board = as(rounds::board);
    assertThat(board.lamp(coleus)).isEqualTo(Lamp.LOW);
    Map<java.time.LocalDate, Map<Work, Integer>> counts =
        as(() -> work.of(board, Keepers.TODAY, Keepers.TODAY.plusDays(9)));
    assertThat(counts.get(opened.current().window().lookOn())).containsEntry(Work.LOOK, 1);
    clock.forward(Duration.ofDays(4));
    assertThat(as(rounds::board).lamp(coleus)).isEqualTo(Lamp.BRIGHT);
    Round round = as(() -> rounds.round(opened.current().window().lookOn()));
    assertThat(round.stops().get(0).items()).anyMatch(i -> i.task().equals("look again"));
  }

  @Test
  void betterRaisesTheSuspicionAndUndoTakesItBack() {
    CaseView opened = open("too-dry");
    double before = probability("too-dry");
    clock.forward(Duration.ofDays(4));
    Entry entry = as(() -> cases.respond(opened.id(), Outcome.BETTER).orElseThrow());
    double after = probability("too-dry");
    assertThat(after).isGreaterThan(before);
    CaseView decided = find(opened);
    assertThat(decided.current().toDecide()).isTrue();
    assertThat(decided.current().answer().probabilityAfter()).isEqualTo(after);
    assertThat(as(() -> cases.respond(opened.id(), Outcome.WORSE))).isEmpty();
    as(() -> journal.retract(entry.id()));
    assertThat(find(opened).current().waiting()).isTrue();
    assertThat(probability("too-dry")).isEqualTo(before);
  }

  @Test
  void worseLowersIt() {
    CaseView opened = open("too-dry");
    double before = probability("too-dry");
    clock.forward(Duration.ofDays(4));
    as(() -> cases.respond(opened.id(), Outcome.WORSE));
    assertThat(probability("too-dry")).isLessThan(before);
  }

  @Test
  void keepingOnMakesANewWindow() {
    CaseView opened = open("too-dry");
    clock.forward(Duration.ofDays(4));
    as(() -> cases.respond(opened.id(), Outcome.SAME));
    CaseView kept = as(() -> cases.keep(opened.id()).orElseThrow());
    assertThat(kept.changes()).hasSize(2);
    assertThat(kept.current().change().id()).isEqualTo("soak-through");
    assertThat(kept.current().window().lookOn()).isEqualTo(Keepers.TODAY.plusDays(8));
  }

  @Test
  void keepingBeforeTheAnswerChangesNothing() {
    CaseView opened = open("too-dry");
    assertThat(as(() -> cases.keep(opened.id()).orElseThrow()).changes()).hasSize(1);
  }

  @Test
  void aSecondChangeInsideTheWindowNeedsAReasonAndConfounds() {
    CaseView opened = open("too-dry");
    assertThatThrownBy(() -> as(() -> cases.next(opened.id(), "shade", " ")))
        .isInstanceOf(CaseService.WindowOpen.class)
        .hasMessageContaining("say why");
    CaseView next = as(() -> cases.next(opened.id(), "shade", "a heat wave").orElseThrow());
    assertThat(next.changes().get(0).confoundedBy()).contains("a heat wave");
    assertThat(next.current().change().id()).isEqualTo("shade");
  }

  @Test
  void aCareEntryInsideTheWindowConfounds() {
    CaseView opened = open("too-dry");
    Entry fed = keepers.note(keeper, coleus.id(), "fed 60 ppm");
    confound(fed);
    assertThat(find(opened).current().confoundedBy()).isEqualTo("Fed 60 ppm: it was flowering");
    assertThat(as(() -> cases.openWindow(coleus.id()))).isPresent();
    clock.forward(Duration.ofDays(5));
    assertThat(as(() -> cases.openWindow(coleus.id()))).isEmpty();
  }

  @Test
  void closingKeepsWhatWasLearnedAndUndoReopens() {
    CaseView opened = open("too-dry");
    CaseView closed =
        as(
            () ->
                cases
                    .close(opened.id(), org.mildlantern.app.cases.Outcome.HEALED, "It was thirst.")
                    .orElseThrow());
    assertThat(closed.open()).isFalse();
    assertThat(closed.learned()).isEqualTo("It was thirst.");
    assertThat(as(() -> cases.openOf(coleus.id()))).isEmpty();
    Entry last = as(() -> journal.timeline(coleus.id(), 1)).get(0);
    as(() -> journal.retract(last.id()));
    assertThat(find(opened).open()).isTrue();
    assertThat(find(opened).current().waiting()).isTrue();
  }

  private void strikeNewest() {
    Entry newest = as(() -> journal.timeline(coleus.id(), 1)).get(0);
    as(() -> journal.retract(newest.id()));
  }

  @Test
  void strikingTheNextChangeBringsTheOneBeforeBack() {
    CaseView opened = open("too-dry");
    as(() -> cases.next(opened.id(), "shade", "a heat wave"));
    assertThat(find(opened).changes().get(0).confounded()).isTrue();
    strikeNewest();
    assertThat(find(opened).changes()).hasSize(1);
    assertThat(find(opened).current().change().id()).isEqualTo("soak-through");
    assertThat(find(opened).current().waiting()).isTrue();
    assertThat(find(opened).current().confounded()).isFalse();
  }

  @Test
  void strikingWhatWasKeptOnAsksForTheDecisionAgain() {
    CaseView opened = open("too-dry");
    clock.forward(Duration.ofDays(4));
    as(() -> cases.respond(opened.id(), Outcome.SAME));
    as(() -> cases.keep(opened.id()));
    strikeNewest();
    assertThat(find(opened).changes()).hasSize(1);
    assertThat(find(opened).current().toDecide()).isTrue();
  }

  @Test
  void strikingAnUndoneChangePutsItUnderTestAgain() {
    CaseView opened = open("too-dry");
    as(() -> cases.undoChange(opened.id()));
    assertThat(find(opened).current()).isNull();
    strikeNewest();
    assertThat(find(opened).current().waiting()).isTrue();
    assertThat(find(opened).current().state().undoneOn()).isNull();
  }

  @Test
  void strikingAnOldStepLeavesTheNewerOneAlone() {
    CaseView opened = open("too-dry");
    as(() -> cases.next(opened.id(), "shade", "a heat wave"));
    Entry older = as(() -> journal.timeline(coleus.id(), 1)).get(0);
    as(() -> cases.next(opened.id(), "soak-through", "still limp"));
    as(() -> journal.retract(older.id()));
    assertThat(find(opened).changes()).hasSize(3);
    assertThat(find(opened).changes()).filteredOn(CaseView.Step::current).hasSize(1);
    assertThat(find(opened).current().change().id()).isEqualTo("soak-through");
  }

  @Test
  void anAnswerTakenBackDoesNotReviveAChangeThatEnded() {
    CaseView opened = open("too-dry");
    clock.forward(Duration.ofDays(4));
    Entry answer = as(() -> cases.respond(opened.id(), Outcome.SAME).orElseThrow());
    as(() -> cases.keep(opened.id()));
    as(() -> journal.retract(answer.id()));
    assertThat(find(opened).changes()).filteredOn(CaseView.Step::current).hasSize(1);
  }

  @Test
  void undoingTheOpeningTakesTheCaseBack() {
    CaseView opened = open("too-dry");
    Entry entry =
        as(() -> journal.timeline(coleus.id(), 9)).stream()
            .filter(e -> e.text().contains("opened"))
            .findFirst()
            .orElseThrow();
    as(() -> journal.retract(entry.id()));
    assertThat(find(opened).outcome()).isEqualTo(org.mildlantern.app.cases.Outcome.TAKEN_BACK);
  }

  private Entry correct(Entry entry, String text) {
    return as(() -> notes.correct(entry.id(), text, null)).orElseThrow();
  }

  @Test
  void rewordingWhatACaseWroteDoesNotDeceiveItsUndo() {
    CaseView opened = open("too-dry");
    Entry opening = as(() -> journal.timeline(coleus.id(), 1)).get(0);
    Entry reworded = correct(opening, "We suspect thirst: " + figures(opening));
    as(() -> journal.retract(reworded.id()));
    assertThat(find(opened).outcome()).isEqualTo(org.mildlantern.app.cases.Outcome.TAKEN_BACK);
    CaseView again = open("too-dry");
    as(() -> cases.close(again.id(), org.mildlantern.app.cases.Outcome.HEALED, ""));
    Entry closing = as(() -> journal.timeline(coleus.id(), 1)).get(0);
    Entry told =
        correct(closing, "Done with case " + again.number() + ", which was opened: gladly");
    as(() -> journal.retract(told.id()));
    assertThat(find(again).open()).isTrue();
  }

  private static String figures(Entry entry) {
    return String.join(" ", entry.text().replaceAll("\\D+", " ").strip().split(" "));
  }

  @Test
  void whatConfoundsIsHeldByItsEntryNotByItsWords() {
    CaseView opened = open("too-dry");
    Entry fed = keepers.note(keeper, coleus.id(), "fed 60 ppm");
    confound(fed);
    Entry reworded = correct(fed, "Fed 60 ppm N with the can");
    assertThat(find(opened).current().confounded()).isTrue();
    as(() -> journal.retract(reworded.id()));
    assertThat(find(opened).current().confounded()).isFalse();
    Entry again = keepers.note(keeper, coleus.id(), "fed 60 ppm");
    confound(again);
    correct(again, "Watered 200, plain");
    assertThat(find(opened).current().confounded()).isFalse();
  }

  private void confound(Entry entry) {
    as(
        () -> {
          cases.confound(entry, "it was flowering");
          return null;
        });
  }

  @Test
  void aNeighboursCaseIsEvidence() {
    PlantView other = keepers.plant(keeper, sill, "Goeppertia orbifolia");
    Optional<LookState> before = as(() -> diagnose.state(other.id()));
    mark("stipple@old-leaves", true);
    open("spider-mites");
    Optional<LookState> after = as(() -> diagnose.state(other.id()));
    assertThat(after.orElseThrow().diagnosis().of("spider-mites").orElseThrow().probability())
        .isGreaterThan(
            before.orElseThrow().diagnosis().of("spider-mites").orElseThrow().probability());
  }

  @Test
  void aNewLookStartsFromTheCasesFindings() {
    open("too-dry");
    mark("medium-dust-dry@medium", false);
    List<LookState.Noted> now = as(() -> diagnose.state(coleus.id()).orElseThrow()).findings();
    assertThat(now).hasSize(2);
    assertThat(now).anyMatch(n -> !n.finding().present());
  }

  private CaseView find(CaseView opened) {
    return as(() -> cases.find(opened.id()).orElseThrow());
  }

  @Test
  void whatIsTooLongIsRefusedAndNothingIsCut() {
    CaseView opened = open("too-wet");
    String longest = "x".repeat(1000);
    assertThatThrownBy(
            () ->
                as(
                    () ->
                        cases.close(
                            opened.id(), org.mildlantern.app.cases.Outcome.HEALED, longest + "x")))
        .hasMessage("At most 1000 characters; yours are 1001.");
    assertThatThrownBy(() -> as(() -> cases.next(opened.id(), "soak-through", "y".repeat(301))))
        .hasMessage("At most 300 characters; yours are 301.");
    assertThat(as(() -> cases.find(opened.id())).orElseThrow().open()).isTrue();
    CaseView closed =
        as(() -> cases.close(opened.id(), org.mildlantern.app.cases.Outcome.HEALED, longest))
            .orElseThrow();
    assertThat(closed.learned()).isEqualTo(longest);
    assertThat(as(() -> journal.timeline(coleus.id(), 1)).get(0).text()).endsWith(longest);
  }
}
