package org.mildlantern.app.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.feed.SaltStory;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class PlantFeedPagesTest extends WebCase {
  @Autowired TestClock clock;
  @Autowired PotSaltService salts;
  @Autowired Flushing flushing;
  @Autowired CaseService cases;
  @Autowired PlantFeedService feeds;

  private SignedIn keeper;
  private PlaceView sill;
  private PlantView lily;
  private String its;

  @BeforeEach
  void aLilyOnHardRainInJune() throws Exception {
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-06-10T10:00:00Z")));
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    lily = keepers.plant(keeper, sill, "Spathiphyllum wallisii");
    its = "/plants/" + lily.id() + "/feed";
    post(keeper, "/waters", "name", "barrel", "kind", "RAIN", "reading", "40", "readIn", "US_CM");
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private SaltStory story() {
    return keepers.as(keeper, () -> salts.of(lily).orElseThrow());
  }

  private void fedStrongly() {
    for (int i = 0; i < 10; i++) {
      keepers.note(keeper, lily.id(), "fed 20-10-20 600 ppm");
      clock.forward(Duration.ofDays(6));
    }
  }

  @Test
  void aReadingIsTurnedIntoTheWaterOfThePotAndSetsItRight() throws Exception {
    keepers.note(keeper, lily.id(), "watered 200");
    get(keeper, its)
        .andExpect(content().string(containsString("Nothing was read of this pot yet")));
    post(keeper, its + "/salts", "method", "ONE_TO_TWO", "salts", "500", "saltsIn", "PPM_500")
        .andExpect(redirectedUrl(its));
    get(keeper, its)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("one part in two of water 1 mS/cm"),
                        containsString("3.2 mS/cm in the water of the pot"))));
    assertThat(story().readings()).isEqualTo(1);
    assertThat(story().pot().ecFull()).isGreaterThan(0.3);
  }

  @Test
  void aLabelWithHardlyAnyNitrogenAndAMadStrengthBreakNoPage() throws Exception {
    keepers.note(keeper, lily.id(), "fed 0.1-10-10 4000 ppm");
    assertThat(story().pot().ecFull()).isPositive();
    get(keeper, its).andExpect(status().isOk());
    get(keeper, "/plants/" + lily.id()).andExpect(status().isOk());
  }

  @Test
  void aReadingThatCanBeReadInTwoWaysIsAsked() throws Exception {
    post(keeper, its + "/salts", "method", "POUR_THROUGH", "salts", "900")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("ppm is not the same on all"),
                        containsString("value=\"900\""))));
    post(keeper, its + "/salts", "salts", "lots", "saltsIn", "MS_CM")
        .andExpect(
            content()
                .string(allOf(containsString("such as 1.4"), containsString("value=\"lots\""))));
    post(keeper, its + "/salts", "salts", "1.4", "saltsIn", "MS_CM")
        .andExpect(content().string(containsString("How was it read?")));
    post(keeper, its + "/salts", "method", "PROBE", "salts", "900", "saltsIn", "MS_CM")
        .andExpect(content().string(containsString("No pot holds so much")));
  }

  @Test
  void aPotThatIsOverIsFlushedFromTheRound() throws Exception {
    fedStrongly();
    assertThat(story().isOver()).isTrue();
    get(keeper, "/plants/" + lily.id())
        .andExpect(content().string(containsString("Its pot is full of salts: flush it first")));
    String round =
        get(keeper, "/today")
            .andExpect(content().string(containsString("flush it with")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    String ml = round.replaceAll("(?s).*?name=\"ml\" value=\"(\\d+)\".*", "$1");
    assertThat(Double.parseDouble(ml)).isGreaterThan(500);
    post(keeper, its + "/flushed", "ml", ml).andExpect(redirectedUrl("/today"));
    get(keeper, "/today").andExpect(content().string(not(containsString("flush it with"))));
    assertThat(story().pot().ecFull()).isLessThan(story().limit() * 0.6);
    post(keeper, its + "/flushed", "ml", "-3").andExpect(status().isUnprocessableEntity());
    post(keepers.make(), its + "/flushed", "ml", "900").andExpect(status().isNotFound());
  }

  @Test
  void whatRestsOrHasNoHoleIsNotToldToBeFlushed() throws Exception {
    fedStrongly();
    keepers.note(keeper, lily.id(), "pour-through 5 mS/cm");
    assertThat(keepers.as(keeper, () -> flushing.may(lily))).isEqualTo(Flushing.May.YES);
    keepers.as(keeper, () -> cases.open(lily.id(), "root-rot"));
    assertThat(keepers.as(keeper, () -> flushing.may(lily))).isEqualTo(Flushing.May.ILL);
    get(keeper, "/plants/" + lily.id())
        .andExpect(content().string(containsString("they bear no soaking")));
    get(keeper, "/today").andExpect(content().string(not(containsString("flush it with"))));
    PlantView bulb = keepers.plant(keeper, sill, "Pleione formosana");
    clock.forward(Duration.between(clock.instant(), Instant.parse("2027-12-10T10:00:00Z")));
    assertThat(keepers.as(keeper, () -> flushing.may(bulb))).isEqualTo(Flushing.May.AT_REST);
  }

  @Test
  void grainsAreWeighedForThePotAndAreSpentInTheEnd() throws Exception {
    grains();
    PlantFeedView.Grains grains = view().grains().get(0);
    assertThat(grains.amount()).matches("about \\d+\\.\\d g feed this pot.*");
    String product = "" + grains.id();
    post(keeper, its + "/grains", "product", product, "grams", "4").andExpect(redirectedUrl(its));
    assertThat(view().strewn().get(0).means()).startsWith("100 % left");
    clock.forward(Duration.ofDays(90));
    assertThat(view().strewn().get(0).means()).matches("(5[0-9]|4[0-9]) % left.*");
    post(keeper, its + "/grains", "product", product, "grams", "heap")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("A number, please, such as 4.")));
    post(keeper, its + "/grains", "product", "999999", "grams", "4")
        .andExpect(content().string(containsString("Pick grains of your own")));
    get(keeper, "/feed").andExpect(content().string(not(containsString("No plant is to be fed"))));
  }

  @Test
  void noGrainsAreWeighedForAPlantThatIsNotToBeFed() throws Exception {
    grains();
    clock.forward(Duration.between(clock.instant(), Instant.parse("2027-12-10T10:00:00Z")));
    assertThat(view().grains().get(0).amount()).startsWith("none now: not in this season");
  }

  @Test
  void aTrapPlantGetsNoGrains() throws Exception {
    grains();
    String product = "" + view().grains().get(0).id();
    PlantView sundew = keepers.plant(keeper, sill, "Drosera capensis");
    String dews = "/plants/" + sundew.id() + "/feed";
    get(keeper, dews).andExpect(content().string(containsString("No grains for it")));
    post(keeper, dews + "/grains", "product", product, "grams", "2")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("No grains for it")));
  }

  private void grains() throws Exception {
    post(
        keeper,
        "/feed/products",
        "name",
        "Grains",
        "convention",
        "OXIDE",
        "n",
        "15",
        "p",
        "9",
        "k",
        "12",
        "months",
        "6");
  }

  private PlantFeedView view() {
    return keepers.as(keeper, () -> feeds.of(lily.id()).orElseThrow());
  }

  @Test
  void anothersPlantIsNotThere() throws Exception {
    SignedIn stranger = keepers.make();
    get(stranger, its).andExpect(status().isNotFound());
    post(stranger, its + "/salts", "method", "PROBE", "salts", "1", "saltsIn", "MS_CM")
        .andExpect(status().isNotFound());
  }
}
