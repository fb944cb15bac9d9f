package org.mildlantern.app.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

class LightPagesTest extends WebCase {
  @Autowired LightService lights;

  private SignedIn keeper;
  private PlaceView sill;
  private String page;

  @BeforeEach
  void aSill() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    page = "/places/" + sill.id() + "/light";
  }

  private ResultActions taps(String... more) throws Exception {
    String[] three = {"faces", "90", "distance", "15 cm", "outside", "OPEN"};
    String[] all = new String[three.length + more.length];
    System.arraycopy(three, 0, all, 0, three.length);
    System.arraycopy(more, 0, all, three.length, more.length);
    return post(keeper, page, all);
  }

  private SpotLight now() {
    return keepers.as(keeper, () -> lights.of(sill.id()).orElseThrow().lit().now());
  }

  @Test
  void threeTapsGiveAnAnswerForEachPlant() throws Exception {
    PlantView orchid = keepers.plant(keeper, sill, "Phalaenopsis");
    get(keeper, page)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Three taps"),
                        not(containsString("Light through the year")))));
    taps().andExpect(redirectedUrl(page));
    get(keeper, page)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Light through the year"),
                        containsString("it wishes 4 to 10"),
                        containsString("21 Dec"))));
    get(keeper, "/plants/" + orchid.id())
        .andExpect(
            content()
                .string(allOf(containsString("mol a day at this season"), containsString(page))));
  }

  @Test
  void nearerTheGlassIsLighterAndALampAddsToIt() throws Exception {
    taps();
    double near = now().dli();
    post(keeper, page, "faces", "90", "distance", "150 cm", "outside", "OPEN");
    double far = now().dli();
    assertThat(far).isLessThan(near / 3);
    taps("lamp.ppf", "60", "lamp.distance", "40", "lamp.hours", "12");
    assertThat(now().dli()).isGreaterThan(near + 4);
    taps("exactFaces", "171")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The tap above says another")));
    post(
            keeper,
            page,
            "faces",
            "180",
            "exactFaces",
            "171",
            "distance",
            "60 cm",
            "exactDistance",
            "35",
            "outside",
            "OPEN")
        .andExpect(redirectedUrl(page));
    get(keeper, page).andExpect(content().string(containsString("value=\"171")));
  }

  @Test
  void badInputStaysByItsField() throws Exception {
    post(keeper, page)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Pick a direction.")));
    taps("width", "99999")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Between 10 and 1500 cm.")));
    taps("height", "tall")
        .andExpect(
            content()
                .string(allOf(containsString("such as 130 cm"), containsString("value=\"tall\""))));
    taps("lamp.ppf", "40").andExpect(content().string(containsString("A lamp needs how far")));
    post(keeper, page, "faces", "90", "distance", "15 cm", "outside", "SWAMP")
        .andExpect(status().isUnprocessableEntity());
  }

  @Test
  void readingsMoveTheLightAndNarrowItsBand() throws Exception {
    taps();
    SpotLight before = now();
    String readings = page + "/readings";
    post(
            keeper,
            readings,
            "value",
            "2100",
            "in",
            "LUX",
            "sky",
            "COVERED",
            "day",
            "22 Nov 2026",
            "time",
            "10:30")
        .andExpect(flash().attributeExists("said"));
    SpotLight after = now();
    assertThat(after.high() / after.dli()).isLessThan(before.high() / before.dli());
    get(keeper, page).andExpect(content().string(containsString("2100 lux")));
    for (String[] bad :
        new String[][] {
          {"value", "many", "A number, please"},
          {"value", "1e9", "A number, please"},
          {"value", "900000", "brighter than any daylight"},
          {"value", "0", "brighter than any daylight"},
          {"time", "25:99", "At what time"},
          {"time", "3:00", "it is dark here"},
          {"day", "1 Jan 2030", "At what time"},
        }) {
      post(
              keeper,
              readings,
              "value",
              bad[0].equals("value") ? bad[1] : "2000",
              "time",
              bad[0].equals("time") ? bad[1] : bad[0].equals("day") ? "" : "10:30",
              "day",
              bad[0].equals("day") ? bad[1] : "22 Nov 2026")
          .andExpect(flash().attribute("readingProblem", containsString(bad[2])));
    }
    post(keeper, readings, "value", "2000", "time", "10:00", "day", "1 Jan 2030")
        .andExpect(flash().attribute("readingProblem", containsString("still to come")));
    Long id = keepers.as(keeper, () -> lights.of(sill.id()).orElseThrow().readings().get(0).id());
    SignedIn stranger = keepers.make();
    post(stranger, "/light-readings/" + id + "/remove", "place", "" + sill.id())
        .andExpect(status().isNotFound());
    post(keeper, "/light-readings/" + id + "/remove", "place", "" + sill.id())
        .andExpect(redirectedUrl(page + "#readings"));
    assertThat(now().high()).isEqualTo(before.high());
  }

  @Test
  void whatIsWorkedOutCountsWhereNoWordOfLightIsNoted() throws Exception {
    PlantView plant = keepers.plant(keeper, sill, "Spathiphyllum wallisii");
    String looks = "/plants/" + plant.id() + "/diagnose";
    get(keeper, looks).andExpect(content().string(not(containsString("worked out for Sill"))));
    assertThat(keepers.as(keeper, lights::years).places()).isEmpty();
    taps();
    get(keeper, looks).andExpect(content().string(containsString("worked out for Sill")));
    double east = keepers.as(keeper, lights::years).places().get(sill.id()).light().mean();
    post(keeper, page, "faces", "0", "distance", "300 cm", "outside", "CLOSE");
    assertThat(keepers.as(keeper, lights::years).places().get(sill.id()).light().mean())
        .isLessThan(east / 5);
  }

  @Test
  void outdoorsTheWholeSkyCounts() throws Exception {
    PlaceView bench = keepers.place(keeper, "Bench", PlaceKind.OUTDOOR);
    String its = "/places/" + bench.id() + "/light";
    post(keeper, its, "faces", "180", "distance", "0 cm", "outside", "TREES")
        .andExpect(redirectedUrl(its));
    keepers.plant(keeper, bench, "Juniperus chinensis");
    get(keeper, its)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("at rest, it asks for little light now"),
                        not(containsString("A lamp of")))));
    get(keeper, its)
        .andExpect(status().isOk())
        .andExpect(content().string(not(containsString("class=\"frame\""))));
  }

  @Test
  void anotherKeepersPlaceIsNotThere() throws Exception {
    SignedIn stranger = keepers.make();
    get(stranger, page).andExpect(status().isNotFound());
    post(stranger, page, "faces", "90", "distance", "15 cm", "outside", "OPEN")
        .andExpect(status().isNotFound());
    post(stranger, page + "/readings", "value", "2000", "day", "22 Nov 2026", "time", "10:30")
        .andExpect(status().isNotFound());
  }

  @Test
  void aColdPaneIsTooColdForWhatStandsAtIt() throws Exception {
    keepers.plant(keeper, sill, "Phalaenopsis");
    post(
        keeper,
        page,
        "faces",
        "0",
        "distance",
        "15 cm",
        "outside",
        "OPEN",
        "glass",
        "SINGLE",
        "exactDistance",
        "8");
    get(keeper, page)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("In a usual night of this season"),
                        containsString("at its leaves, it bears"))));
    taps("glass", "TRIPLE");
    get(keeper, page)
        .andExpect(content().string(containsString("Warm enough for all whose kind is known.")));
  }

  @Test
  void aMoveToMuchMoreLightIsTakenByStepsOnTheRound() throws Exception {
    PlaceView corner = keepers.place(keeper, "Corner", PlaceKind.INDOOR);
    post(
        keeper,
        "/places/" + corner.id() + "/light",
        "faces",
        "0",
        "distance",
        "300 cm",
        "outside",
        "CLOSE");
    post(
        keeper,
        page,
        "faces",
        "180",
        "distance",
        "15 cm",
        "outside",
        "OPEN",
        "lamp.ppf",
        "200",
        "lamp.distance",
        "40",
        "lamp.hours",
        "14");
    PlantView plant = keepers.plant(keeper, corner, "Phalaenopsis");
    get(keeper, "/today").andExpect(content().string(not(containsString("shade it for a while"))));
    keepers.note(keeper, plant.id(), "moved to Sill");
    get(keeper, "/today")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("shade it for a while"),
                        containsString("% of that of Sill"))));
    get(keeper, "/plants/" + plant.id() + "/diagnose")
        .andExpect(content().string(containsString("Steps of light more than three weeks ago")));
  }
}
