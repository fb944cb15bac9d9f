package org.mildlantern.app.diagnose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class WaitingTestTest extends WebCase {
  private static final String SOAK = "firm-after-soak@whole";

  @Autowired WaitingTestService tests;
  @Autowired DiagnoseService diagnose;
  @Autowired JournalService journal;
  @Autowired RoundService rounds;

  private SignedIn keeper;
  private PlantView coleus;

  @BeforeEach
  void aPlant() {
    keeper = keepers.make();
    coleus =
        keepers.plant(
            keeper, keepers.place(keeper, "Sill", PlaceKind.INDOOR), "Coleus scutellarioides");
  }

  private WaitingTestView begun() {
    keepers.as(keeper, () -> tests.begin(coleus.id(), "soak-test", SOAK));
    return keepers.as(keeper, tests::open).get(0);
  }

  @Test
  void aTestIsDueAfterItsDays() {
    WaitingTestView test = begun();
    assertThat(test.startedOn()).isEqualTo(Keepers.TODAY);
    assertThat(test.dueOn()).isEqualTo(Keepers.TODAY.plusDays(4));
    assertThat(keepers.as(keeper, () -> rounds.round(Keepers.TODAY.plusDays(4))).stops())
        .flatExtracting(stop -> stop.items().stream().map(i -> i.task()).toList())
        .contains("read the test");
    assertThat(keepers.as(keeper, () -> rounds.round(Keepers.TODAY.plusDays(3))).stops())
        .flatExtracting(stop -> stop.items().stream().map(i -> i.task()).toList())
        .doesNotContain("read the test");
  }

  @Test
  void beginningTwiceIsBeginningOnce() {
    begun();
    begun();
    assertThat(keepers.as(keeper, tests::open)).hasSize(1);
  }

  @Test
  void theAnswerIsAFindingAndUndoTakesItBack() {
    WaitingTestView test = begun();
    Entry read = keepers.as(keeper, () -> tests.answer(test.id(), true)).orElseThrow();
    assertThat(read.text()).isEqualTo("Test read: Firmer within days of a good soak: yes");
    assertThat(found()).containsExactly(SOAK);
    assertThat(keepers.as(keeper, tests::open)).isEmpty();
    assertThat(keepers.as(keeper, () -> tests.answer(test.id(), true))).isEmpty();
    keepers.as(keeper, () -> journal.retract(read.id()));
    assertThat(found()).isEmpty();
    assertThat(keepers.as(keeper, tests::open)).hasSize(1);
  }

  @Test
  void takingBackTheBeginningDropsTheTest() {
    Entry entry =
        keepers.as(keeper, () -> tests.begin(coleus.id(), "soak-test", SOAK)).orElseThrow();
    keepers.as(keeper, () -> journal.retract(entry.id()));
    assertThat(keepers.as(keeper, tests::open)).isEmpty();
  }

  @Test
  void thePageBeginsATestAndSaysWhenToReadIt() throws Exception {
    String path = "/plants/" + coleus.id();
    post(keeper, path + "/tests", "check", "soak-test", "node", SOAK)
        .andExpect(status().is3xxRedirection());
    get(keeper, path + "/diagnose")
        .andExpect(content().string(containsString("Test under way:")))
        .andExpect(content().string(containsString("in 4 days")));
    post(keeper, path + "/tests", "check", "look-leaves", "node", SOAK)
        .andExpect(status().isBadRequest());
    post(keeper, path + "/tests", "check", "soak-test", "node", "stipple@old-leaves")
        .andExpect(status().isBadRequest());
    get(keeper, "/today").andExpect(content().string(not(containsString("read the test"))));
  }

  @Test
  void anyLookCanBePlannedForTomorrow() {
    keepers
        .as(keeper, () -> tests.begin(coleus.id(), "tissue-swipe", "swipe-streak@underside"))
        .orElseThrow();
    assertThat(keepers.as(keeper, () -> rounds.round(Keepers.TODAY.plusDays(1))).stops())
        .flatExtracting(stop -> stop.items().stream().map(i -> i.task()).toList())
        .contains("look, as planned");
  }

  private List<String> found() {
    return keepers.as(keeper, () -> diagnose.state(coleus.id()).orElseThrow()).findings().stream()
        .map(n -> n.finding().key())
        .toList();
  }
}
