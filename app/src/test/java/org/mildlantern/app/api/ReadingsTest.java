package org.mildlantern.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.keeper.TokenScope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@AppTest
class ReadingsTest {
  @Autowired MockMvc web;
  @Autowired Keepers keepers;
  @Autowired KeeperService service;
  @Autowired JournalService journal;
  @Autowired WateringService watering;

  private SignedIn keeper;
  private PlantView plant;
  private String token;

  @BeforeEach
  void aPlant() {
    keeper = keepers.make();
    plant =
        keepers.plant(
            keeper, keepers.place(keeper, "Sill", PlaceKind.INDOOR), "Coleus scutellarioides");
    token = keepers.as(keeper, () -> service.makeToken("scale", TokenScope.ALL, null));
  }

  private ResultActions send(String body) throws Exception {
    return web.perform(
        post("/api/v1/readings")
            .header("Authorization", "Bearer " + token)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  private String reading(String id, String at, String kind, String value) {
    return """
        {"id": "%s", "plant": "%s", "at": "%s", "kind": "%s", "value": %s}"""
        .formatted(id, plant.code(), at, kind, value);
  }

  private int entries() {
    return keepers.as(keeper, () -> journal.timeline(plant.id(), 50)).size();
  }

  @Test
  void aBatchIsTakenOnceHoweverOftenItComes() throws Exception {
    String batch =
        "{\"readings\": ["
            + reading("a", "2026-11-20T08:00:00Z", "WEIGHT_DRAINED", "700")
            + ","
            + reading("b", "2026-11-23T08:00:00Z", "WEIGHT", "560")
            + ","
            + reading("a", "2026-11-20T08:00:00Z", "WEIGHT_DRAINED", "700")
            + "]}";
    send(batch)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.readings[0].state").value("stored"))
        .andExpect(jsonPath("$.readings[1].state").value("stored"))
        .andExpect(jsonPath("$.readings[2].state").value("known"));
    int after = entries();
    send(batch).andExpect(jsonPath("$.readings[1].state").value("known"));
    assertThat(entries()).isEqualTo(after);
    var view = keepers.as(keeper, () -> watering.view(plant));
    assertThat(view.outlook().story().drainedGrams()).isEqualTo(700);
    assertThat(view.outlook().left()).isLessThan(0.8);
  }

  @Test
  void oneThatIsNotThereAtAllIsRefused() throws Exception {
    send("{\"readings\": [null, " + reading("good", "2026-11-23T09:00:00Z", "METER", "4") + "]}")
        .andExpect(jsonPath("$.readings[0].state").value("refused"))
        .andExpect(jsonPath("$.readings[1].state").value("stored"));
  }

  @ParameterizedTest
  @CsvSource({
    "2027-01-01T08:00:00Z, WEIGHT, 400, has come",
    "2020-01-01T08:00:00Z, WEIGHT, 400, last 400 days",
    "2026-11-23T08:00:00Z, WEIGHT, -5, value",
    "2026-11-23T08:00:00Z, METER, 14, 0 to 10",
  })
  void whatCannotBeIsRefusedAndTheRestIsTaken(String at, String kind, String value, String why)
      throws Exception {
    int before = entries();
    send("{\"readings\": ["
            + reading("bad", at, kind, value)
            + ","
            + reading("good", "2026-11-23T09:00:00Z", "METER", "4")
            + "]}")
        .andExpect(jsonPath("$.readings[0].state").value("refused"))
        .andExpect(jsonPath("$.readings[0].message").value(containsString(why)))
        .andExpect(jsonPath("$.readings[1].state").value("stored"));
    assertThat(entries()).isEqualTo(before + 1);
  }

  @Test
  void aWeightBelowTheDryPotIsRefusedAlsoWithinItsBatch() throws Exception {
    send("{\"readings\": ["
            + reading("d", "2026-11-20T08:00:00Z", "WEIGHT_DRAINED", "900")
            + ","
            + reading("e", "2026-11-22T08:00:00Z", "WEIGHT_DRY", "500")
            + ","
            + reading("f", "2026-11-23T08:00:00Z", "WEIGHT", "120")
            + ","
            + reading("g", "2026-11-23T09:00:00Z", "WEIGHT", "640")
            + "]}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.readings[2].state").value("refused"))
        .andExpect(jsonPath("$.readings[2].message").value(containsString("another pot")))
        .andExpect(jsonPath("$.readings[3].state").value("stored"));
  }

  @Test
  void whatCannotBeReadIsNamedByItsPlaceAndTheRestIsTaken() throws Exception {
    send("{\"readings\": [{\"id\": \"n\", \"value\": \"much\"}, 7, "
            + reading("k", "2026-11-23T09:00:00Z", "SCENT", "4")
            + ","
            + reading("a\\u0000b", "2026-11-23T09:00:00Z", "METER", "4")
            + ","
            + reading("good", "2026-11-23T09:00:00Z", "METER", "4")
            + "]}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.readings[0].message").value("value: cannot be read"))
        .andExpect(jsonPath("$.readings[1].state").value("refused"))
        .andExpect(jsonPath("$.readings[2].message").value("kind: cannot be read"))
        .andExpect(jsonPath("$.readings[3].message").value(containsString("id:")))
        .andExpect(jsonPath("$.readings[4].index").value(4))
        .andExpect(jsonPath("$.readings[4].state").value("stored"));
  }

  @Test
  void otherPlantsEmptyBatchesAndNoTokenAreTurnedAway() throws Exception {
    String body = "{\"readings\": [" + reading("x", "2026-11-23T08:00:00Z", "WEIGHT", "400") + "]}";
    token = keepers.as(keepers.make(), () -> service.makeToken("other", TokenScope.ALL, null));
    send(body).andExpect(jsonPath("$.readings[0].message").value(containsString("no plant has")));
    send("{\"readings\": []}").andExpect(status().isBadRequest());
    send("{\"readings\": \"many\"}").andExpect(status().isBadRequest());
    web.perform(post("/api/v1/readings").contentType(MediaType.APPLICATION_JSON).content(body))
        .andExpect(status().isUnauthorized())
        .andExpect(content().string(org.hamcrest.Matchers.not(containsString(plant.code()))));
  }
}
