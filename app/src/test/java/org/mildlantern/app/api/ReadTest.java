package org.mildlantern.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@AppTest
class ReadTest {
  private static final String DEMO = "Bearer ml_test_demo_token";

  private static final ObjectMapper JSON = new ObjectMapper();

  @Autowired MockMvc web;

  private ResultActions ask(String path, String body) throws Exception {
    return web.perform(
        post("/api/v1/" + path)
            .header("Authorization", DEMO)
            .contentType("application/json")
            .content(body));
  }

  @Test
  void aSentenceBecomesFindingsAndContext() throws Exception {
    ask(
            "read",
            """
            {"text": "My peace lily droops, no webs, the air is at 34 %. My sister hates it."}
            """)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.taxon").value("spathiphyllum"))
        .andExpect(jsonPath("$.form").value("big-leaf-rosette"))
        .andExpect(jsonPath("$.findings[?(@.state=='absent')].sign").value(hasItem("webbing")))
        .andExpect(jsonPath("$.findings[0].from").value(14))
        .andExpect(jsonPath("$.context.humidity").value(34.0))
        .andExpect(jsonPath("$.unread.length()").value(1));
  }

  @Test
  void aPlantOfTheCollectionIsKnownByItsCode() throws Exception {
    ask("read", "{\"text\": \"2021-009 has limp leaves\"}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.taxon").value("dracula-simia"));
  }

  @Test
  void whatWasReadCanBeDiagnosedAsItIs() throws Exception {
    JsonNode read =
        JSON.readTree(
            ask(
                    "read",
                    """
                    {"form": "leafy-stem", "text": "white fluff in the joints and sticky leaves, brown spots, watered every other day, its neighbour has mealybugs"}
                    """)
                .andReturn()
                .getResponse()
                .getContentAsString());
    ObjectNode question = JSON.createObjectNode().put("form", read.get("form").asText());
    question.set("findings", read.get("findings"));
    question.set("context", read.get("context"));
    ask("diagnose", question.toString())
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.ranking[0].cause").value("mealybugs"));
  }

  @Test
  void whatIsNotSureCountsLess() throws Exception {
    String body =
        """
        {"form": "leafy-stem", "findings": [{"sign": "webbing", "state": "present", "sure": %s}]}
        """;
    double half = chanceOfMites(body.formatted("0.5"));
    assertThat(half).isLessThan(chanceOfMites(body.formatted("1")));
    assertThat(half).isGreaterThan(chanceOfMites(body.formatted("0.05")));
    ask("diagnose", body.formatted("0")).andExpect(status().isBadRequest());
    ask("diagnose", body.formatted("1.5")).andExpect(status().isBadRequest());
    ask("diagnose", body.formatted("\"very\"")).andExpect(status().isBadRequest());
  }

  private double chanceOfMites(String body) throws Exception {
    JsonNode answer =
        JSON.readTree(
            ask("diagnose", body)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    for (JsonNode one : answer.get("ranking")) {
      if (one.get("cause").asText().equals("spider-mites")) {
        return one.get("probability").asDouble();
      }
    }
    throw new AssertionError(answer);
  }

  @Test
  void aDayThatItNamesIsCountedFromTheDateGiven() throws Exception {
    ask("read", "{\"text\": \"not watered since Christmas\", \"date\": \"2026-02-24\"}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.context['days-since-watering']").value(61.0));
    ask("read", "{\"text\": \"limp\", \"date\": \"yesterday\"}")
        .andExpect(status().isBadRequest())
        .andExpect(content().string(containsString("$.date")));
  }

  @Test
  void faultsAreNamed() throws Exception {
    ask("read", "{}")
        .andExpect(status().isBadRequest())
        .andExpect(content().string(containsString("$.text")));
    ask("read", "{\"text\": \"" + "x".repeat(4001) + "\"}")
        .andExpect(status().isBadRequest())
        .andExpect(content().string(containsString("at most 4000 characters")));
    ask("read", "{\"text\": \"limp\", \"taxon\": \"phalaenopsi\"}")
        .andExpect(status().isBadRequest())
        .andExpect(content().string(containsString("phalaenopsis")));
  }
}
