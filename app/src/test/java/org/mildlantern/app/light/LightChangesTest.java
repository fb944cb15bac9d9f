package org.mildlantern.app.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.RecordService;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class LightChangesTest extends WebCase {
  @Autowired TestClock clock;
  @Autowired PlantNotes notes;
  @Autowired LightService lights;

  private SignedIn keeper;
  private PlaceView bay;
  private String its;
  private PlantView fern;

  @BeforeEach
  void aFernInASouthBayInApril() throws Exception {
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-04-10T10:00:00Z")));
    keeper = keepers.make();
    bay = keepers.place(keeper, "Bay", PlaceKind.INDOOR);
    its = "/places/" + bay.id();
    fern = keepers.plant(keeper, bay, "Adiantum raddianum");
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private void window(String... more) throws Exception {
    String[] taps = {"faces", "180", "distance", "15 cm", "outside", "OPEN"};
    String[] all = java.util.Arrays.copyOf(taps, taps.length + more.length);
    System.arraycopy(more, 0, all, taps.length, more.length);
    post(keeper, its + "/light", all).andExpect(redirectedUrl(its + "/light"));
  }

  @Test
  void aCurtainThatIsGoneIsAskedAboutAndLeadsToSteps() throws Exception {
    window("blind.passes", "20");
    get(keeper, its + "/light").andExpect(content().string(not(containsString("from today?"))));
    window();
    get(keeper, its + "/light")
        .andExpect(
            content().string(allOf(containsString("from today?"), containsString("as it was"))));
    get(keeper, "/today").andExpect(content().string(not(containsString("it is used to"))));
    post(keeper, its + "/light/changed", "real", "true").andExpect(redirectedUrl(its + "/light"));
    get(keeper, its + "/light").andExpect(content().string(not(containsString("from today?"))));
    get(keeper, "/today").andExpect(content().string(containsString("than it is used to")));
  }

  @Test
  void lightThatChangedOfItselfIsEvidenceAsAMoveIs() throws Exception {
    window("blind.passes", "20");
    assertThat(evidence().numbers().get("light-rise")).isBetween(-0.5, 0.5);
    assertThat(evidence().numbers()).as("none behind a blind").containsEntry("direct-hours", 0.0);
    assertThat(evidence().doubt().spread("light-mean"))
        .isCloseTo(evidence().numbers().get("light-mean") * 0.5, within(0.2));
    window();
    assertThat(evidence().numbers().get("direct-hours")).isGreaterThan(1);
    assertThat(evidence().doubt().spread("direct-hours")).isGreaterThan(0.4);
    assertThat(evidence().numbers().get("light-rise")).as("not meant yet").isLessThan(0.5);
    post(keeper, its + "/light/changed", "real", "true");
    assertThat(evidence().numbers().get("light-rise")).isGreaterThan(1);
    assertThat(keepers.as(keeper, () -> records.read(fern)).sources().get("light-rise"))
        .contains("three weeks ago");
    clock.forward(Duration.ofDays(40));
    assertThat(evidence().numbers().get("light-rise")).as("long since").isLessThan(0.5);
  }

  @Autowired RecordService records;

  private Circumstances evidence() {
    return keepers.as(keeper, () -> records.read(fern)).circumstances();
  }

  @Test
  void aDrawingThatWasPutRightChangesNothingForThePlants() throws Exception {
    window("blind.passes", "20");
    window();
    post(keeper, its + "/light/changed", "real", "false").andExpect(redirectedUrl(its + "/light"));
    get(keeper, "/today").andExpect(content().string(not(containsString("it is used to"))));
    get(keeper, its + "/light").andExpect(content().string(not(containsString("from today?"))));
  }

  @Test
  void twoChangesOfOneDayAreAskedAsOneAndTakenBackAreNotAsked() throws Exception {
    window("blind.passes", "20");
    window("blind.passes", "90");
    window("blind.passes", "20");
    get(keeper, its + "/light").andExpect(content().string(not(containsString("from today?"))));
  }

  @Test
  void aFelledTreeIsAskedAboutOnThePageOfTheRoom() throws Exception {
    window();
    String skyline = its + "/skyline";
    post(keeper, skyline, "begins", "90", "ends", "270", "up", "70")
        .andExpect(redirectedUrl(its + "/room"));
    get(keeper, its + "/room").andExpect(content().string(not(containsString("from today?"))));
    clock.forward(Duration.ofDays(2));
    RoomView view = keepers.as(keeper, () -> rooms.of(bay.id()).orElseThrow());
    post(keeper, "/skyline-parts/" + view.skyline().get(0).id() + "/remove")
        .andExpect(redirectedUrl(its + "/room"));
    get(keeper, its + "/room").andExpect(content().string(containsString("from today?")));
  }

  @Autowired RoomService rooms;

  @Test
  void theSunThatComesOverTheHouseIsSaidBeforeItDoes() throws Exception {
    clock.reset();
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-02-12T10:00:00Z")));
    window("exactFaces", "");
    post(keeper, its + "/skyline", "begins", "90", "ends", "270", "up", "26")
        .andExpect(redirectedUrl(its + "/room"));
    boolean said = false;
    for (int day = 0; day < 40 && !said; day++) {
      clock.forward(Duration.ofDays(1));
      said =
          get(keeper, "/today")
              .andReturn()
              .getResponse()
              .getContentAsString()
              .contains("the sun comes to");
    }
    assertThat(said).isTrue();
    String page = get(keeper, "/today").andReturn().getResponse().getContentAsString();
    String action = page.replaceAll("(?s).*?(/(?:plants|places)/\\d+/seen-to-sun[^\"]*).*", "$1");
    String day = page.replaceAll("(?s).*?seen-to-sun.*?(20\\d\\d-\\d\\d-\\d\\d).*", "$1");
    assertThat(action).contains("seen-to-sun");
    post(keeper, "/plants/" + fern.id() + "/seen-to-sun", "day", day)
        .andExpect(redirectedUrl("/today"));
    get(keeper, "/today").andExpect(content().string(not(containsString("the sun comes to"))));
    post(keepers.make(), "/plants/" + fern.id() + "/seen-to-sun", "day", day)
        .andExpect(status().isNotFound());
  }

  @Test
  void aBurnIsExplainedByTheDayOfTheMove() throws Exception {
    window();
    PlaceView dim = keepers.place(keeper, "Dim", PlaceKind.INDOOR);
    post(
        keeper,
        "/places/" + dim.id() + "/light",
        "faces",
        "0",
        "distance",
        "150 cm",
        "outside",
        "STREET");
    PlantView shade = keepers.plant(keeper, dim, "Nephrolepis exaltata");
    get(keeper, "/plants/" + shade.id())
        .andExpect(content().string(not(containsString("If its leaves are burnt"))));
    clock.forward(Duration.ofDays(30));
    keepers.as(keeper, () -> notes.move(shade.id(), bay.id(), ""));
    clock.forward(Duration.ofDays(5));
    get(keeper, "/plants/" + shade.id())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("If its leaves are burnt"),
                        containsString("10 May"),
                        containsString("when it was moved"))));
  }

  @Test
  void halvesOfABlindAreAskedFor() throws Exception {
    post(
            keeper,
            its + "/light",
            "faces",
            "180",
            "distance",
            "15 cm",
            "outside",
            "OPEN",
            "blind.passes",
            "20",
            "blind.from",
            "11")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Until what hour")));
    post(
            keeper,
            its + "/light",
            "faces",
            "180",
            "distance",
            "15 cm",
            "outside",
            "OPEN",
            "blind.from",
            "11",
            "blind.to",
            "15")
        .andExpect(content().string(containsString("How much does it let through")));
    post(
            keeper,
            its + "/light",
            "faces",
            "180",
            "distance",
            "15 cm",
            "outside",
            "OPEN",
            "blind.passes",
            "20",
            "blind.from",
            "noon")
        .andExpect(
            content()
                .string(
                    allOf(containsString("value=\"noon\""), containsString("An hour, please"))));
    post(
            keeper,
            its + "/light",
            "faces",
            "180",
            "distance",
            "15 cm",
            "outside",
            "OPEN",
            "lamp.watts",
            "20")
        .andExpect(content().string(containsString("What kind of lamp")));
    window(
        "blind.passes",
        "20",
        "blind.from",
        "11",
        "blind.to",
        "15",
        "lamp.watts",
        "20",
        "lamp.kind",
        "WHITE_LED",
        "lamp.distance",
        "40 cm",
        "lamp.hours",
        "12");
    get(keeper, its + "/light").andExpect(content().string(containsString("value=\"11")));
  }

  @Test
  void aLampIsReadByNightAndCountsForTheLamp() throws Exception {
    window();
    String readings = its + "/light/readings";
    post(keeper, readings, "value", "4000", "in", "LUX", "sky", "LAMP", "time", "02:00")
        .andExpect(flash().attribute("readingProblem", containsString("No lamp")));
    window("lamp.ppf", "50", "lamp.distance", "40 cm", "lamp.hours", "12");
    double before = keepers.as(keeper, () -> lights.of(bay.id()).orElseThrow().lit().now().dli());
    post(keeper, readings, "value", "1200", "in", "LUX", "sky", "LAMP", "time", "02:00")
        .andExpect(flash().attributeExists("said"));
    double after = keepers.as(keeper, () -> lights.of(bay.id()).orElseThrow().lit().now().dli());
    assertThat(after).isLessThan(before - 0.1);
    post(keeper, readings, "value", "120000", "in", "LUX", "sky", "LAMP", "time", "02:00")
        .andExpect(flash().attributeExists("readingProblem"));
  }
}
