package org.mildlantern.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.keeper.TokenScope;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@AppTest
class ApiTest {
  private static final String DEMO = "Bearer ml_test_demo_token";

  @Autowired MockMvc web;
  @Autowired Keepers keepers;
  @Autowired KeeperService service;

  private ResultActions diagnose(String body) throws Exception {
    return web.perform(
        post("/api/v1/diagnose")
            .header("Authorization", DEMO)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  @Test
  void theVocabularyListsEveryKind() throws Exception {
    web.perform(get("/api/v1/vocabulary").header("Authorization", DEMO))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.forms.length()").value(greaterThan(15)))
        .andExpect(jsonPath("$.forms[0].parts.length()").value(greaterThan(5)))
        .andExpect(jsonPath("$.signs.length()").value(greaterThan(99)))
        .andExpect(jsonPath("$.signs[0].states[0]").value("present"))
        .andExpect(
            jsonPath("$.openSigns[?(@.id=='brown-spots')].meant[*]").value(hasItem("dark-spots")))
        .andExpect(jsonPath("$.context[?(@.id=='humidity')].unit").value("%"))
        .andExpect(jsonPath("$.context[*].id").value(org.hamcrest.Matchers.not(hasItem("season"))))
        .andExpect(jsonPath("$.taxa.length()").value(greaterThan(79)))
        .andExpect(jsonPath("$.causes.length()").value(greaterThan(44)));
  }

  @Test
  void itRanksWithEvidenceAndNextChecks() throws Exception {
    diagnose(
            """
            {"taxon": "Vriesea ospinae", "date": "2026-01-10",
             "findings": [{"sign": "cup-foul", "pattern": "cup", "state": "present"},
                          {"sign": "soft-crown", "state": "absent"}],
             "context": {"temperature": 14, "neighbour-causes": ["spider-mites"]}}
            """)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.taxon").value("goudaea-ospinae"))
        .andExpect(jsonPath("$.ranking[0].cause").value("cup-stale"))
        .andExpect(jsonPath("$.ranking[0].evidence[0].kind").value("base"))
        .andExpect(jsonPath("$.nextChecks[0].lookFor.length()").value(greaterThan(0)))
        .andExpect(jsonPath("$.fit").value(greaterThan(0.5)));
  }

  @Test
  void anOpenWordIsAFindingToo() throws Exception {
    diagnose(
            """
            {"taxon": "Hoya carnosa", "date": "2026-09-10",
             "findings": [{"sign": "white-stuff", "pattern": "joints", "state": "present"},
                          {"sign": "eaten", "state": "absent"}]}
            """)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.ranking[0].cause").value("mealybugs"));
    diagnose(
            """
            {"taxon": "Hoya carnosa",
             "findings": [{"sign": "white-stuff", "pattern": "twigs", "state": "present"}]}
            """)
        .andExpect(status().isBadRequest())
        .andExpect(content().string(org.hamcrest.Matchers.containsString("$.findings[0].pattern")));
  }

  @Test
  void whatStandsNearItAndItsLightMayBeGiven() throws Exception {
    String question =
        """
        {"taxon": "Hedera helix", "date": "2026-01-10",
         "findings": [{"sign": "crisp-margins", "pattern": "margins", "state": "present"}],
         "context": {"near-heater": "%s", "place-light": "low", "coldest": 12, "warmest": 29}}
        """;
    diagnose(question.formatted("yes"))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.ranking[0].cause").value("hot-vent"));
    diagnose(question.formatted("perhaps"))
        .andExpect(status().isBadRequest())
        .andExpect(content().string(org.hamcrest.Matchers.containsString("near-heater")));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{}|$.taxon",
        "[]|$",
        "{|$",
        "\"x\"|$",
        "{\"taxon\":\"phalaenopsi\"}|$.taxon",
        "{\"form\":\"leafy\"}|$.form",
        "{\"form\":7}|$.form",
        "{\"form\":\"leafy-stem\",\"date\":\"tomorrow\"}|$.date",
        "{\"form\":\"leafy-stem\",\"latitude\":999}|$.latitude",
        "{\"form\":\"leafy-stem\",\"colour\":1}|$.colour",
        "{\"form\":\"fern\",\"taxon\":\"phalaenopsis\"}|$.form",
        "{\"form\":\"leafy-stem\",\"findings\":{}}|$.findings",
        "{\"form\":\"leafy-stem\",\"findings\":[1]}|$.findings[0]",
        "{\"form\":\"leafy-stem\",\"findings\":[{\"sign\":\"limp\",\"state\":\"present\"}]}|$.findings[0].sign",
        "{\"form\":\"leafy-stem\",\"findings\":[{\"sign\":\"limp-leaves\"}]}|$.findings[0].state",
        "{\"form\":\"leafy-stem\",\"findings\":[{\"sign\":\"limp-leaves\",\"pattern\":\"roots\",\"state\":\"present\"}]}|$.findings[0].pattern",
        "{\"form\":\"leafy-stem\",\"findings\":[{\"sign\":\"cup-foul\",\"state\":\"present\"}]}|$.findings[0].sign",
        "{\"form\":\"leafy-stem\",\"context\":{\"humidity\":140}}|$.context.humidity",
        "{\"form\":\"leafy-stem\",\"context\":{\"humidity\":\"dry\"}}|$.context.humidity",
        "{\"form\":\"leafy-stem\",\"context\":{\"season\":\"winter\"}}|$.context.season",
        "{\"form\":\"leafy-stem\",\"context\":{\"stage\":\"asleep\"}}|$.context.stage",
        "{\"form\":\"leafy-stem\",\"context\":{\"neighbour-causes\":[\"mites\"]}}|$.context.neighbour-causes[0]",
      })
  void aFaultNamesItsPath(String body, String path) throws Exception {
    diagnose(body)
        .andExpect(status().isBadRequest())
        .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
        .andExpect(jsonPath("$.status").value(400))
        .andExpect(jsonPath("$.problems[*].path").value(hasItem(path)));
  }

  @Test
  void contradictionsAreNamedAndUnknownIdsComeWithTheNearest() throws Exception {
    diagnose(
            """
            {"form": "leafy-stem", "findings": [
              {"sign": "stipple", "state": "absent"},
              {"sign": "stipple", "pattern": "old-leaves", "state": "present"}]}
            """)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.problems[0].path").value("$.findings[1]"))
        .andExpect(jsonPath("$.problems[0].message").value(containsString("contradicts")));
    diagnose("{\"taxon\":\"goepertia\"}")
        .andExpect(jsonPath("$.problems[0].nearest[0]").value("goeppertia"));
  }

  @Test
  void aRevokedOrWrongTokenOpensNothing() throws Exception {
    SignedIn keeper = keepers.make();
    String token = keepers.as(keeper, () -> service.makeToken("mine", TokenScope.ALL, null));
    web.perform(get("/api/v1/vocabulary").header("Authorization", "Bearer " + token))
        .andExpect(status().isOk());
    Long id = keepers.as(keeper, service::tokens).get(0).id();
    assertThat(keepers.as(keepers.make(), () -> service.revokeToken(id))).isFalse();
    keepers.as(keeper, () -> service.revokeToken(id));
    web.perform(get("/api/v1/vocabulary").header("Authorization", "Bearer " + token))
        .andExpect(status().isUnauthorized());
    web.perform(get("/api/v1/vocabulary").header("Authorization", "Bearer nonsense"))
        .andExpect(status().isUnauthorized());
  }

  @Test
  void itIsDescribedByOpenApi() throws Exception {
    web.perform(get("/v3/api-docs"))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.paths['/api/v1/diagnose'].post").exists())
        .andExpect(jsonPath("$.paths['/api/v1/vocabulary'].get").exists())
        .andExpect(jsonPath("$.components.securitySchemes.token.scheme").value("bearer"));
  }
}
