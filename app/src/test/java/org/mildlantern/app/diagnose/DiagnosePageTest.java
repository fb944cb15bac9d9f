package org.mildlantern.app.diagnose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class DiagnosePageTest extends WebCase {
  @Autowired DiagnoseService diagnose;

  private SignedIn keeper;
  private String base;
  private PlantView coleus;

  @BeforeEach
  void aColeus() {
    keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    base = "/plants/" + coleus.id() + "/diagnose";
  }

  private LookState state() {
    return keepers.as(keeper, () -> diagnose.state(coleus.id()).orElseThrow());
  }

  @Test
  void aClickMarksAndAnswersWithThePanelAlone() throws Exception {
    htmx(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "present", "part", "oldest")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("id=\"panel\"")))
        .andExpect(content().string(containsString("Spider mites")))
        .andExpect(content().string(not(containsString("<html"))));
    assertThat(state().findings()).hasSize(1);
  }

  @Test
  void withoutScriptTheSameFormLeadsBackToThePart() throws Exception {
    post(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "absent", "part", "oldest")
        .andExpect(redirectedUrl(base + "?part=oldest"));
    assertThat(state().findings()).singleElement().matches(n -> !n.finding().present());
  }

  @Test
  void theThirdClickTakesTheFindingOut() throws Exception {
    htmx(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "present");
    htmx(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "absent");
    htmx(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "none");
    assertThat(state().findings()).isEmpty();
  }

  @Test
  void markingTwiceIsMarkingOnce() throws Exception {
    htmx(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "present");
    htmx(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "present");
    assertThat(state().findings()).hasSize(1);
  }

  @Test
  void aSignThatCannotSitOnThisPlantIsRefused() throws Exception {
    htmx(keeper, base + "/mark", "node", "cup-foul@cup", "state", "present")
        .andExpect(status().isBadRequest());
    htmx(keeper, base + "/mark", "node", "nonsense", "state", "present")
        .andExpect(status().isBadRequest());
    assertThat(state().started()).isFalse();
  }

  @Test
  void anUnknownPartShowsTheWholePlant() throws Exception {
    get(keeper, base + "?part=wings")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("<h2>Whole plant</h2>")));
  }

  @Test
  void howManyAndWhichLeavesAreKeptAndEscaped() throws Exception {
    htmx(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "present");
    htmx(
            keeper,
            base + "/note",
            "node",
            "stipple@old-leaves",
            "detail",
            "<b>3 of 7</b> " + "x".repeat(200))
        .andExpect(content().string(containsString("&lt;b&gt;3 of 7")));
    assertThat(state().findings().get(0).detail()).hasSize(214);
    htmx(keeper, base + "/note", "node", "stipple@old-leaves", "detail", "x".repeat(1001))
        .andExpect(status().isBadRequest());
    assertThat(state().findings().get(0).detail()).hasSize(214);
  }

  @Test
  void savingWritesTheFindingsDownAndStartsAfresh() throws Exception {
    post(keeper, base + "/save").andExpect(redirectedUrl("/plants/" + coleus.id()));
    htmx(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "present");
    htmx(keeper, base + "/mark", "node", "webbing@joints", "state", "absent");
    post(keeper, base + "/save").andExpect(redirectedUrl("/plants/" + coleus.id()));
    assertThat(state().started()).isFalse();
    get(keeper, "/plants/" + coleus.id())
        .andExpect(
            content().string(containsString("Looked: Fine pale stipple, oldest leaves first")))
        .andExpect(content().string(containsString("Not there: Fine webbing")));
  }

  @Test
  void startingOverForgetsTheMarks() throws Exception {
    htmx(keeper, base + "/mark", "node", "stipple@old-leaves", "state", "present");
    post(keeper, base + "/discard").andExpect(redirectedUrl(base));
    assertThat(state().findings()).isEmpty();
  }

  @Test
  void aPartIsPickedOnTheDrawingOrInTheList() throws Exception {
    PlaceView sill = coleus.place();
    PlantView fern = keepers.plant(keeper, sill, "Adiantum raddianum");
    get(keeper, "/plants/" + fern.id() + "/diagnose?part=crown")
        .andExpect(content().string(containsString("id=\"pin-crown\"")))
        .andExpect(content().string(containsString("id=\"part-crown\"")))
        .andExpect(content().string(containsString("Crown soft")));
  }

  @Test
  void aRecordCanBeOverruledAndTakenBack() throws Exception {
    String path = "/plants/" + coleus.id() + "/diagnose";
    get(keeper, path).andExpect(content().string(not(containsString("you said this does not"))));
    post(keeper, path + "/record", "condition", "long-resident", "counts", "false")
        .andExpect(status().is3xxRedirection());
    get(keeper, path).andExpect(content().string(containsString("you said this does not hold")));
    post(keeper, path + "/record", "condition", "long-resident", "counts", "true")
        .andExpect(status().is3xxRedirection());
    get(keeper, path).andExpect(content().string(not(containsString("you said this does not"))));
    post(keeper, path + "/record", "condition", "no-such-thing", "counts", "false")
        .andExpect(status().isBadRequest());
  }

  @Test
  void whatUnlikePlantsInOnePlaceShareIsShownAndCounts() throws Exception {
    PlantView fern = keepers.plant(keeper, coleus.place(), "Adiantum raddianum");
    PlaceView other = keepers.place(keeper, "Other", PlaceKind.INDOOR);
    for (int i = 0; i < 4; i++) {
      keepers.plant(keeper, other, "Hoya carnosa");
    }
    get(keeper, "/diagnose/shared").andExpect(content().string(containsString("No two plants")));
    for (PlantView plant : java.util.List.of(coleus, fern)) {
      post(
          keeper,
          "/plants/" + plant.id() + "/diagnose/mark",
          "node",
          "crisp-margins@margins",
          "state",
          "present");
    }
    get(keeper, "/diagnose/shared")
        .andExpect(content().string(containsString("Unlike plants in")))
        .andExpect(content().string(containsString("Crisp brown margins")));
    get(keeper, "/plants/" + fern.id() + "/diagnose")
        .andExpect(content().string(containsString("Unlike plants in its place show the same")));
  }
}
