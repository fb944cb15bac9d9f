package org.mildlantern.app.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.keeper.TokenScope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;

class KeptPagesTest extends WebCase {
  private static final Pattern KEY = Pattern.compile("name=\"key\" value=\"([^\"]+)\"");
  private static final Pattern MADE = Pattern.compile("data-made=\"([^\"]*)\"");

  @Autowired TestClock clock;
  @Autowired KeeperService accounts;
  @Autowired JdbcClient jdbc;

  private SignedIn keeper;
  private PlantView plant;
  private String page;

  @BeforeEach
  void aPlant() {
    keeper = keepers.make();
    plant = keepers.plant(keeper, keepers.place(keeper, "Sill", PlaceKind.INDOOR), "Phalaenopsis");
    page = "/plants/" + plant.id();
  }

  @AfterEach
  void clock() {
    clock.reset();
  }

  private String text(SignedIn who, String path) throws Exception {
    return text(get(who, path));
  }

  private static String text(ResultActions answer) throws Exception {
    return answer.andExpect(status().isOk()).andReturn().getResponse().getContentAsString();
  }

  private static Set<String> keys(String text) {
    Set<String> keys = new TreeSet<>();
    for (Matcher key = KEY.matcher(text); key.find(); ) {
      assertThat(keys.add(key.group(1))).as("given twice: " + key.group(1)).isTrue();
    }
    return keys;
  }

  private static String withoutBlanks(String text) {
    return MADE.matcher(KEY.matcher(text).replaceAll(""))
        .replaceAll("")
        .replaceAll("_csrf\" value=\"[^\"]*\"", "")
        .replaceAll("hx-headers=\"[^\"]*\"", "");
  }

  @Test
  void aPageIsGivenOutAgainWithItsBlanksFilledAnew() throws Exception {
    for (String path : List.of("/today", page, page + "/diagnose", page + "/edit", "/settings")) {
      String first = text(keeper, path);
      clock.forward(Duration.ofMinutes(5));
      String second = text(keeper, path);
      assertThat(withoutBlanks(second)).isEqualTo(withoutBlanks(first));
      assertThat(keys(first)).doesNotContainAnyElementsOf(keys(second)).isNotEmpty();
      Matcher made = MADE.matcher(second);
      assertThat(made.find()).isTrue();
      assertThat(made.group(1)).isEqualTo(clock.instant().toString());
      Matcher token = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(second);
      assertThat(token.find()).isTrue();
      assertThat(first).doesNotContain(token.group(1));
    }
  }

  @Test
  void aKeyFromAKeptPageIsTakenOnceAndOneFromItsNextCopyToo() throws Exception {
    String first = keys(text(keeper, page)).iterator().next();
    String second = keys(text(keeper, page)).iterator().next();
    for (String key : List.of(first, first, second)) {
      post(keeper, page + "/entries", "line", "watered 100", "key", key);
    }
    assertThat(
            jdbc.sql("select count(*) from entry where plant_id = ? and kind = 'WATERED'")
                .param(plant.id())
                .query(Integer.class)
                .single())
        .isEqualTo(2);
  }

  @Test
  void whatChangesShowsAtOnce() throws Exception {
    text(keeper, page);
    keepers.note(keeper, plant.id(), "fed 60 ppm");
    assertThat(text(keeper, page)).contains("60 ppm");
    text(keeper, "/settings");
    keepers.as(keeper, () -> accounts.makeToken("sensor in the case", TokenScope.READ, null));
    assertThat(text(keeper, "/settings")).contains("sensor in the case");
    text(keeper, "/today");
    clock.forward(Duration.ofDays(1));
    assertThat(text(keeper, "/today")).contains("24 November");
  }

  @Test
  void nobodyElseIsGivenIt() throws Exception {
    text(keeper, page);
    SignedIn other = keepers.make();
    get(other, page).andExpect(status().isNotFound());
    assertThat(text(other, "/plants")).doesNotContain(plant.name());
    assertThat(text(keeper, "/plants")).contains(plant.name());
  }

  @Test
  void whatIsSaidOnceIsNotKept() throws Exception {
    text(keeper, "/mixing");
    Cookie[] session = post(keeper, "/mixing/gauges").andReturn().getResponse().getCookies();
    assertThat(text(get(keeper, "/mixing", session))).contains("Saved.");
    assertThat(text(get(keeper, "/mixing", session))).doesNotContain("Saved.");
    assertThat(text(keeper, "/mixing")).doesNotContain("Saved.");
  }

  @Test
  void aQueryAndTheShelfAreAnotherPage() throws Exception {
    assertThat(text(keeper, "/find?q=phal")).contains(plant.name());
    assertThat(text(keeper, "/find?q=zzz")).contains("zzz").doesNotContain("phal\"");
  }
}
