package org.mildlantern.app.placing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
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

class PlacingPageTest extends WebCase {
  @Autowired PlacingService placing;

  private SignedIn keeper;
  private PlaceView sill;
  private PlaceView corner;

  @BeforeEach
  void aSillAndACorner() throws Exception {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    corner = keepers.place(keeper, "Corner", PlaceKind.INDOOR);
    lit(sill, "180", "15 cm");
    lit(corner, "0", "300 cm");
  }

  private void lit(PlaceView place, String faces, String distance) throws Exception {
    post(
        keeper,
        "/places/" + place.id() + "/light",
        "faces",
        faces,
        "distance",
        distance,
        "outside",
        "OPEN");
  }

  private void holds(PlaceView place, String plants) throws Exception {
    post(keeper, "/places/" + place.id() + "/room", "holds", plants);
  }

  private PlacingView view() {
    return keepers.as(keeper, () -> placing.best(1));
  }

  @Test
  void whoStandsTooDarkGoesToTheSillWhenItHasRoom() throws Exception {
    PlantView cactus = keepers.plant(keeper, corner, "Echeveria elegans");
    assertThat(view().moves()).isEmpty();
    get(keeper, "/places/standing")
        .andExpect(content().string(containsString("No move is worth it.")));
    holds(sill, "2");
    get(keeper, "/places/standing?ahead=3")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Corner to Sill"), containsString("mol a day, it wishes"))));
    post(
            keeper,
            "/places/standing",
            "plant",
            "" + cactus.id(),
            "place",
            "" + sill.id(),
            "ahead",
            "3")
        .andExpect(redirectedUrl("/places/standing?ahead=3"));
    assertThat(view().moves()).isEmpty();
    get(keeper, "/plants/" + cactus.id()).andExpect(content().string(containsString("Sill")));
  }

  @Test
  void ofAPlaceWithoutLightItSaysSo() throws Exception {
    PlaceView cellar = keepers.place(keeper, "Cellar", PlaceKind.INDOOR);
    keepers.plant(keeper, cellar, "Echeveria elegans");
    get(keeper, "/places/standing").andExpect(content().string(containsString("Cellar")));
  }

  @Test
  void nothingGoesToAPlaceOfAnother() throws Exception {
    PlantView plant = keepers.plant(keeper, corner, "Echeveria elegans");
    SignedIn other = keepers.make();
    PlaceView theirs = keepers.place(other, "Theirs", PlaceKind.INDOOR);
    for (String place : new String[] {"" + theirs.id(), "999999"}) {
      post(keeper, "/places/standing", "plant", "" + plant.id(), "place", place)
          .andExpect(status().isNotFound());
    }
    post(other, "/places/standing", "plant", "" + plant.id(), "place", "" + sill.id())
        .andExpect(status().isNotFound());
  }
}
