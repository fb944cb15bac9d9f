package org.mildlantern.app.said;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import java.util.List;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;

class SaidDoubtTest extends SaidCase {
  @Test
  void wordsThatWereNotUnderstoodAreGuessedAtAndNotTaken() throws Exception {
    String[] speech = {"kind", "ficus benjamina", "text", "purple area"};
    Document page = said(speech);
    assertThat(chips(page)).isEmpty();
    Element guess = page.select(".guesses li:contains(purple area) button").first();
    Document told = said(and(speech, "now", guess.val()));
    assertThat(chips(told)).singleElement().asString().startsWith("there: " + guess.text());
    assertThat(told.select(".guesses button")).noneMatch(b -> b.text().equals(guess.text()));
    assertThat(told.select(".cause").text()).contains("because you said “purple");
  }

  @Test
  void whatIsNotSureIsAskedAndCountsLess() throws Exception {
    String[] speech = {"kind", "ficus benjamina", "text", "everything keels over"};
    Document page = said(speech);
    assertThat(chips(page)).singleElement().asString().startsWith("doubt: Limp leaves · sure?");
    assertThat(page.select(".asked").text()).contains("You said “", "limp leaves", "Yes", "No");
    Document yes = said(and(speech, "now", page.select(".asked button:contains(Yes)").val()));
    assertThat(chips(yes)).singleElement().asString().startsWith("there: Limp leaves");
    assertThat(first(yes)).isEqualTo(first(page));
    assertThat(percent(yes.select(".cause").first()))
        .isGreaterThan(percent(page.select(".cause").first()));
    Document no = said(and(speech, "now", page.select(".asked button:contains(No)").val()));
    assertThat(chips(no)).singleElement().asString().startsWith("out: Limp leaves");
    Document aside = said(and(speech, "now", page.select(".asked button:contains(tell)").val()));
    assertThat(chips(aside)).isEqualTo(chips(page));
    assertThat(aside.select(".asked").text()).doesNotContain("keels over");
    Document tapped = said(and(speech, "now", says(page, "Limp leaves")));
    assertThat(chips(tapped)).isEqualTo(chips(yes));
  }

  @Test
  void howSureItIsIsKeptUntilItIsSeen() throws Exception {
    String text = "everything keels over";
    post(keeper, KEEP, "kind", "ficus benjamina", "text", text);
    PlantView plant = keepers.as(keeper, plants::kept).get(0);
    assertThat(sure(plant)).isBetween(0.3, 0.9);
    get(keeper, "/plants/" + plant.id() + "/diagnose")
        .andExpect(content().string(containsString("sure?")));
    mark(plant);
    assertThat(sure(plant)).isEqualTo(1);
    post(keeper, KEEP, "plant", plant.id().toString(), "text", text);
    assertThat(sure(plant)).isEqualTo(1);
  }

  @Test
  void whatIsNotSureIsNotSharedWithOthers() throws Exception {
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    List<PlantView> both =
        List.of(
            keepers.plant(keeper, sill, "Ficus benjamina"),
            keepers.plant(keeper, sill, "Coleus scutellarioides"));
    PlaceView other = keepers.place(keeper, "Other", PlaceKind.INDOOR);
    for (int i = 0; i < 4; i++) {
      keepers.plant(keeper, other, "Hoya carnosa");
    }
    for (PlantView plant : both) {
      post(keeper, KEEP, "plant", plant.id().toString(), "text", "everything keels over");
    }
    get(keeper, "/diagnose/shared").andExpect(content().string(not(containsString("Limp leaves"))));
    for (PlantView plant : both) {
      mark(plant);
    }
    get(keeper, "/diagnose/shared").andExpect(content().string(containsString("Limp leaves")));
  }

  private void mark(PlantView plant) throws Exception {
    post(
        keeper,
        "/plants/" + plant.id() + "/diagnose/mark",
        "node",
        "limp-leaves@all-leaves",
        "state",
        "present");
  }

  private double sure(PlantView plant) {
    return keepers
        .as(keeper, () -> diagnose.state(plant.id()).orElseThrow())
        .findings()
        .get(0)
        .finding()
        .sure();
  }

  @Test
  void aDoubtedNoIsTappedOnceToBeSureOfIt() throws Exception {
    String[] speech = {"kind", "ficus benjamina", "text", "maybe no webs"};
    Document page = said(speech);
    assertThat(chips(page)).containsExactly("not: Fine webbing · sure?");
    assertThat(page.select(".asked").text()).doesNotContain("no webs");
    assertThat(chips(said(and(speech, "now", says(page, "Fine webbing")))))
        .containsExactly("not: Fine webbing");
  }
}
