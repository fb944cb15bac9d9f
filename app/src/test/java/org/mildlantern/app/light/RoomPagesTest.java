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

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class RoomPagesTest extends WebCase {
  @Autowired LightService lights;
  @Autowired RoomService rooms;

  private SignedIn keeper;
  private PlaceView bay;
  private String room;

  @BeforeEach
  void aBay() throws Exception {
    keeper = keepers.make();
    bay = keepers.place(keeper, "Bay", PlaceKind.INDOOR);
    post(
        keeper,
        "/places/" + bay.id() + "/light",
        "faces",
        "180",
        "distance",
        "15 cm",
        "outside",
        "OPEN");
    room = "/places/" + bay.id() + "/room";
  }

  private void shelf(String name, String back) throws Exception {
    String spots = "/places/" + bay.id() + "/spots";
    post(keeper, spots, "name", name, "across", "200", "back", back, "holds", "3")
        .andExpect(redirectedUrl(room));
  }

  private RoomView view() {
    return keepers.as(keeper, () -> rooms.of(bay.id()).orElseThrow());
  }

  @Test
  void beforeThreeTapsThereIsNoRoomToDraw() throws Exception {
    PlaceView other = keepers.place(keeper, "Other", PlaceKind.INDOOR);
    get(keeper, "/places/" + other.id() + "/room")
        .andExpect(redirectedUrl("/places/" + other.id() + "/light"));
  }

  @Test
  void standsDeeperInTheRoomAreDarkerAndAFurtherWindowHelpsThem() throws Exception {
    shelf("near", "60");
    shelf("far", "300");
    double near = view().stands().get(1).now().dli();
    double far = view().stands().get(2).now().dli();
    assertThat(near).isGreaterThan(1.5 * far);
    post(
            keeper,
            "/places/" + bay.id() + "/windows",
            "wall",
            "LEFT",
            "along",
            "200",
            "width",
            "140",
            "height",
            "130",
            "sill",
            "90")
        .andExpect(redirectedUrl(room));
    assertThat(view().stands().get(2).now().dli()).isGreaterThan(far * 1.05);
    get(keeper, room)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("left wall, 140 × 130 cm"),
                        containsString("Where plants can stand"))));
  }

  @Test
  void aPlantOnAStandHasItsLight() throws Exception {
    PlantView plant = keepers.plant(keeper, bay, "Phalaenopsis");
    shelf("far", "300");
    Long far = view().stands().get(1).id();
    post(keeper, "/plants/" + plant.id() + "/standing", "spot", "" + far)
        .andExpect(redirectedUrl(room));
    LightYears years = keepers.as(keeper, lights::years);
    assertThat(years.at(plant).orElseThrow()).isEqualTo(years.spots().get(far));
    assertThat(years.places().get(bay.id()).light().mean())
        .isGreaterThan(3 * years.at(plant).orElseThrow().light().mean());
    get(keeper, "/plants/" + plant.id()).andExpect(content().string(containsString("far: about")));
    assertThat(keepers.as(keeper, () -> lights.of(bay.id())).orElseThrow().lit().plants())
        .singleElement()
        .satisfies(one -> assertThat(one.met()).isEqualTo(LightWish.Met.FAR_SHORT));
    post(keeper, "/spots/" + far + "/remove").andExpect(redirectedUrl(room));
    assertThat(keepers.as(keeper, lights::years).at(plant).orElseThrow().light().mean())
        .isEqualTo(years.places().get(bay.id()).light().mean());
  }

  @Test
  void aStandIsDraggedWithinTheWallsAndChangedByNumbers() throws Exception {
    shelf("rack", "100");
    Long rack = view().stands().get(1).id();
    post(keeper, "/spots/" + rack + "/at", "across", "9000", "back", "-5")
        .andExpect(redirectedUrl(room));
    get(keeper, room + "?spot=" + rack)
        .andExpect(content().string(allOf(containsString("value=\"400"), containsString("rack"))));
    post(
            keeper,
            "/places/" + bay.id() + "/spots",
            "spot",
            "" + rack,
            "name",
            "rack",
            "across",
            "10",
            "back",
            "20")
        .andExpect(redirectedUrl(room));
  }

  @Test
  void whatDoesNotFitIsSaidByItsField() throws Exception {
    String spots = "/places/" + bay.id() + "/spots";
    post(keeper, spots, "name", "far out", "across", "900", "back", "60")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("That lies outside the room.")));
    post(keeper, spots, "name", "a", "across", "wide", "back", "60")
        .andExpect(content().string(containsString("value=\"wide\"")));
    post(keeper, spots, "name", "", "across", "60", "back", "60")
        .andExpect(content().string(containsString("A stand needs a name")));
    shelf("rack", "100");
    post(keeper, spots, "name", "Rack", "across", "100", "back", "60")
        .andExpect(content().string(containsString("called that already")));
    post(keeper, spots, "name", "lit", "across", "100", "back", "60", "lamp.ppf", "40")
        .andExpect(content().string(containsString("A lamp needs how far")));
    post(keeper, room, "width", "150", "depth", "300")
        .andExpect(content().string(containsString("would lie outside such a room")));
    post(keeper, room, "width", "100", "depth", "300")
        .andExpect(content().string(containsString("does not fit into the front wall")));
    post(
            keeper,
            "/places/" + bay.id() + "/windows",
            "wall",
            "LEFT",
            "along",
            "10",
            "width",
            "140",
            "height",
            "130",
            "sill",
            "90")
        .andExpect(content().string(containsString("does not fit into the left wall")));
    post(keeper, room, "width", "300", "depth", "400", "holds", "5").andExpect(redirectedUrl(room));
    get(keeper, room).andExpect(content().string(containsString("holds 5")));
  }

  @Test
  void outdoorsStandsHaveNoWalls() throws Exception {
    PlaceView bench = keepers.place(keeper, "Bench", PlaceKind.OUTDOOR);
    String its = "/places/" + bench.id();
    post(keeper, its + "/light", "faces", "180", "distance", "0 cm", "outside", "OPEN");
    post(keeper, its + "/spots", "name", "shade", "across", "0", "back", "0", "passes", "40")
        .andExpect(redirectedUrl(its + "/room"));
    RoomView view = keepers.as(keeper, () -> rooms.of(bench.id()).orElseThrow());
    assertThat(view.stands().get(1).now().dli())
        .isCloseTo(0.4 * view.stands().get(0).now().dli(), within(0.01));
    get(keeper, its + "/room").andExpect(content().string(not(containsString("From above"))));
  }

  @Test
  void aHouseATreeAndABalconyKeepTheSunOff() throws Exception {
    double open = view().stands().get(0).now().dli();
    String skyline = "/places/" + bay.id() + "/skyline";
    post(keeper, skyline, "begins", "90", "ends", "270", "up", "30", "tree", "true")
        .andExpect(redirectedUrl(room));
    double tree = view().stands().get(0).now().dli();
    assertThat(tree).isLessThan(open);
    post(keeper, skyline, "begins", "90", "ends", "270", "up", "30").andExpect(redirectedUrl(room));
    double house = view().stands().get(0).now().dli();
    assertThat(house).isLessThan(tree);
    get(keeper, room).andExpect(content().string(containsString("30° high, a tree")));
    post(keeper, room, "over.out", "200", "over.above", "0").andExpect(redirectedUrl(room));
    assertThat(view().stands().get(0).now().dli()).isLessThan(house);
    post(keeper, skyline, "begins", "-9", "ends", "400", "up", "95")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Between 0 and 90°.")));
    Long first = view().skyline().get(0).id();
    post(keeper, "/skyline-parts/" + first + "/remove").andExpect(redirectedUrl(room));
    assertThat(view().skyline()).hasSize(1);
  }

  @Test
  void aReadingAtAStandCountsForThatStand() throws Exception {
    shelf("rack", "60");
    shelf("table", "200");
    double rack = view().stands().get(1).now().dli();
    double table = view().stands().get(2).now().dli();
    Long spot = view().stands().get(1).id();
    String read = "/places/" + bay.id() + "/light/readings";
    for (String day : new String[] {"20 Nov 2026", "21 Nov 2026"}) {
      post(
              keeper, read, "value", "900", "in", "LUX", "sky", "COVERED", "day", day, "time",
              "12:00", "spot", "" + spot)
          .andExpect(flash().attributeExists("said"));
    }
    assertThat(view().stands().get(1).now().dli()).isNotCloseTo(rack, within(0.05 * rack));
    assertThat(view().stands().get(2).now().dli()).isCloseTo(table, within(1e-9));
    get(keeper, "/places/" + bay.id() + "/light")
        .andExpect(content().string(containsString("covered · rack")));
    post(keeper, read, "value", "900", "in", "LUX", "sky", "COVERED", "spot", "999999")
        .andExpect(flash().attributeExists("readingProblem"));
  }

  @Test
  void aPartOfTheSkylineIsShaped() throws Exception {
    post(
        keeper,
        "/places/" + bay.id() + "/skyline",
        "begins",
        "150",
        "ends",
        "200",
        "up",
        "20",
        "tree",
        "true");
    RoomView.Rises part = view().skyline().get(0);
    String at = "/skyline-parts/" + part.id() + "/at";
    post(keeper, at, "begins", "340", "ends", "380", "up", "35").andExpect(redirectedUrl(room));
    assertThat(view().skyline().get(0).form()).isEqualTo(new SkylineForm(340.0, 20.0, 35.0, true));
    HorizonPicture.Part drawn = view().horizon().parts().get(0);
    assertThat(drawn.width()).isCloseTo(HorizonPicture.WIDTH * 40 / 360, within(1e-6));
    assertThat(drawn.height()).isCloseTo(HorizonPicture.HEIGHT * 35 / 90, within(1e-6));
    get(keeper, room).andExpect(content().string(containsString("340° to 20°, 35° high, a tree")));
    post(keeper, at, "begins", "340", "ends", "20", "up", "120")
        .andExpect(status().isUnprocessableEntity());
    post(keepers.make(), at, "begins", "1", "ends", "20", "up", "12")
        .andExpect(status().isNotFound());
  }

  @Test
  void windowsAndWhatWarmsSlideAlongTheirWalls() throws Exception {
    String place = "/places/" + bay.id();
    post(
            keeper,
            place + "/windows",
            "wall",
            "LEFT",
            "along",
            "200",
            "width",
            "100",
            "height",
            "120",
            "sill",
            "90")
        .andExpect(redirectedUrl(room));
    post(keeper, place + "/things", "kind", "RADIATOR", "wall", "FRONT", "along", "200")
        .andExpect(redirectedUrl(room));
    post(keeper, place + "/things", "kind", "DOOR", "wall", "BACK", "along", "9000")
        .andExpect(status().isUnprocessableEntity());
    Long window = view().windows().get(0).id();
    Long radiator = view().things().get(0).id();
    post(keeper, "/place-windows/" + window + "/at", "along", "9999");
    post(keeper, "/place-things/" + radiator + "/at", "along", "-20");
    post(keeper, place + "/main-window/at", "along", "100").andExpect(redirectedUrl(room));
    assertThat(view().windows().get(0).form().along()).isEqualTo(450);
    assertThat(view().things().get(0).form().along()).isZero();
    assertThat(view().room().along()).isEqualTo(100);
    get(keeper, room).andExpect(content().string(containsString("Slide the radiator")));
    SignedIn stranger = keepers.make();
    post(stranger, "/place-things/" + radiator + "/at", "along", "1")
        .andExpect(status().isNotFound());
    post(stranger, place + "/main-window/at", "along", "1").andExpect(status().isNotFound());
    post(keeper, "/place-things/" + radiator + "/remove").andExpect(redirectedUrl(room));
    assertThat(view().things()).isEmpty();
  }

  @Test
  void aRadiatorNearAStandIsFeltThere() throws Exception {
    shelf("far", "400");
    PlantView plant = keepers.plant(keeper, bay, "Adiantum raddianum");
    post(
        keeper,
        "/places/" + bay.id() + "/things",
        "kind",
        "RADIATOR",
        "wall",
        "FRONT",
        "along",
        "200");
    assertThat(view().stands().get(0).words()).contains("radiator");
    assertThat(view().stands().get(1).words()).doesNotContain("radiator");
    OfStand usual = keepers.as(keeper, lights::years).at(plant).orElseThrow();
    assertThat(usual.felt().heated()).isTrue();
    assertThat(usual.felt().humidity(20, 45)).isLessThan(40);
  }
}
