package org.mildlantern.app.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.cookie;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.Round;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A collection of 170 plants, all of them due, in three places. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class LargeCollectionTest extends WebCase {
  private static final int MOST_BYTES = 150_000;
  private static final Pattern ON_SHELF = Pattern.compile("<li><a href=\"/plants/\\d+\"");

  @Autowired RoundService rounds;
  @Autowired PlantService plants;

  private SignedIn keeper;
  private final List<PlaceView> places = new ArrayList<>();
  private final List<PlantView> all = new ArrayList<>();

  @BeforeAll
  void manyPlants() {
    keeper = keepers.make();
    for (Map.Entry<String, Integer> of :
        List.of(Map.entry("Bench", 70), Map.entry("Case", 65), Map.entry("Sill", 35))) {
      PlaceView place = keepers.place(keeper, of.getKey(), PlaceKind.INDOOR);
      places.add(place);
      for (int i = 0; i < of.getValue(); i++) {
        all.add(keepers.plant(keeper, place, "Coleus scutellarioides"));
      }
    }
  }

  private String page(String path) throws Exception {
    return get(keeper, path)
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  private static long onShelf(String html) {
    return ON_SHELF.matcher(html).results().count();
  }

  @Test
  void noPageIsLargerThanItShouldBe() throws Exception {
    Long plant = all.get(0).id();
    for (String path :
        List.of(
            "/today",
            "/today?day=2026-11-22",
            "/today/asking",
            "/plants",
            "/plants/walk?place=" + places.get(0).id(),
            "/diagnose",
            "/diagnose?place=" + places.get(0).id(),
            "/places",
            "/treatments",
            "/find?q=coleus",
            "/plants/" + plant,
            "/plants/" + plant + "/diagnose")) {
      assertThat(page(path).length()).as(path).isLessThan(MOST_BYTES);
    }
  }

  @Test
  void theShelfOpensOnePlaceAndKeepsItOpen() throws Exception {
    assertThat(onShelf(page("/plants"))).isZero();
    assertThat(page("/plants")).contains("Bench", "Case", "Sill");
    String opened = places.get(2).id().toString();
    String shelf =
        part(keeper, "/frame/shelf?show=" + opened)
            .andExpect(cookie().value("shelf", opened))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(onShelf(shelf)).isEqualTo(35);
    String next =
        web.perform(
                MockMvcRequestBuilders.get("/plants")
                    .with(user(keeper))
                    .cookie(new Cookie("shelf", opened)))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(onShelf(next)).isEqualTo(35);
  }

  @Test
  void thePlaceOfThePlantThatIsShownStandsOpenAroundIt() throws Exception {
    PlantView last = all.get(69);
    String html = page("/plants/" + last.id());
    assertThat(html)
        .contains("<a href=\"/plants/" + last.id() + "\" aria-current=\"true\"")
        .contains("all 70");
    assertThat(onShelf(html)).isLessThan(60);
  }

  @Test
  void theShelfByNeedShowsThoseThatAsk() throws Exception {
    String shelf =
        part(keeper, "/frame/shelf?show=need")
            .andExpect(cookie().value("shelf", "need"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(shelf).contains("By need <b>170</b>", "all 170", "/today/asking");
    assertThat(onShelf(shelf)).isEqualTo(60);
    get(keeper, "/today/asking?page=2")
        .andExpect(content().string(containsString("101 to 170 of 170")));
  }

  @Test
  void aCookieThatMakesNoSenseShowsTheShelfAsItIs() throws Exception {
    for (String kept : List.of("<b>", "-1", "99999999999999999999", "999999")) {
      web.perform(
              MockMvcRequestBuilders.get("/plants")
                  .with(user(keeper))
                  .cookie(new Cookie("shelf", kept)))
          .andExpect(status().isOk());
    }
  }

  @Test
  void theRoundShowsOnePlaceAndCountsTheOthers() throws Exception {
    Round round = keepers.as(keeper, () -> rounds.round(Keepers.TODAY));
    assertThat(round.due()).isEqualTo(170);
    assertThat(round.stops()).extracting(stop -> stop.rows().size()).containsExactly(20, 0, 0);
    assertThat(round.stops())
        .extracting(stop -> stop.count().waiting())
        .containsExactly(70, 65, 35);
    get(keeper, "/today?place=" + places.get(2).id())
        .andExpect(content().string(containsString("1 to 20 of 35")))
        .andExpect(content().string(containsString("65 stops wait")));
    get(keeper, "/today?place=" + places.get(2).id() + "&page=2")
        .andExpect(content().string(containsString("21 to 35 of 35")));
  }

  private String roundSeenFrom(String address) throws Exception {
    return web.perform(
            MockMvcRequestBuilders.get("/today")
                .with(user(keeper))
                .header("HX-Request", "true")
                .header("HX-Current-URL", "http://localhost" + address))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  @Test
  void anAnswerKeepsThePlaceAndThePageInWhichItWasGiven() throws Exception {
    String there = "/today?place=" + places.get(1).id();
    assertThat(roundSeenFrom(there)).contains("id=\"water-" + all.get(70).id() + "\"");
    assertThat(roundSeenFrom(there + "&page=2"))
        .contains("21 to 40 of 65", "id=\"water-" + all.get(90).id() + "\"");
    assertThat(roundSeenFrom(there + "&page=999999999999")).contains(" of 65");
    assertThat(roundSeenFrom("/today?place=0")).contains("1 to 20 of 70");
  }

  @Test
  void thePlantThatWorriesIsFoundByItsPlaceAndToldByItsCode() throws Exception {
    String open = "/diagnose?place=" + places.get(1).id();
    get(keeper, "/diagnose")
        .andExpect(content().string(containsString("Where does it stand?")))
        .andExpect(content().string(containsString("href=\"" + open + "\"")));
    get(keeper, open)
        .andExpect(content().string(containsString("/plants/" + all.get(70).id() + "/diagnose")))
        .andExpect(content().string(containsString(all.get(70).code())))
        .andExpect(content().string(containsString("Where does it stand?")))
        .andExpect(content().string(not(containsString("href=\"" + open + "\""))));
  }

  @Test
  void anotherKeepersPlaceIsNotThere() throws Exception {
    SignedIn stranger = keepers.make();
    PlaceView secret = keepers.place(stranger, "Zzsecret", PlaceKind.INDOOR);
    get(keeper, "/plants?place=" + secret.id()).andExpect(status().isNotFound());
    for (String path :
        List.of("/today?place=", "/diagnose?place=", "/treatments?place=", "/frame/shelf?show=")) {
      get(keeper, path + secret.id())
          .andExpect(status().isOk())
          .andExpect(content().string(not(containsString("Zzsecret"))));
    }
  }

  @Test
  void theListIsReadByPageAndByPlace() throws Exception {
    get(keeper, "/plants?page=4").andExpect(content().string(containsString("151 to 170 of 170")));
    get(keeper, "/plants?place=" + places.get(2).id())
        .andExpect(content().string(containsString("35 of 170 plants")));
    get(keeper, "/plants?page=many").andExpect(status().isBadRequest());
  }

  @Test
  void theWalkOfAPageLeavesTheOtherPagesAsTheyAre() throws Exception {
    Long bench = places.get(0).id();
    List<Long> before = walk(bench);
    List<Long> two = List.of(before.get(61), before.get(60));
    post(
            keeper,
            "/plants/walk",
            "place",
            bench.toString(),
            "order",
            two.get(0).toString(),
            "order",
            two.get(1).toString(),
            "page",
            "2")
        .andExpect(redirectedUrl("/plants/walk?place=" + bench + "&page=2"));
    List<Long> after = walk(bench);
    assertThat(after.subList(60, 62)).isEqualTo(two);
    assertThat(after.subList(0, 60)).isEqualTo(before.subList(0, 60));
  }

  private List<Long> walk(Long place) {
    return keepers.as(keeper, plants::kept).stream()
        .filter(plant -> plant.place().id().equals(place))
        .map(PlantView::id)
        .toList();
  }

  @Test
  void aRefusedFormShowsTheFrameToo() throws Exception {
    post(keeper, "/plants/new", "kind", "", "placeId", "", "stage", "GROWTH")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("By need <b>170</b>")));
  }

  @Test
  void findsAreReadByPage() throws Exception {
    get(keeper, "/find?q=coleus")
        .andExpect(content().string(containsString("1 to 25 of ")))
        .andExpect(content().string(containsString("page=2")));
    long glance =
        Stream.of(
                part(keeper, "/find?q=coleus")
                    .andReturn()
                    .getResponse()
                    .getContentAsString()
                    .split("href=\"/plants/"))
            .count();
    assertThat(glance - 1).isEqualTo(12);
    get(keeper, "/find?q=coleus&page=2")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("q=coleus&amp;page=1")));
  }

  @Test
  void theCookieOfTheShelfCannotBeReadByScripts() throws Exception {
    String header =
        part(keeper, "/frame/shelf?show=need")
            .andReturn()
            .getResponse()
            .getHeader(HttpHeaders.SET_COOKIE);
    assertThat(header).contains("HttpOnly", "SameSite=Lax", "Path=/");
  }
}
