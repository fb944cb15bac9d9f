package org.mildlantern.app.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.words.Units;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class UnitsPagesTest extends WebCase {
  @Autowired KeeperService accounts;
  @Autowired PlaceService places;
  @Autowired PlantService plants;

  private SignedIn keeper;

  @BeforeEach
  void aKeeperOfFahrenheit() throws Exception {
    SignedIn made = keepers.make();
    post(made, "/settings/units", "units", "CUSTOMARY").andExpect(redirectedUrl("/settings"));
    keeper = accounts.byEmail(made.email()).orElseThrow();
    assertThat(keeper.units()).isEqualTo(Units.CUSTOMARY);
  }

  private PlaceView sill() throws Exception {
    post(keeper, "/places/new", "name", "Sill", "kind", "INDOOR", "temperature", "68")
        .andExpect(redirectedUrl("/places"));
    return keepers.as(keeper, places::all).get(0);
  }

  @Test
  void aPlaceIsTypedAndShownInFahrenheit() throws Exception {
    PlaceView sill = sill();
    assertThat(sill.temperature()).isEqualTo(20.0);
    get(keeper, "/places").andExpect(content().string(containsString("68 °F")));
    get(keeper, "/places/" + sill.id() + "/edit")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Usual temperature, °F"), containsString("value=\"68\""))));
    post(
        keeper,
        "/places/" + sill.id() + "/edit",
        "name",
        "Sill",
        "kind",
        "INDOOR",
        "temperature",
        "20 C");
    assertThat(keepers.as(keeper, places::all).get(0).temperature()).isEqualTo(20.0);
    post(keeper, "/places/new", "name", "Oven", "kind", "INDOOR", "temperature", "400")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Between −22 and 131 °F."),
                        containsString("value=\"400\""))));
    post(keeper, "/places/new", "name", "Oven", "kind", "INDOOR", "temperature", "warm")
        .andExpect(content().string(containsString("such as 19.5 C or 67 F")));
  }

  @Test
  void aPotIsTypedInInchesAndOwnWordsStay() throws Exception {
    PlaceView sill = sill();
    post(
        keeper,
        "/plants/new",
        "kind",
        "Spathiphyllum wallisii",
        "placeId",
        String.valueOf(sill.id()),
        "pot.cm",
        "5",
        "notes",
        "It was 30 °C in the car.");
    PlantView plant = keepers.as(keeper, plants::kept).get(0);
    assertThat(plant.pot().cm()).isEqualTo(12.7);
    get(keeper, "/plants/" + plant.id())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("5 in pot"),
                        containsString("It was 30 °C in the car."),
                        containsString("68 °F"),
                        not(containsString("20 °C")))));
  }

  @Test
  void unitsAreThoseOfWhereTheCollectionStandsUntilChosen() throws Exception {
    String email = "west" + System.nanoTime() + "@example.org";
    web.perform(
        MockMvcRequestBuilders.post("/register")
            .with(csrf())
            .param("email", email)
            .param("name", "Ann")
            .param("password", "correct horse battery")
            .param("zone", "America/Chicago"));
    SignedIn west = accounts.byEmail(email).orElseThrow();
    assertThat(west.units()).isEqualTo(Units.CUSTOMARY);
    post(west, "/settings/where", "town", "Oslo, Norway");
    assertThat(accounts.byEmail(email).orElseThrow().units()).isEqualTo(Units.METRIC);
    post(west, "/settings/units", "units", "CUSTOMARY");
    assertThat(accounts.byEmail(email).orElseThrow().units()).isEqualTo(Units.CUSTOMARY);
    post(west, "/settings/units", "units", "");
    assertThat(accounts.byEmail(email).orElseThrow().units()).isEqualTo(Units.METRIC);
    post(west, "/settings/units", "units", "CUBITS").andExpect(status().isBadRequest());
  }
}
