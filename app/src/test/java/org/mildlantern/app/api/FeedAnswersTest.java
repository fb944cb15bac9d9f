package org.mildlantern.app.api;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@AppTest
class FeedAnswersTest {
  @Autowired MockMvc web;

  private ResultActions ask(String what, String body) throws Exception {
    return web.perform(
        post("/api/v1/" + what)
            .header("Authorization", "Bearer ml_test_demo_token")
            .contentType("application/json")
            .content(body.replace('\'', '"')));
  }

  private void fault(String what, String body, String path) throws Exception {
    ask(what, body)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.problems[*].path").value(hasItem(path)));
  }

  @Test
  void aLabelGivesItsElementsByEitherConvention() throws Exception {
    ask("feed", "{'label': {'n': 20, 'p2o5': 10, 'k2o': 20, 'mg': 1.2}, 'gramsPerLitre': 0.5}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.ppm.N").value(closeTo(100, 1e-9)))
        .andExpect(jsonPath("$.ppm.P").value(closeTo(21.8, 0.1)))
        .andExpect(jsonPath("$.ppm.K").value(closeTo(83.0, 0.1)))
        .andExpect(jsonPath("$.ppm.Mg").value(closeTo(6, 1e-9)))
        .andExpect(jsonPath("$.ppm.Ca").doesNotExist())
        .andExpect(jsonPath("$.ecMsCm").value(closeTo(0.75, 0.15)));
    ask("feed", "{'label': {'n': 3, 'p': 1, 'k': 2}, 'gramsPerLitre': 1}")
        .andExpect(jsonPath("$.ppm.P").value(closeTo(10, 1e-9)));
  }

  @Test
  void aFeedThatCannotBeSaysWhere() throws Exception {
    fault("feed", "{'label': {'n': 60, 'p2o5': 30, 'k2o': 30}, 'gramsPerLitre': 1}", "$.label");
    fault("feed", "{'label': {'n': -1, 'p2o5': 3, 'k2o': 3}, 'gramsPerLitre': 1}", "$.label.n");
    fault(
        "feed",
        "{'label': {'n': 3, 'p2o5': 3, 'p': 1, 'k2o': 3}, 'gramsPerLitre': 1}",
        "$.label.p2o5");
    fault("feed", "{'label': {'n': 3, 'k2o': 3}, 'gramsPerLitre': 1}", "$.label.p2o5");
    fault("feed", "{'label': {'n': 3, 'p2o5': 1, 'k2o': 2}}", "$.gramsPerLitre");
    fault(
        "feed",
        "{'label': {'n': 3, 'p2o5': 1, 'k2o': 2, 'zn': 1}, 'gramsPerLitre': 1}",
        "$.label.zn");
    fault("feed", "{'gramsPerLitre': 1}", "$.label");
    fault("feed", "[]", "$");
  }

  @Test
  void aHardnessComesBackInAllUnits() throws Exception {
    ask("water", "{'hardness': 10, 'unit': 'dH'}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.ppmCaCO3").value(closeTo(178.5, 0.1)))
        .andExpect(jsonPath("$.dH").value(closeTo(10, 1e-9)))
        .andExpect(jsonPath("$.fH").value(closeTo(17.85, 0.01)))
        .andExpect(jsonPath("$.e").value(closeTo(12.52, 0.01)))
        .andExpect(jsonPath("$.grains").value(closeTo(10.43, 0.01)))
        .andExpect(jsonPath("$.parts").doesNotExist());
    fault("water", "{'hardness': 10, 'unit': 'furlongs'}", "$.unit");
    fault("water", "{'hardness': -1, 'unit': 'dH'}", "$.hardness");
    fault("water", "{'hardness': 10}", "$.unit");
  }

  @Test
  void watersAreBlendedToAConductivity() throws Exception {
    ask(
            "water",
            "{'waters': [{'name': 'tap', 'ecUsCm': 600, 'alkalinityPpm': 240},"
                + " {'name': 'rain', 'ecUsCm': 20}], 'target': {'ecUsCm': 165}}")
        .andExpect(jsonPath("$.parts.tap").value(closeTo(0.25, 1e-9)))
        .andExpect(jsonPath("$.parts.rain").value(closeTo(0.75, 1e-9)))
        .andExpect(jsonPath("$.ecUsCm").value(closeTo(165, 1e-6)));
    fault("water", "{'waters': [], 'target': {'ecUsCm': 100}}", "$.waters");
    fault(
        "water",
        "{'waters': [{'name': 'a', 'ecUsCm': 5}, {'name': 'a', 'ecUsCm': 9}],"
            + " 'target': {'ecUsCm': 7}}",
        "$.waters[1].name");
    fault("water", "{'waters': [{'name': 'a', 'ecUsCm': 5}]}", "$.target");
    ask("water", "{'waters': 3}").andExpect(jsonPath("$.detail").value(containsString("faults")));
  }
}
