package org.mildlantern.app.away;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.journal.Watered;
import org.springframework.beans.factory.annotation.Autowired;

/** The return from an absence, what it teaches, and the week after. */
class ReturnTest extends TripCase {
  @Test
  void theReturnIsCheckedPlantByPlantAndTeaches() throws Exception {
    String trip = plan("visits", "0");
    Long id = Long.valueOf(trip.replaceAll(".*/", ""));
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "WELL")
        .andExpect(status().isUnprocessableEntity());
    post(keeper, trip + "/back");
    get(keeper, "/today")
        .andExpect(content().string(containsString("You are back: look 6 plants over")));
    get(keeper, trip).andExpect(content().string(containsString("Limp")));
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "THIRSTY");
    assertThat(log().get(0).text()).startsWith("Back from an absence: limp, not harmed");
    get(keeper, "/today")
        .andExpect(
            content()
                .string(
                    allOf(containsString("step 1 of 3"), containsString("no feed for two weeks"))));
    post(keeper, trip + "/drinks", "drinker", maple.id().toString());
    Watered step = log().get(0).as(Watered.class).orElseThrow();
    assertThat(step.runOff()).isEqualTo(Watered.RunOff.NONE);
    get(keeper, "/today").andExpect(content().string(not(containsString("step 1 of 3"))));
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "DEAD");
    assertThat(log()).noneMatch(entry -> entry.text().contains("limp"));
    assertThat(found(id)).isEqualTo("DEAD");
    post(
        keeper,
        "/entries/"
            + log().stream().filter(e -> e.text().contains("dead")).findFirst().orElseThrow().id()
            + "/undo");
    assertThat(found(id)).isNull();
  }

  private String found(Long trip) {
    return jdbc.sql("select found from trip_plant where trip_id = ? and plant_id = ?")
        .param(trip)
        .param(maple.id())
        .query((row, n) -> java.util.Optional.ofNullable(row.getString(1)))
        .single()
        .orElse(null);
  }

  @Autowired TripExperience experience;

  @Test
  void whatIsFoundMovesWhatIsExpectedNext() throws Exception {
    String trip = plan("visits", "0");
    clock.forward(
        Duration.between(
            Instant.parse("2027-06-10T10:00:00Z"), Instant.parse("2027-07-23T10:00:00Z")));
    List<Long> all =
        jdbc.sql("select plant_id from trip_plant where trip_id = ?")
            .param(Long.valueOf(trip.replaceAll(".*/", "")))
            .query(Long.class)
            .list();
    String[] found = new String[2 * all.size() + 2];
    for (int i = 0; i < all.size(); i++) {
      found[2 * i] = "plants";
      found[2 * i + 1] = all.get(i).toString();
    }
    found[2 * all.size()] = "found";
    found[2 * all.size() + 1] = "WELL";
    post(keeper, trip + "/found", found);
    assertThat(keepers.as(keeper, experience::taught).shift()).isNegative();
    assertThat(keepers.as(keeper, experience::taught).plants()).isEqualTo(6);
    assertThat(keepers.as(keepers.make(), experience::taught).plants()).isZero();
  }

  @Test
  void ofAnAbsenceThatWasShorterNothingIsLearnt() throws Exception {
    String trip = plan("visits", "0");
    post(keeper, trip + "/back");
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "WELL");
    assertThat(keepers.as(keeper, experience::taught).plants()).isZero();
    assertThat(log().get(0).text()).isEqualTo("Back from an absence: well");
  }

  @Test
  void ofWhatTheVisitorMissedNothingIsLearnt() throws Exception {
    String trip = plan();
    clock.forward(
        Duration.between(
            Instant.parse("2027-06-10T10:00:00Z"), Instant.parse("2027-07-23T10:00:00Z")));
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "DEAD");
    assertThat(keepers.as(keeper, experience::taught).plants()).isZero();
  }

  @Test
  void pestsAreLookedForAWeekAfterTheReturn() throws Exception {
    String trip = plan("visits", "0");
    post(keeper, trip + "/back");
    get(keeper, "/today").andExpect(content().string(not(containsString("plants over for pests"))));
    clock.forward(Duration.ofDays(7));
    get(keeper, "/today")
        .andExpect(content().string(containsString("look 6 plants over for pests")));
    post(keeper, trip + "/pests", "plants", maple.id().toString())
        .andExpect(redirectedUrl("/today"));
    assertThat(log().get(0).text()).startsWith("Looked for pests");
    get(keeper, "/today")
        .andExpect(content().string(containsString("look 5 plants over for pests")));
  }
}
