package org.mildlantern.app.said;

import java.util.Arrays;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.BeforeEach;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantService;
import org.springframework.beans.factory.annotation.Autowired;

/** A keeper who says what they see. */
abstract class SaidCase extends WebCase {
  static final String WORDS = "/diagnose/words";
  static final String KEEP = "/plants/said";

  @Autowired DiagnoseService diagnose;
  @Autowired PlantService plants;
  @Autowired PlaceService places;

  SignedIn keeper;

  @BeforeEach
  void nobodyYet() {
    keeper = keepers.make();
  }

  Document said(String... pairs) throws Exception {
    return Jsoup.parse(htmx(keeper, WORDS, pairs).andReturn().getResponse().getContentAsString());
  }

  /** Chips as state, words and place. */
  static List<String> chips(Document page) {
    return page.select(".said-chips li").stream()
        .map(
            chip ->
                chip.className()
                    + ": "
                    + chip.select("b").text()
                    + chip.select("select option[selected]").stream()
                        .map(place -> ", " + place.text())
                        .findFirst()
                        .orElse(""))
        .toList();
  }

  static String first(Document page) {
    return page.select(".cause .top a").first().text();
  }

  static String says(Document page, String chip) {
    return page.select(".said-chips li:contains(" + chip + ") button").val();
  }

  static double percent(Element card) {
    return Double.parseDouble(card.select(".pc").text().replaceAll("[^0-9.]", ""));
  }

  static String[] and(String[] pairs, String... more) {
    String[] all = Arrays.copyOf(pairs, pairs.length + more.length);
    System.arraycopy(more, 0, all, pairs.length, more.length);
    return all;
  }
}
