package org.mildlantern.app.places;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class PlacePagesTest extends WebCase {
  @Autowired PlaceService places;

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
    assertThat(sill.air()).isEqualTo("20 °C · 55 %");
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
  void theWalkFollowsTheKeepersOrder() throws Exception {
    SignedIn walker = keepers.make();
    PlaceView hall = keepers.place(walker, "Hall", PlaceKind.INDOOR);
    PlaceView attic = keepers.place(walker, "Attic", PlaceKind.INDOOR);
    post(walker, "/places/" + attic.id() + "/walk", "earlier", "true")
        .andExpect(status().is3xxRedirection());
    assertThat(keepers.as(walker, places::all))
        .extracting(PlaceView::name)
        .containsExactly("Attic", "Hall");
    post(walker, "/places/" + attic.id() + "/walk", "earlier", "true");
    post(walker, "/places/" + attic.id() + "/walk", "earlier", "false");
    assertThat(keepers.as(walker, places::all))
        .extracting(PlaceView::name)
        .containsExactly("Hall", "Attic");
    post(keepers.make(), "/places/" + hall.id() + "/walk", "earlier", "false")
        .andExpect(status().isNotFound());
  }
}
