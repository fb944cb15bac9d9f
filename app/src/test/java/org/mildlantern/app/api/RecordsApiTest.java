package org.mildlantern.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.keeper.TokenScope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

class RecordsApiTest extends WebCase {
  @Autowired KeeperService accounts;
  @Autowired JournalService journal;
  @Autowired JdbcClient jdbc;
  @Autowired PlantService plants;

  private SignedIn keeper;
  private String token;
  private PlaceView bay;
  private PlantView plant;

  @BeforeEach
  void threePlants() {
    keeper = keepers.make();
    token = token(keeper, TokenScope.RECORDS);
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    bay = keepers.place(keeper, "Bay", PlaceKind.INDOOR);
    keepers.plant(keeper, sill, "Adiantum raddianum");
    plant = keepers.plant(keeper, sill, "Coleus scutellarioides");
    keepers.plant(keeper, sill, "Hoya carnosa");
  }

  private String token(SignedIn of, TokenScope may) {
    return keepers.as(of, () -> accounts.makeToken("x", may, null));
  }

  private ResultActions call(
      String bearer, HttpMethod method, String path, String body, String... headers)
      throws Exception {
    MockHttpServletRequestBuilder call =
        request(method, path).header("Authorization", "Bearer " + bearer);
    for (int i = 0; i < headers.length; i += 2) {
      call.header(headers[i], headers[i + 1]);
    }
    return web.perform(
        body == null ? call : call.contentType(MediaType.APPLICATION_JSON).content(body));
  }

  private String path() {
    return "/api/v1/plants/" + plant.id();
  }

  @Test
  void plantsComeAPageAtATime() throws Exception {
    call(token, HttpMethod.GET, "/api/v1/plants?size=2", null)
        .andExpect(jsonPath("$.items", hasSize(2)))
        .andExpect(jsonPath("$.total").value(3))
        .andExpect(jsonPath("$.next").value("/api/v1/plants?page=2&size=2"));
    call(token, HttpMethod.GET, "/api/v1/plants?page=2&size=2", null)
        .andExpect(jsonPath("$.items", hasSize(1)))
        .andExpect(jsonPath("$.next").doesNotExist());
    call(token, HttpMethod.GET, "/api/v1/plants?page=-5&size=0", null)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.size").value(1));
    call(token, HttpMethod.GET, "/api/v1/plants?page=2147483647&size=200", null)
        .andExpect(jsonPath("$.items", hasSize(0)));
    call(token, HttpMethod.GET, "/api/v1/plants?page=x", null).andExpect(status().isBadRequest());
  }

  @Test
  void aLineIsWrittenOnceHoweverOftenItIsSent() throws Exception {
    String line = "{\"line\": \"watered 240\"}";
    call(token, HttpMethod.POST, path() + "/log", line, "Idempotency-Key", "k-1")
        .andExpect(status().isCreated())
        .andExpect(jsonPath("$.kind").value("WATERED"));
    call(token, HttpMethod.POST, path() + "/log", line, "Idempotency-Key", "k-1")
        .andExpect(status().isOk());
    assertThat(keepers.as(keeper, () -> journal.timeline(plant.id(), 9))).hasSize(1);
    call(token, HttpMethod.GET, path() + "/log", null)
        .andExpect(jsonPath("$", hasSize(1)))
        .andExpect(jsonPath("$[0].words").value(containsString("240")));
    call(token, HttpMethod.POST, path() + "/log", line).andExpect(status().isBadRequest());
    call(
            token,
            HttpMethod.POST,
            path() + "/log",
            "{\"line\": \"moved to nowhere\"}",
            "Idempotency-Key",
            "k-2")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().contentType("application/problem+json"));
    call(token, HttpMethod.POST, path() + "/log", "{\"line\": \"\"}", "Idempotency-Key", "k-3")
        .andExpect(status().isBadRequest());
  }

  @Test
  void whatWasChangedSinceIsNotOverwritten() throws Exception {
    String tag =
        call(token, HttpMethod.GET, path(), null).andReturn().getResponse().getHeader("ETag");
    String there = "{\"placeId\": " + bay.id() + "}";
    call(token, HttpMethod.PATCH, path(), there).andExpect(status().isPreconditionRequired());
    call(token, HttpMethod.PATCH, path(), there, "If-Match", tag)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.place").value("Bay"))
        .andExpect(header().exists("ETag"));
    call(token, HttpMethod.PATCH, path(), there, "If-Match", tag)
        .andExpect(status().isPreconditionFailed());
    call(token, HttpMethod.PATCH, path(), "{\"placeId\": \"x\"}", "If-Match", tag)
        .andExpect(status().isBadRequest());
    String now =
        call(token, HttpMethod.GET, path(), null).andReturn().getResponse().getHeader("ETag");
    call(token, HttpMethod.PATCH, path(), "{\"placeId\": 0}", "If-Match", now)
        .andExpect(status().isUnprocessableEntity());
    call(token, HttpMethod.GET, path(), null, "If-None-Match", now)
        .andExpect(status().isNotModified());
  }

  @Test
  void casesAndTheRoundAreTold() throws Exception {
    call(token, HttpMethod.GET, "/api/v1/cases", null).andExpect(jsonPath("$.total").value(0));
    call("ml_test_demo_token", HttpMethod.GET, "/api/v1/cases", null)
        .andExpect(status().isForbidden());
    call(token, HttpMethod.GET, "/api/v1/round", null)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$[0].plant").exists());
  }

  @Test
  void anothersPlantsAreNotThereAndLesserTokensMayNot() throws Exception {
    String other = token(keepers.make(), TokenScope.RECORDS);
    call(other, HttpMethod.GET, "/api/v1/plants", null).andExpect(jsonPath("$.total").value(0));
    call(other, HttpMethod.GET, path(), null).andExpect(status().isNotFound());
    call(other, HttpMethod.GET, path() + "/log", null).andExpect(status().isNotFound());
    call(other, HttpMethod.POST, path() + "/log", "{\"line\": \"watered\"}", "Idempotency-Key", "k")
        .andExpect(status().isNotFound());
    call(other, HttpMethod.PATCH, path(), "{\"placeId\": 1}", "If-Match", "x")
        .andExpect(status().isNotFound());
    String less = token(keeper, TokenScope.ALL);
    for (String path :
        new String[] {
          "/api/v1/plants", path(), path() + "/log", "/api/v1/cases", "/api/v1/round"
        }) {
      call(less, HttpMethod.GET, path, null).andExpect(status().isForbidden());
    }
  }

  private String tag() throws Exception {
    return call(token, HttpMethod.GET, path(), null).andReturn().getResponse().getHeader("ETag");
  }

  private ResultActions patch(String body) throws Exception {
    return call(token, HttpMethod.PATCH, path(), body, "If-Match", tag());
  }

  @Test
  void aPlantIsChangedAndWhatIsLeftOutStays() throws Exception {
    patch("{\"code\": \"X-1\", \"notes\": \"from a friend\", \"arrivedOn\": \"2026-05-12\"}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.code").value("X-1"))
        .andExpect(jsonPath("$.notes").value("from a friend"))
        .andExpect(jsonPath("$.arrivedOn").value("2026-05-12"))
        .andExpect(jsonPath("$.taxon").exists())
        .andExpect(jsonPath("$.place").value("Sill"));
    patch("{\"name\": \"Hoya carnosa\"}").andExpect(jsonPath("$.name").value("Hoya carnosa"));
    patch("{\"archived\": true}").andExpect(jsonPath("$.archivedOn").exists());
    patch("{\"archived\": false}").andExpect(jsonPath("$.archivedOn").doesNotExist());
  }

  @Test
  void aChangeThatDoesNotFitIsNamedByItsField() throws Exception {
    for (String[] bad :
        new String[][] {
          {"{}", "400", "one or more of"},
          {"[]", "400", "a JSON object"},
          {"{\"notez\": 1}", "400", "notes"},
          {"{\"code\": 7}", "400", "$.code"},
          {"{\"archived\": \"yes\"}", "400", "$.archived"},
          {"{\"arrivedOn\": \"soon\"}", "400", "$.arrivedOn"},
          {"{\"arrivedOn\": \"2031-01-01\"}", "422", "arrivedOn:"},
          {"{\"name\": \"\"}", "422", "name:"},
          {"{\"code\": \"123456789012345678901\"}", "422", "code:"}
        }) {
      patch(bad[0])
          .andExpect(status().is(Integer.parseInt(bad[1])))
          .andExpect(content().string(containsString(bad[2])));
    }
    patch("{\"code\": 7, \"archived\": 1}").andExpect(jsonPath("$.problems", hasSize(2)));
    String taken =
        keepers.as(keeper, () -> plants.byName()).stream()
            .filter(one -> !one.id().equals(plant.id()))
            .findFirst()
            .orElseThrow()
            .code();
    patch("{\"code\": \"" + taken + "\"}")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString("code:")));
  }

  @Test
  void placesAndWhatWasReadThereAreTold() throws Exception {
    call(token, HttpMethod.GET, "/api/v1/places", null)
        .andExpect(jsonPath("$", hasSize(2)))
        .andExpect(jsonPath("$[0].name").exists());
    String readings = "/api/v1/places/" + bay.id() + "/readings";
    String meter = token(keeper, TokenScope.READINGS);
    call(
            meter,
            HttpMethod.POST,
            "/api/v1/place-readings",
            """
            {"device": "bay-1", "readings": [
             {"at": "2026-11-23T08:00:00Z", "kind": "temperature", "value": 18.5},
             {"at": "2026-11-23T08:30:00Z", "kind": "temperature", "value": 19.5}]}
            """)
        .andExpect(status().isOk());
    Long device =
        jdbc.sql("select id from device where collection_id = ?")
            .param(keeper.collectionId())
            .query(Long.class)
            .single();
    post(
        keeper,
        "/devices/" + device + "/place",
        "place",
        bay.id().toString(),
        "since",
        "2026-11-20");
    call(token, HttpMethod.GET, readings + "?gauge=temperature&by=reading", null)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.unit").value("°C"))
        .andExpect(jsonPath("$.readings", hasSize(2)))
        .andExpect(jsonPath("$.readings[0].mean").value(18.5));
    call(token, HttpMethod.GET, readings + "?gauge=temperature", null)
        .andExpect(jsonPath("$.readings", hasSize(1)))
        .andExpect(jsonPath("$.readings[0].high").value(19.5));
    call(token, HttpMethod.GET, readings + "?gauge=humidity", null)
        .andExpect(jsonPath("$.readings", hasSize(0)));
    for (String bad :
        new String[] {"?gauge=mood", "", "?gauge=lux&by=year", "?gauge=lux&from=yesterday"}) {
      call(token, HttpMethod.GET, readings + bad, null).andExpect(status().isBadRequest());
    }
    call(token(keepers.make(), TokenScope.RECORDS), HttpMethod.GET, readings + "?gauge=lux", null)
        .andExpect(status().isNotFound());
  }

  @Test
  void aPlantGoesOutAsAFileOfItsOwn() throws Exception {
    byte[] zip =
        call(token, HttpMethod.GET, path() + "/export", null)
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    assertThat(zip).startsWith('P', 'K');
    call(token(keepers.make(), TokenScope.RECORDS), HttpMethod.GET, path() + "/export", null)
        .andExpect(status().isNotFound());
  }
}
