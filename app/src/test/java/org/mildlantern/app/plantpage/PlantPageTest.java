package org.mildlantern.app.plantpage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Weighed;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class PlantPageTest extends WebCase {
  @Autowired JournalService journal;
  @Autowired DiagnoseService diagnose;
  @Autowired CaseService cases;

  private SignedIn keeper;
  private PlantView coleus;
  private String page;

  @BeforeEach
  void aColeus() {
    keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    keepers.place(keeper, "Bench", PlaceKind.OUTDOOR);
    coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    page = "/plants/" + coleus.id();
  }

  private List<Entry> timeline() {
    return keepers.as(keeper, () -> journal.timeline(coleus.id(), 20));
  }

  private CaseView openCase() {
    keepers.as(keeper, () -> diagnose.mark(coleus.id(), "limp-leaves@all-leaves", true));
    return keepers.as(keeper, () -> cases.open(coleus.id(), "too-wet").orElseThrow());
  }

  @Test
  void saysWhoWhereAndInWhat() throws Exception {
    get(keeper, page)
        .andExpect(content().string(containsString("12 cm plastic pot")))
        .andExpect(content().string(containsString("House-plant compost")))
        .andExpect(content().string(containsString("20 °C · 50 %")))
        .andExpect(content().string(containsString("Drawing: Leafy upright stem")))
        .andExpect(content().string(containsString("Nothing written yet")));
  }

  @Test
  void aQuickLineIsWrittenAndABadOneIsKept() throws Exception {
    htmx(keeper, page + "/entries", "line", "watered 240")
        .andExpect(content().string(containsString("Watered 240")));
    htmx(keeper, page + "/entries", "line", "moved to Mars")
        .andExpect(content().string(containsString("No place is called that")))
        .andExpect(content().string(containsString("value=\"moved to Mars\"")));
    htmx(keeper, page + "/entries", "line", " ")
        .andExpect(content().string(containsString("Write what you did")));
    post(keeper, page + "/entries", "line", "probe sideways")
        .andExpect(status().isUnprocessableEntity());
    assertThat(timeline()).hasSize(1);
  }

  @Test
  void aMoveShowsAndUndoingItBringsThePlantBack() throws Exception {
    post(keeper, page + "/entries", "line", "moved to bench").andExpect(redirectedUrl(page));
    get(keeper, page).andExpect(content().string(containsString("Moved from Sill to Bench")));
    post(keeper, "/entries/" + timeline().get(0).id() + "/undo", "from", "plant")
        .andExpect(redirectedUrl(page));
    get(keeper, page).andExpect(content().string(not(containsString("Moved from Sill"))));
  }

  @Test
  void aCorrectionSupersedesAndAnEmptyOneIsRefused() throws Exception {
    post(keeper, page + "/entries", "line", "watered 240");
    Long id = timeline().get(0).id();
    post(keeper, "/entries/" + id + "/correct", "text", " ")
        .andExpect(status().isUnprocessableEntity());
    post(keeper, "/entries/" + id + "/correct", "text", "Watered 260")
        .andExpect(redirectedUrl(page));
    post(keeper, "/entries/" + id + "/correct", "text", "Watered 280")
        .andExpect(redirectedUrl(page));
    get(keeper, page)
        .andExpect(content().string(containsString("Watered 280")))
        .andExpect(content().string(not(containsString("Watered 260"))))
        .andExpect(content().string(containsString("corrected")));
  }

  private Long sent(int day, double grams) {
    return keepers
        .as(
            keeper,
            () ->
                journal.write(
                    new Entry(
                            coleus.id(),
                            LocalDate.of(2026, 11, day).atTime(7, 0).toInstant(ZoneOffset.UTC),
                            new Weighed(grams, Weighed.State.AS_IT_WAS))
                        .sentAs("scale " + day)))
        .id();
  }

  /** The 15th was a Sunday. */
  @Test
  void whatAScaleSendsIsOneLineAWeek() throws Exception {
    sent(15, 420);
    Long monday = sent(16, 410);
    sent(17, 401);
    sent(18, 392);
    Long sunday = sent(22, 380);
    post(keeper, page + "/entries", "line", "watered 240");
    get(keeper, page)
        .andExpect(content().string(containsString("4 readings since Mon 16 Nov:")))
        .andExpect(content().string(containsString("Weighed 410 g")))
        .andExpect(content().string(containsString("Weighed 380 g")))
        .andExpect(content().string(containsString("Weighed 420 g")))
        .andExpect(content().string(not(containsString("Weighed 401 g"))));
    get(keeper, "/entries/" + monday + "/to/" + sunday)
        .andExpect(content().string(containsString("Weighed 401 g")))
        .andExpect(content().string(not(containsString("Weighed 420 g"))));
    get(keepers.make(), "/entries/" + monday + "/to/" + sunday).andExpect(status().isNotFound());
  }

  @Test
  void readingsStayBetweenTheRowsOfTheirPage() throws Exception {
    sent(16, 410);
    sent(17, 405);
    for (int line = 0; line < 31; line++) {
      post(keeper, page + "/entries", "line", "watered " + (100 + line));
    }
    sent(24, 380);
    get(keeper, page)
        .andExpect(content().string(containsString("Weighed 380 g")))
        .andExpect(content().string(not(containsString("Weighed 405 g"))));
    get(keeper, page + "?log=2")
        .andExpect(content().string(containsString("2 readings since Mon 16 Nov:")))
        .andExpect(content().string(not(containsString("Weighed 380 g"))));
  }

  @Test
  void aChangeOfCareInsideTheWindowAsksForAReason() throws Exception {
    openCase();
    htmx(keeper, page + "/entries", "line", "fed 60 ppm")
        .andExpect(content().string(containsString("under test until")))
        .andExpect(content().string(containsString("value=\"fed 60 ppm\"")));
    htmx(keeper, page + "/entries", "line", "watered")
        .andExpect(content().string(not(containsString("under test until"))));
    htmx(keeper, page + "/entries", "line", "fed 60 ppm", "reason", "label said so");
    get(keeper, page)
        .andExpect(content().string(containsString("Confounded:")))
        .andExpect(content().string(containsString("label said so")));
  }

  @Test
  void theCaseGoesItsWholeWayWithoutScript() throws Exception {
    keepers.as(keeper, () -> diagnose.mark(coleus.id(), "limp-leaves@all-leaves", true));
    get(keeper, page + "/cases/new?cause=too-wet")
        .andExpect(content().string(containsString("The one change now")))
        .andExpect(content().string(containsString("no feed")));
    get(keeper, page + "/cases/new?cause=cup-stale").andExpect(status().isNotFound());
    post(keeper, page + "/cases/new", "cause", "too-wet").andExpect(status().is3xxRedirection());
    CaseView open = keepers.as(keeper, () -> cases.openOf(coleus.id()).orElseThrow());
    String path = "/cases/" + open.id();
    post(keeper, page + "/cases/new", "cause", "too-dry")
        .andExpect(redirectedUrl(page + "/cases/new?cause=too-dry"));
    get(keeper, path).andExpect(content().string(containsString("Better would be")));
    post(keeper, path + "/next", "change", "shade").andExpect(redirectedUrl(path + "#next"));
    post(keeper, path + "/response", "outcome", "SAME").andExpect(redirectedUrl(path));
    post(keeper, path + "/response", "outcome", "SIDEWAYS").andExpect(status().isBadRequest());
    get(keeper, path).andExpect(content().string(containsString("Decide what next")));
    post(keeper, path + "/keep").andExpect(redirectedUrl(path));
    post(keeper, path + "/undo-change").andExpect(redirectedUrl(path));
    get(keeper, path).andExpect(content().string(containsString("undone")));
    post(keeper, path + "/next", "change", "repot-fresh").andExpect(redirectedUrl(path));
    post(keeper, path + "/close", "outcome", "NOT_IT", "learned", "<i>It was dry</i>")
        .andExpect(redirectedUrl(path));
    get(keeper, path)
        .andExpect(content().string(containsString("it was something else")))
        .andExpect(content().string(containsString("&lt;i&gt;It was dry")));
    get(keeper, "/cases").andExpect(content().string(containsString("Closed")));
    post(keeper, path + "/close", "outcome", "HEALED").andExpect(status().isNotFound());
  }

  @Test
  void whatWasReadIsReadBackAndWhatWasNotIsSaid() throws Exception {
    htmx(keeper, page + "/entries", "line", "fed 300 ml of 60 ppm on 20 Nov")
        .andExpect(content().string(containsString("Read 300 ml and 60 ppm for Fri 20 Nov.")));
    htmx(keeper, page + "/entries", "line", "watered 300 ml at 380 ppm")
        .andExpect(content().string(containsString("Read 300 ml.")))
        .andExpect(content().string(containsString("Not read: 380 ppm.")));
    htmx(keeper, page + "/entries", "line", "new root tip, 3 mm")
        .andExpect(content().string(containsString("Kept as a note.")));
    htmx(keeper, page + "/entries", "line", "watered 1,000 ml")
        .andExpect(content().string(containsString("is that 1000 or 1?")))
        .andExpect(content().string(containsString("value=\"watered 1,000 ml\"")));
  }

  @Test
  void aNoteThatSaysWhatWasSeenIsOfferedAsALook() throws Exception {
    htmx(keeper, page + "/entries", "line", "webs under the leaves & limp")
        .andExpect(content().string(containsString("Take it as a look")))
        .andExpect(content().string(containsString("webs%20under%20the%20leaves%20%26%20limp")));
    for (String line : new String[] {"a cousin came to see it", "watered 240"}) {
      htmx(keeper, page + "/entries", "line", line)
          .andExpect(content().string(not(containsString("Take it as a look"))));
    }
  }

  @Test
  void aCorrectionThatCannotBeIsSaidByItAndKept() throws Exception {
    htmx(keeper, page + "/entries", "line", "watered 240");
    Long id = keepers.as(keeper, () -> journal.timeline(coleus.id(), 1)).get(0).id();
    post(keeper, "/entries/" + id + "/correct", "text", "watered 900000")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("at most 20000 ml")))
        .andExpect(content().string(containsString("value=\"watered 900000\"")));
    assertThat(keepers.as(keeper, () -> journal.timeline(coleus.id(), 1)).get(0).text())
        .isEqualTo("Watered 240");
  }

  @Test
  void olderEntriesCanBeOpened() throws Exception {
    for (int i = 1; i <= 45; i++) {
      post(keeper, page + "/entries", "line", "looked, number " + i);
    }
    get(keeper, page)
        .andExpect(content().string(containsString("number 45")))
        .andExpect(content().string(not(containsString("number 5<"))))
        .andExpect(content().string(containsString(page + "?log=2#log")))
        .andExpect(content().string(not(containsString("Newer entries"))));
    get(keeper, page + "?log=2")
        .andExpect(content().string(containsString("number 1<")))
        .andExpect(content().string(containsString("Newer entries")))
        .andExpect(content().string(not(containsString("Older entries"))));
    get(keeper, page + "?log=99999999").andExpect(status().isOk());
    get(keeper, page + "?log=many").andExpect(status().isBadRequest());
  }

  @Test
  void anEntryIsChangedWhereItStandsOrOnAPageOfItsOwn() throws Exception {
    htmx(keeper, page + "/entries", "line", "watered 240");
    Long id = keepers.as(keeper, () -> journal.timeline(coleus.id(), 1)).get(0).id();
    part(keeper, "/entries/" + id + "/change")
        .andExpect(content().string(containsString("value=\"Watered 240\"")))
        .andExpect(content().string(not(containsString("<html"))));
    get(keeper, "/entries/" + id + "/change")
        .andExpect(content().string(containsString("value=\"Watered 240\"")))
        .andExpect(content().string(containsString("Back to the plant")));
    post(keeper, "/entries/" + id + "/undo", "from", "plant");
    get(keeper, "/entries/" + id + "/change").andExpect(status().isNotFound());
  }
}
