package org.mildlantern.app.api;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.lessThan;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@AppTest
class SeasonAnswersTest {
  @Autowired MockMvc web;

  private ResultActions ask(String body) throws Exception {
    return web.perform(
        post("/api/v1/season")
            .header("Authorization", "Bearer ml_test_demo_token")
            .contentType("application/json")
            .content(body.replace('\'', '"')));
  }

  private void fault(String body, String path) throws Exception {
    ask(body)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.problems[*].path").value(hasItem(path)));
  }

  @Test
  void aTrumpetPlantRestsDampAndColdInJanuary() throws Exception {
    ask("{'taxon': 'dionaea', 'latitude': 52, 'day': '2026-01-10', 'place': {'nightC': 3, 'dayC': 9}}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.stages.rest").value(greaterThan(0.3)))
        .andExpect(jsonPath("$.stages.flower").value(lessThan(0.1)))
        .andExpect(jsonPath("$.water").value("damp"))
        .andExpect(jsonPath("$.restKind").value("moist-cold"))
        .andExpect(jsonPath("$.cue").value("cold"))
        .andExpect(jsonPath("$.repotNow").value("no"))
        .andExpect(jsonPath("$.notBefore").exists());
    ask("{'taxon': 'Dionaea muscipula', 'latitude': -35, 'day': '2026-01-10'}")
        .andExpect(jsonPath("$.stages.rest").value(closeTo(0, 1e-9)))
        .andExpect(jsonPath("$.water").value("usual"));
  }

  @Test
  void badInputSaysWhere() throws Exception {
    fault("{'latitude': 52, 'day': '2026-01-10'}", "$.taxon");
    fault("{'taxon': 'triffid', 'latitude': 52, 'day': '2026-01-10'}", "$.taxon");
    fault("{'taxon': 'dionaea', 'latitude': 91, 'day': '2026-01-10'}", "$.latitude");
    fault("{'taxon': 'dionaea', 'latitude': 52, 'day': 'soon'}", "$.day");
    fault("{'taxon': 'dionaea', 'latitude': 52}", "$.day");
    fault(
        "{'taxon': 'dionaea', 'latitude': 52, 'day': '2026-01-10', 'place': {'nightC': 'cold'}}",
        "$.place.nightC");
    fault("{'taxon': 'dionaea', 'latitude': 52, 'day': '2026-01-10', 'soil': 1}", "$.soil");
  }
}
