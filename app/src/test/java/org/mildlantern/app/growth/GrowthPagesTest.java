package org.mildlantern.app.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.growth.GrowthTrend;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class GrowthPagesTest extends WebCase {
  @Autowired TestClock clock;
  @Autowired GrowthService growth;

  private SignedIn keeper;
  private PlantView orchid;
  private String its;

  @BeforeEach
  void anOrchid() {
    keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    orchid = keepers.plant(keeper, sill, "Phalaenopsis");
    its = "/plants/" + orchid.id() + "/growth";
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private GrowthView view() {
    return keepers.as(keeper, () -> growth.of(orchid.id()).orElseThrow());
  }

  @Test
  void eachNewLeafStandsAgainstTheLastWithWhatWasDoneBetween() throws Exception {
    get(keeper, its).andExpect(content().string(containsString("Nothing is measured yet")));
    keepers.note(keeper, orchid.id(), "new leaf 12 cm");
    assertThat(view().kinds().get(0).words()).contains("one so far");
    clock.forward(Duration.ofDays(30));
    keepers.note(keeper, orchid.id(), "repotted into 13 cm");
    keepers.note(keeper, orchid.id(), "fed 50 ppm");
    clock.forward(Duration.ofDays(50));
    post(keeper, its, "organ", "LEAF", "cm", "15").andExpect(redirectedUrl(its));
    clock.forward(Duration.ofDays(80));
    post(keeper, its, "organ", "LEAF", "cm", "19").andExpect(redirectedUrl(its));
    GrowthView.OfOrgan leaves = view().kinds().get(0);
    assertThat(leaves.trend().verdict()).isEqualTo(GrowthTrend.Verdict.LARGER);
    assertThat(leaves.all().get(1).against()).isEqualTo("+25 % against the last");
    assertThat(leaves.all().get(1).changed()).anyMatch(c -> c.contains("13")).contains("one feed");
    assertThat(leaves.all().get(2).changed()).isEmpty();
    get(keeper, its)
        .andExpect(
            content()
                .string(
                    allOf(containsString("Each is larger than the last"), containsString("svg"))));
    get(keeper, "/plants/" + orchid.id())
        .andExpect(content().string(containsString("Is it growing better?")));
  }

  @Test
  void leavesAndSpikesAreHeldApart() {
    keepers.note(keeper, orchid.id(), "new leaf 12 cm");
    keepers.note(keeper, orchid.id(), "new spike 40 cm");
    assertThat(view().kinds()).hasSize(2).allMatch(kind -> kind.trend() == null);
  }

  @Test
  void whatCannotBeIsSaidByItsField() throws Exception {
    post(keeper, its, "cm", "12")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("What has grown?")));
    post(keeper, its, "organ", "LEAF", "cm", "long")
        .andExpect(
            content()
                .string(
                    allOf(containsString("A number, please"), containsString("value=\"long\""))));
    post(keeper, its, "organ", "LEAF", "cm", "-3")
        .andExpect(content().string(containsString("Between 0.1 and 500 cm")));
    post(keeper, its, "organ", "LEAF", "cm", "9", "day", "2031-01-01")
        .andExpect(content().string(containsString("has not come yet")));
    get(keepers.make(), its).andExpect(status().isNotFound());
    post(keepers.make(), its, "organ", "LEAF", "cm", "9").andExpect(status().isNotFound());
    assertThat(view().kinds()).isEmpty();
  }
}
