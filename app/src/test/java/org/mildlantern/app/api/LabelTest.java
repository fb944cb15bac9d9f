package org.mildlantern.app.api;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@AppTest
class LabelTest {
  @Autowired MockMvc web;

  private ResultActions ask(String body) throws Exception {
    return web.perform(
        post("/api/v1/label")
            .header("Authorization", "Bearer ml_test_demo_token")
            .contentType("application/json")
            .content(body));
  }

  @Test
  void aRateComesBackPlain() throws Exception {
    ask("{\"text\": \"1-2 lb/100 gal\", \"product\": \"powder\", \"region\": \"us\"}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.low").value(closeTo(1.198, 1e-3)))
        .andExpect(jsonPath("$.high").value(closeTo(2.397, 1e-3)))
        .andExpect(jsonPath("$.unit").value("g/l"))
        .andExpect(jsonPath("$.ambiguous").doesNotExist());
    ask("{\"text\": \"50 g/100 m²\"}").andExpect(jsonPath("$.unit").value("g/m2"));
  }

  @Test
  void whatCanBeReadInSeveralWaysComesWithAll() throws Exception {
    ask("{\"text\": \"1:1,000\", \"product\": \"liquid\"}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.low").doesNotExist())
        .andExpect(jsonPath("$.ambiguous.length()").value(2))
        .andExpect(jsonPath("$.ambiguous[0].low").value(closeTo(0.999, 1e-3)))
        .andExpect(jsonPath("$.ambiguous[0].reading").value("1 of product to 1000 of water"))
        .andExpect(jsonPath("$.ambiguous[1].low").value(closeTo(500, 1e-6)));
  }

  @Test
  void whatCannotBeMeasuredIsRefusedWithTheReason() throws Exception {
    ask("{\"text\": \"5 drops per litre\", \"product\": \"liquid\"}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.refused").value(containsString("A drop has between")));
  }

  @Test
  void aRequestThatIsNoneSaysWhere() throws Exception {
    ask("{\"product\": \"gas\", \"region\": \"mars\", \"words\": 1}")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.problems.length()").value(3));
    ask("{\"product\": \"liquid\"}").andExpect(status().isBadRequest());
    ask("[]").andExpect(status().isBadRequest());
    ask("{\"text\": 5}").andExpect(status().isBadRequest());
  }
}
