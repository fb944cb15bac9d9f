package org.mildlantern.app.places;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

class PlacePagesTest extends WebCase {
  @Autowired PlaceService places;
  @Autowired PlantService plants;

  @Test
  void addsAndChangesAPlace() throws Exception {
    SignedIn keeper = keepers.make();
    post(
            keeper,
            "/places/new",
            "name",
            " Sill ",
            "kind",
            "INDOOR",
            "temperature",
            "19.5",
            "humidity",
            "55")
        .andExpect(redirectedUrl("/places"));
    PlaceView sill = keepers.as(keeper, places::all).get(0);
    assertThat(sill.name()).isEqualTo("Sill");
    assertThat(sill.air()).isEqualTo("19.5 °C · 55 %");
    post(keeper, "/places/" + sill.id() + "/edit", "name", "Sill", "kind", "QUARANTINE")
        .andExpect(redirectedUrl("/places"));
    assertThat(keepers.as(keeper, places::all).get(0).quarantine()).isTrue();
    assertThat(keepers.as(keeper, places::all).get(0).air()).isEmpty();
  }

  @Test
  void badInputStaysInTheForm() throws Exception {
    SignedIn keeper = keepers.make();
    keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    String[][] bad = {
      {"name", "", "A place needs a name."},
      {"name", "SILL", "called that already"},
      {"kind", "SWAMP", "Failed"},
      {"temperature", "400", "Between −30 and 55 °C."},
      {"temperature", "warm", "A number, please"},
      {"humidity", "-1", "Between 0 and 100 %."},
    };
    for (String[] one : bad) {
      post(
              keeper,
              "/places/new",
              "name",
              one[0].equals("name") ? one[1] : "Bench",
              "kind",
              one[0].equals("kind") ? one[1] : "OUTDOOR",
              "temperature",
              one[0].equals("temperature") ? one[1] : "",
              "humidity",
              one[0].equals("humidity") ? one[1] : "")
          .andExpect(status().isUnprocessableEntity())
          .andExpect(content().string(containsString(one[2])));
    }
    assertThat(keepers.as(keeper, places::all)).hasSize(1);
  }

  @Test
  void aFieldThatCannotBeReadIsSaidAlsoWhenOthersContradictEachOther() throws Exception {
    post(
            keepers.make(),
            "/places/new",
            "name",
            "Sill",
            "kind",
            "INDOOR",
            "humidity",
            "wet",
            "coldest",
            "20",
            "warmest",
            "5")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("value=\"wet\"")));
  }

  @Test
  void theWalkFollowsTheKeepersOrder() throws Exception {
    SignedIn walker = keepers.make();
    PlaceView hall = keepers.place(walker, "Hall", PlaceKind.INDOOR);
    PlaceView attic = keepers.place(walker, "Attic", PlaceKind.INDOOR);
    walk(walker, attic, hall).andExpect(status().is3xxRedirection());
    assertThat(walked(walker)).containsExactly("Attic", "Hall");
    post(walker, "/places/walk", "first", hall.id().toString(), "order", attic.id().toString());
    assertThat(walked(walker)).containsExactly("Hall", "Attic");
    walk(keepers.make(), hall).andExpect(status().isNotFound());
  }

  private ResultActions walk(SignedIn by, PlaceView... order) throws Exception {
    return post(
        by,
        "/places/walk",
        "order",
        Stream.of(order).map(place -> place.id().toString()).collect(Collectors.joining(",")));
  }

  private List<String> walked(SignedIn walker) {
    return keepers.as(walker, places::all).stream().map(PlaceView::name).toList();
  }

  @Test
  void plantsOfAPlaceAreWalkedInTheKeepersOrderAndNewOnesLast() throws Exception {
    SignedIn walker = keepers.make();
    PlaceView hall = keepers.place(walker, "Hall", PlaceKind.INDOOR);
    PlantView first = keepers.plant(walker, hall, "Aechmea fasciata");
    PlantView second = keepers.plant(walker, hall, "Monstera deliciosa");
    get(walker, "/plants/walk?place=" + hall.id())
        .andExpect(content().string(containsString("The walk through")));
    String order = second.id() + "," + first.id();
    post(walker, "/plants/walk", "place", hall.id().toString(), "order", order)
        .andExpect(status().is3xxRedirection());
    keepers.plant(walker, hall, "Adiantum raddianum");
    assertThat(keepers.as(walker, plants::kept))
        .extracting(PlantView::name)
        .containsExactly("Monstera deliciosa", "Aechmea fasciata", "Adiantum raddianum");
    SignedIn other = keepers.make();
    post(other, "/plants/walk", "place", hall.id().toString(), "order", order)
        .andExpect(status().isNotFound());
  }
}
