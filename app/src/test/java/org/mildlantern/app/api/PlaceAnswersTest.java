package org.mildlantern.app.api;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
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
class PlaceAnswersTest {
  @Autowired MockMvc web;

  private ResultActions ask(String what, String body) throws Exception {
    return web.perform(
        post("/api/v1/" + what)
            .header("Authorization", "Bearer ml_test_demo_token")
            .contentType("application/json")
            .content(body.replace('\'', '"')));
  }

  @Test
  void theLightOfDaysComesBackWithItsBand() throws Exception {
    String body =
        "{'latitude': 53, 'windows': [{'faces': 180, 'width': 1.4, 'height': 1.2, 'sill': 0.9,"
            + " 'glass': 'low-e'}], 'skyline': [{'from': 150, 'to': 170, 'up': 12}],"
            + " 'spot': {'distance': 0.2, 'side': 0, 'height': 1.1},"
            + " 'lamps': [{'ppf': 40, 'beam': 120, 'distance': 0.4, 'hours': 12}],"
            + " 'days': ['2026-06-21', '2026-12-21']}";
    ask("light", body)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.days.length()").value(2))
        .andExpect(jsonPath("$.days[0].day").value("2026-06-21"))
        .andExpect(jsonPath("$.days[0].dli").value(greaterThan(8.0)))
        .andExpect(jsonPath("$.days[1].dli").value(greaterThan(3.4)))
        .andExpect(jsonPath("$.days[1].directHours").value(greaterThan(3.0)))
        .andExpect(jsonPath("$.days[1].low").exists())
        .andExpect(jsonPath("$.days[1].peakPpfd").value(greaterThan(80.0)));
    ask("light", "{'latitude': -35, 'outdoors': true, 'days': ['2026-12-21']}")
        .andExpect(jsonPath("$.days[0].dli").value(greaterThan(40.0)));
    ask("light", "{'latitude': 80, 'outdoors': true, 'days': ['2026-12-21']}")
        .andExpect(jsonPath("$.days[0].dli").value(0.0));
  }

  @Test
  void airAndRoomsAreWorkedOut() throws Exception {
    ask("air", "{'temperature': 20, 'humidity': 50}")
        .andExpect(jsonPath("$.vpdKpa").value(closeTo(1.17, 0.01)))
        .andExpect(jsonPath("$.dewPoint").value(closeTo(9.3, 0.1)))
        .andExpect(jsonPath("$.absoluteGm3").value(closeTo(8.65, 0.05)))
        .andExpect(jsonPath("$.wetBulb").value(closeTo(13.8, 0.3)))
        .andExpect(jsonPath("$.gramsPerHour").doesNotExist());
    ask(
            "air",
            "{'room': {'volume': 50, 'airChanges': 0.5}, 'outdoor': {'temperature': 2,"
                + " 'humidity': 85}, 'temperature': 20, 'target': 50}")
        .andExpect(jsonPath("$.humidityWithout").value(closeTo(25.5, 1.5)))
        .andExpect(jsonPath("$.gramsPerHour").value(closeTo(107, 10)));
  }

  @Test
  void whatCannotBeSaysWhere() throws Exception {
    ask(
            "light",
            "{'latitude': 91, 'windows': [{'faces': 'south', 'width': 99, 'height': 1,"
                + " 'glass': 'dubble'}], 'spot': {'distance': -1}, 'days': ['soon'], 'sun': 1,"
                + " 'lamps': [{'ppf': 1e9, 'distance': 0, 'hours': 25}]}")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.problems[*].path").value(hasItem("$.windows[0].glass")))
        .andExpect(jsonPath("$.problems[*].path").value(hasItem("$.spot.distance")))
        .andExpect(jsonPath("$.problems[*].path").value(hasItem("$.lamps[0].hours")))
        .andExpect(jsonPath("$.problems[*].path").value(hasItem("$.days[0]")))
        .andExpect(jsonPath("$.problems[*].path").value(hasItem("$.sun")));
    for (String body : new String[] {"[]", "{}", "{'latitude': 53}", "{'days': 7}", "7"}) {
      ask("light", body).andExpect(status().isBadRequest());
      ask("air", body).andExpect(status().isBadRequest());
    }
    ask("air", "{'temperature': 20, 'humidity': 0}")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.problems[0].message").value(containsString("above 0")));
    ask("air", "{'temperature': 20, 'target': 50}").andExpect(status().isBadRequest());
  }
}
