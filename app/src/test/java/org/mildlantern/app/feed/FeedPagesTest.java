package org.mildlantern.app.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
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
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class FeedPagesTest extends WebCase {
  private static final String[] GREEN = {
    "name", "Green", "convention", "OXIDE", "n", "20", "p", "10", "k", "20", "dose", "1"
  };

  @Autowired TestClock clock;
  @Autowired FeedService feeds;
  @Autowired WaterService waters;
  @Autowired JournalService journal;

  private SignedIn keeper;
  private PlaceView sill;

  @BeforeEach
  void aSillInJune() {
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-06-10T10:00:00Z")));
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private FeedView today() {
    return keepers.as(keeper, () -> feeds.today(null, 5));
  }

  private void water(String name, String kind, String reading) throws Exception {
    post(
            keeper,
            "/waters",
            "name",
            name,
            "kind",
            kind,
            "reading",
            reading,
            "readIn",
            "US_CM",
            "disinfectant",
            "NONE")
        .andExpect(redirectedUrl("/waters"));
  }

  @Test
  void plantsAreFedAsTheyLiveAndTrapsAreNot() throws Exception {
    PlantView orchid = keepers.plant(keeper, sill, "Phalaenopsis");
    PlantView lily = keepers.plant(keeper, sill, "Spathiphyllum wallisii");
    keepers.plant(keeper, sill, "Dionaea muscipula");
    keepers.as(keeper, () -> keepers.note(keeper, orchid.id(), "watered through"));
    get(keeper, "/feed").andExpect(content().string(containsString("No feed is entered yet")));
    post(keeper, "/feed/products", GREEN).andExpect(redirectedUrl("/feed"));
    water("tap", "TAP", "600");
    water("rain", "RAIN", "20");
    FeedView view = today();
    assertThat(view.cans()).hasSize(2);
    assertThat(view.cans().get(0).plants()).extracting(PlantView::id).containsExactly(orchid.id());
    assertThat(view.cans().get(0).parts()).contains("rain");
    assertThat(view.cans().get(1).plants()).extracting(PlantView::id).containsExactly(lily.id());
    assertThat(view.cans().get(0).ppm()).isLessThan(view.cans().get(1).ppm());
    assertThat(view.notToday())
        .anySatisfy(
            why -> {
              assertThat(why.why()).contains("nothing at the roots");
              assertThat(why.plants()).contains("Dionaea muscipula");
            });
    assertThat(view.traps())
        .singleElement()
        .satisfies(t -> assertThat(t.what()).contains("One trap in four"));
    get(keeper, "/feed")
        .andExpect(
            content()
                .string(allOf(containsString("ppm nitrogen"), containsString("They were fed"))));
  }

  @Test
  void aStrengthThatNoCanHasIsNotNoted() throws Exception {
    PlantView lily = keepers.plant(keeper, sill, "Spathiphyllum wallisii");
    post(keeper, "/feed/products", GREEN);
    String product = "" + today().product().id();
    for (String ppm : new String[] {"74", "-75", "1e9", "0"}) {
      post(keeper, "/feed/given", "plants", "" + lily.id(), "ppm", ppm, "product", product)
          .andExpect(redirectedUrl("/feed"))
          .andExpect(flash().attributeExists("said"));
    }
    assertThat(
            keepers.as(keeper, () -> journal.timeline(lily.id(), 9)).stream()
                .filter(entry -> entry.kind() == NoteKind.FED))
        .isEmpty();
  }

  @Test
  void whatWasFedIsNotedAndWaitsForItsDays() throws Exception {
    PlantView lily = keepers.plant(keeper, sill, "Spathiphyllum wallisii");
    post(keeper, "/feed/products", GREEN);
    Long product = today().product().id();
    post(
            keeper,
            "/feed/given",
            "plants",
            "" + lily.id(),
            "plants",
            "999999",
            "ppm",
            "75",
            "product",
            "" + product)
        .andExpect(redirectedUrl("/feed"));
    assertThat(
            keepers.as(keeper, () -> journal.timeline(lily.id(), 9)).stream()
                .filter(entry -> entry.kind() == NoteKind.FED))
        .hasSize(1);
    assertThat(today().cans()).isEmpty();
    assertThat(today().notToday())
        .singleElement()
        .satisfies(w -> assertThat(w.why()).contains("fed lately"));
    get(keeper, "/plants/" + lily.id())
        .andExpect(content().string(containsString("Fed lately, again from")));
    SignedIn stranger = keepers.make();
    post(stranger, "/feed/given", "plants", "" + lily.id(), "ppm", "75", "product", "" + product);
    assertThat(
            keepers.as(keeper, () -> journal.timeline(lily.id(), 9)).stream()
                .filter(entry -> entry.kind() == NoteKind.FED))
        .hasSize(1);
  }

  @Test
  void aDoseIsReckonedByPpmByTheLitreAndByTheLabel() throws Exception {
    post(keeper, "/feed/products", GREEN);
    Long product = today().product().id();
    String page = "/feed?of=" + product + "&can=5&dose=";
    get(keeper, page + "100&by=PPM_N")
        .andExpect(content().string(allOf(containsString("2.5 g"), containsString("N 100.0 ppm"))));
    get(keeper, page + "1&by=PER_LITRE").andExpect(content().string(containsString("N 200.0 ppm")));
    get(keeper, page + "0.25&by=SHARE").andExpect(content().string(containsString("N 50.0 ppm")));
    get(keeper, page + "much&by=SHARE")
        .andExpect(content().string(containsString("A number, please")));
    get(keeper, "/feed?can=0&of=" + product)
        .andExpect(content().string(containsString("Litres of a can")));
    post(
        keeper,
        "/feed/products",
        "name",
        "Drops",
        "convention",
        "ELEMENT",
        "n",
        "3",
        "p",
        "1",
        "k",
        "2",
        "liquid",
        "true",
        "dose",
        "3");
    Long drops = keepers.as(keeper, () -> feeds.today(null, 5)).products().get(0).id();
    get(keeper, "/feed?of=" + drops + "&dose=3&by=PER_LITRE")
        .andExpect(content().string(containsString("says nothing without")));
  }

  @Test
  void aLabelThatCannotBeStaysByItsField() throws Exception {
    post(
            keeper,
            "/feed/products",
            "name",
            "X",
            "convention",
            "OXIDE",
            "n",
            "60",
            "p",
            "30",
            "k",
            "30")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("adds up to 100 %")));
    post(keeper, "/feed/products", "name", "X", "n", "20", "p", "10", "k", "20")
        .andExpect(content().string(containsString("printed as oxides")));
    post(
            keeper,
            "/feed/products",
            "name",
            "X",
            "convention",
            "OXIDE",
            "n",
            "lots",
            "p",
            "10",
            "k",
            "20")
        .andExpect(content().string(containsString("value=\"lots\"")));
    post(
            keeper,
            "/feed/products",
            "name",
            "X",
            "convention",
            "OXIDE",
            "n",
            "20",
            "p",
            "10",
            "k",
            "20",
            "urea",
            "4")
        .andExpect(content().string(containsString("forms of nitrogen add up")));
    post(keeper, "/feed/products", GREEN);
    post(keeper, "/feed/products", GREEN)
        .andExpect(content().string(containsString("One is called that already")));
  }

  @Test
  void watersAreEstimatedAndServed() throws Exception {
    keepers.plant(keeper, sill, "Masdevallia");
    keepers.plant(keeper, sill, "Spathiphyllum wallisii");
    get(keeper, "/waters").andExpect(content().string(containsString("No water is described yet")));
    water("tap", "TAP", "640");
    get(keeper, "/waters")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("640 µS/cm"),
                        containsString("about"),
                        containsString("none is soft enough"))));
    water("rain", "RAIN", "20");
    WatersView view = keepers.as(keeper, () -> waters.view(10));
    assertThat(view.serves()).hasSize(2).noneMatch(WatersView.Serves::hard);
    assertThat(view.all()).contains("rain").contains("tap");
  }

  @Test
  void whatAMeterShowsIsAskedAndTurnedRound() throws Exception {
    post(keeper, "/waters", "name", "tap", "kind", "TAP", "reading", "380")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("In what does your meter read?")));
    post(keeper, "/waters", "name", "tap", "kind", "TAP", "hardness", "14")
        .andExpect(content().string(containsString("In what unit is it?")));
    post(keeper, "/waters", "name", "tap", "kind", "TAP", "reading", "380", "readIn", "PPM_500");
    post(
        keeper,
        "/waters",
        "name",
        "soft",
        "kind",
        "SOFTENED",
        "reading",
        "0.7",
        "readIn",
        "MS_CM",
        "disinfectant",
        "CHLORAMINE");
    get(keeper, "/waters")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("760 µS/cm"),
                        containsString("Far too much sodium"),
                        containsString("does not take chloramine off"))));
  }

  @Test
  void anothersWatersAndFeedsAreNotThere() throws Exception {
    post(keeper, "/feed/products", GREEN);
    water("tap", "TAP", "600");
    Long product = today().product().id();
    Long tap = keepers.as(keeper, () -> waters.view(5)).waters().get(0).id();
    SignedIn stranger = keepers.make();
    get(stranger, "/feed/products/" + product).andExpect(status().isNotFound());
    get(stranger, "/waters/" + tap).andExpect(status().isNotFound());
    post(stranger, "/waters/" + tap + "/remove").andExpect(status().isNotFound());
    post(stranger, "/feed/products/" + product + "/remove").andExpect(status().isNotFound());
    get(stranger, "/waters").andExpect(content().string(not(containsString("600 µS/cm"))));
    get(keeper, "/waters/" + tap).andExpect(content().string(containsString("Keep the water")));
    post(keeper, "/waters/" + tap + "/remove").andExpect(redirectedUrl("/waters"));
    get(keeper, "/feed/products/" + product)
        .andExpect(content().string(containsString("Keep the feed")));
    post(keeper, "/feed/products/" + product + "/remove").andExpect(redirectedUrl("/feed"));
  }

  @Test
  void saltsAreFollowedFromTheDrinksThatWereNoted() throws Exception {
    PlantView lily = keepers.plant(keeper, sill, "Spathiphyllum wallisii");
    get(keeper, "/plants/" + lily.id())
        .andExpect(content().string(not(containsString("Salts in the pot"))));
    water("tap", "TAP", "900");
    for (int i = 0; i < 12; i++) {
      keepers.note(keeper, lily.id(), i % 2 == 0 ? "watered, no run-off" : "fed 500 ppm");
      clock.forward(Duration.ofDays(5));
    }
    get(keeper, "/plants/" + lily.id())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Salts in the pot"),
                        containsString("None of your waters can flush it"))));
    water("rain", "RAIN", "20");
    get(keeper, "/plants/" + lily.id())
        .andExpect(content().string(containsString("l of rain, in portions")));
  }

  @Test
  void whoFeedsFindsItOnTheRound() throws Exception {
    PlantView lily = keepers.plant(keeper, sill, "Spathiphyllum wallisii");
    PlantView other = keepers.plant(keeper, sill, "Goeppertia orbifolia");
    post(keeper, "/feed/products", GREEN);
    get(keeper, "/today").andExpect(content().string(not(containsString("ppm nitrogen"))));
    keepers.note(keeper, lily.id(), "fed 100 ppm");
    clock.forward(Duration.ofDays(40));
    get(keeper, "/today")
        .andExpect(content().string(containsString("ppm nitrogen")))
        .andExpect(content().string(containsString("feed it")));
    Long product = today().product().id();
    post(
            keeper,
            "/feed/given?round=true",
            "plants",
            "" + lily.id(),
            "ppm",
            "100",
            "product",
            "" + product)
        .andExpect(redirectedUrl("/today"));
    get(keeper, "/today").andExpect(content().string(not(containsString("ppm nitrogen"))));
    assertThat(other.id()).isNotNull();
  }

  @Test
  void leavesThatTakeFeedAndTipsThatShunFluorideAreSaid() throws Exception {
    PlantView spider = keepers.plant(keeper, sill, "Chlorophytum comosum");
    get(keeper, "/plants/" + spider.id())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("No feed over its leaves"),
                        containsString("Fluoride and chlorine brown its tips"))));
    PlantView moth = keepers.plant(keeper, sill, "Phalaenopsis");
    get(keeper, "/plants/" + moth.id())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Its leaves take weak feed too"),
                        not(containsString("Fluoride and chlorine")))));
  }
}
