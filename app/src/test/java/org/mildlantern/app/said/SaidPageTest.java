package org.mildlantern.app.said;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.diagnose.LookState;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;

class SaidPageTest extends SaidCase {
  private static final String SPEECH =
      "Newest leaf is brown where it comes out, no webs, it stands in a pot without a hole.";

  @Test
  void whatIsLikelierButUnseenComesAfterANote() throws Exception {
    Document page = said("text", "Monstera. The leaves are dusty.", "form", "");
    Element seen = page.select(".cause").first();
    assertThat(seen.text()).contains("because you said");
    Element note = page.select("#fits p:contains(it explains nothing of what was seen)").first();
    assertThat(note).isNotNull();
    assertThat(percent(note.nextElementSibling())).isGreaterThan(percent(seen));
  }

  @Test
  void wordsBecomeStatementsAndAnAnswerThatQuotesThem() throws Exception {
    Document page = said("kind", "moth orchid", "text", SPEECH);
    assertThat(chips(page))
        .containsExactly(
            "there: Newest leaf brown or yellow at its base",
            "not: Fine webbing",
            "told: Pot without holes");
    assertThat(first(page)).isEqualTo("Crown rot");
    assertThat(page.select(".cause p").first().text())
        .startsWith("because you said “Newest leaf is brown where it comes out”");
    assertThat(page.select("#understood").text()).startsWith("Understood: 3 statements. First:");
    assertThat(page.select("#marked .read").eachText()).contains("no webs", "without a hole");
    assertThat(page.select(".drawn svg [data-part]")).isNotEmpty();
    assertThat(keepers.as(keeper, plants::kept)).isEmpty();
  }

  @Test
  void aNameOfSeveralKindsIsAskedWithTheirFigures() throws Exception {
    Document page = said("text", "my money plant drops leaves");
    assertThat(page.select("button[name=instead]").eachAttr("value"))
        .containsExactly("Crassula ovata", "Epipremnum aureum", "Pilea peperomioides");
    assertThat(page.select("button[name=instead] use").eachAttr("href"))
        .contains("#small-succulent-stem");
    assertThat(page.select("symbol#small-succulent-stem path")).isNotEmpty();
  }

  @Test
  void aTapTurnsAStatementRoundAndTakesItOut() throws Exception {
    String[] speech = {"kind", "moth orchid", "text", SPEECH};
    Document page = said(speech);
    Document turned = said(and(speech, "now", says(page, "Newest leaf")));
    assertThat(chips(turned)).contains("not: Newest leaf brown or yellow at its base");
    assertThat(first(turned)).isNotEqualTo("Crown rot");
    String mend = turned.select("input[name=mend]").val();
    Document out = said(and(speech, "mend", mend, "now", says(turned, "Newest leaf")));
    assertThat(chips(out)).contains("out: Newest leaf brown or yellow at its base");
    assertThat(out.select("#understood").text()).contains("2 statements");
    Document back =
        said(
            and(
                speech,
                "mend",
                out.select("input[name=mend]").val(),
                "now",
                says(out, "Newest leaf")));
    assertThat(chips(back)).isEqualTo(chips(page));
  }

  @Test
  void aCircumstanceCanBeTakenOut() throws Exception {
    String[] speech = {"kind", "moth orchid", "text", SPEECH};
    Document out = said(and(speech, "now", says(said(speech), "Pot without holes")));
    assertThat(chips(out)).contains("out: Pot without holes");
    assertThat(out.select(".fits").text()).doesNotContain("without a hole");
  }

  @Test
  void aSignIsGivenAnotherPlace() throws Exception {
    Document page = said("kind", "peace lily", "text", "leaves turn yellow");
    Element newest = page.select(".said-chips select option:contains(newest)").first();
    Document moved = said("kind", "peace lily", "text", "leaves turn yellow", "now", newest.val());
    assertThat(chips(moved)).containsExactly("there: Yellowing, " + newest.text());
  }

  @Test
  void anOpenWordAsksOneQuestionAndItsAnswerStandsForIt() throws Exception {
    String[] speech = {"kind", "moth orchid", "text", "brown spots on the leaves"};
    Document page = said(speech);
    assertThat(page.select(".asked")).hasSize(1);
    assertThat(page.select(".asked p").text()).contains("brown spots");
    assertThat(page.select(".asked button svg").size()).isBetween(2, 4);
    Document answered =
        said(and(speech, "now", page.select(".asked button:contains(Dry tan)").val()));
    assertThat(chips(answered)).containsExactly("there: Dry tan spots");
    assertThat(answered.select(".asked p").text()).doesNotContain("brown spots");
    assertThat(answered.select(".cause").text()).contains("“brown spots");
    Document aside = said(and(speech, "now", page.select(".asked button").last().val()));
    assertThat(chips(aside)).isEqualTo(chips(page));
    assertThat(aside.select(".asked p").text()).startsWith("Is it there");
  }

  @Test
  void aLookThatCannotBeMadeGivesWayToTheNext() throws Exception {
    String[] speech = {"kind", "moth orchid", "text", "leaves are limp"};
    Document page = said(speech);
    Document next = said(and(speech, "now", page.select(".asked button").last().val()));
    assertThat(next.select(".asked p").text()).isNotEqualTo(page.select(".asked p").text());
    Document seen = said(and(speech, "now", page.select(".asked button").first().val()));
    assertThat(seen.select(".said-chips .there")).hasSize(2);
  }

  @Test
  void aNameThatIsNotKnownOffersThoseThatAreLikeIt() throws Exception {
    Document page = said("kind", "Phalaaenopsis", "text", "limp leaves");
    assertThat(page.select("#who button").eachText())
        .anyMatch(words -> words.startsWith("Phalaenopsis"));
    assertThat(page.select(".cause")).isEmpty();
    Document instead =
        said("kind", "Phalaaenopsis", "instead", "Phalaenopsis", "text", "limp leaves");
    assertThat(instead.select(".cause")).isNotEmpty();
  }

  @Test
  void aNameOfSeveralKindsIsAsked() throws Exception {
    Document page = said("kind", "money plant", "text", "limp leaves");
    assertThat(page.select("#who button").eachText())
        .anyMatch(words -> words.contains("Crassula ovata") && words.contains("succulent"))
        .anyMatch(words -> words.contains("Pilea peperomioides"));
    assertThat(page.select(".cause")).isEmpty();
  }

  @Test
  void howItIsBuiltWillDoWhereNobodyKnowsTheName() throws Exception {
    Document page = said("text", "leaves are limp, the soil is wet");
    assertThat(page.select("select[name=lives] option").size()).isGreaterThan(10);
    assertThat(chips(page)).contains("there: Limp leaves");
    Document answered = said("text", "leaves are limp, the soil is wet", "lives", "leafy-stem");
    assertThat(first(answered)).isEqualTo("Roots kept too wet");
  }

  @Test
  void wordsThatWereNotUnderstoodCanBeToldByAList() throws Exception {
    String[] speech = {"kind", "peace lily", "text", "my sister says it hates me"};
    Document page = said(speech);
    assertThat(page.select(".unread-words q").text()).contains("my sister says it hates me");
    Element limp = page.select(".unread-words option:contains(Limp leaves)").first();
    assertThat(chips(said(and(speech, "now", limp.val()))))
        .singleElement()
        .satisfies(chip -> assertThat(chip).startsWith("there: Limp leaves"));
  }

  @Test
  void itIsKeptAsAPlantWithItsLookAndLeadsOn() throws Exception {
    post(keeper, KEEP, "kind", "moth orchid", "text", SPEECH, "cause", "crown-rot")
        .andExpect(redirectedUrlPattern("/plants/*/cases/new?cause=crown-rot"));
    List<PlantView> kept = keepers.as(keeper, plants::kept);
    assertThat(kept).hasSize(1);
    PlantView plant = kept.get(0);
    assertThat(plant.name()).isEqualTo("Phalaenopsis");
    assertThat(plant.place().name()).isEqualTo("At home");
    assertThat(plant.pot().holes()).isFalse();
    LookState state = keepers.as(keeper, () -> diagnose.state(plant.id()).orElseThrow());
    assertThat(state.said()).isEqualTo(SPEECH);
    assertThat(state.findings())
        .extracting(one -> one.finding().key() + " " + one.finding().present())
        .containsExactlyInAnyOrder("brown-leaf-base@crown true", "webbing false");
    assertThat(state.records().circumstances().choices()).containsEntry("holes", "no");
    get(keeper, "/plants/" + plant.id() + "/diagnose")
        .andExpect(content().string(containsString("Newest leaf is brown where it comes out")))
        .andExpect(content().string(containsString("you said “without a hole”")));
    get(keeper, "/plants/" + plant.id() + "/cases/new?cause=crown-rot").andExpect(status().isOk());
  }

  @Test
  void whatItsNeighbourHasIsKeptWithTheLook() throws Exception {
    String[] speech = {"kind", "peace lily", "text", "pale dots, its neighbour has scale"};
    assertThat(chips(said(speech))).anyMatch(chip -> chip.startsWith("told: Soft scale or "));
    post(keeper, KEEP, speech);
    PlantView plant = keepers.as(keeper, plants::kept).get(0);
    assertThat(
            keepers
                .as(keeper, () -> diagnose.state(plant.id()).orElseThrow())
                .records()
                .circumstances()
                .neighbourCauses())
        .containsExactlyInAnyOrder("soft-scale", "armoured-scale");
  }

  @Test
  void aPlantOfTheCollectionIsKnownByItsKindNameAndCode() throws Exception {
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    for (String text :
        List.of("my coleus has limp leaves", "limp leaves on " + coleus.code() + " today")) {
      Document page = said("text", text);
      assertThat(page.select("#who").text()).as(text).contains(coleus.code());
      assertThat(page.select("#keep button.btn-k").text()).isEqualTo("Keep the look");
    }
    post(keeper, KEEP, "text", "my coleus has limp leaves")
        .andExpect(redirectedUrl("/plants/" + coleus.id() + "/diagnose"));
    assertThat(keepers.as(keeper, plants::kept)).hasSize(1);
    Document another = said("text", "my coleus has limp leaves", "mine", "no");
    assertThat(another.select("#who").text()).doesNotContain(coleus.code());
    keepers.plant(keeper, sill, "Coleus scutellarioides");
    assertThat(said("text", "my coleus has limp leaves").select("#who button[name=plant]"))
        .hasSize(2);
  }

  @Test
  void whatIsSeenOnAPartOfTheDrawingIsMarkedThere() throws Exception {
    String[] speech = {"kind", "peace lily", "text", "it hates me"};
    Document page = said(speech);
    assertThat(page.select(".drawn [data-pick]")).hasSizeGreaterThan(5);
    assertThat(page.select("#shows")).isEmpty();
    Document tapped = said(and(speech, "part", "oldest"));
    Element yellow = tapped.select("#shows button:contains(only the oldest)").first();
    Document marked = said(and(speech, "part", "oldest", "now", yellow.val()));
    assertThat(chips(marked)).containsExactly("there: Yellowing");
    assertThat(marked.select(".said-chips").text()).contains("only the oldest");
    assertThat(marked.select("#shows")).isNotEmpty();
    assertThat(said(and(speech, "part", "engine")).select("#shows")).isEmpty();
  }

  @Test
  void wordsOpenAgainAsTheyWereLeft() throws Exception {
    Document page = said("kind", "moth orchid", "text", SPEECH);
    String turned = says(page, "Newest leaf");
    post(keeper, KEEP, "kind", "moth orchid", "text", SPEECH, "mend", turned);
    PlantView plant = keepers.as(keeper, plants::kept).get(0);
    Document again =
        Jsoup.parse(
            get(keeper, "/diagnose?plant=" + plant.id())
                .andReturn()
                .getResponse()
                .getContentAsString());
    assertThat(again.select("#text").text()).isEqualTo(SPEECH);
    assertThat(chips(again)).contains("not: Newest leaf brown or yellow at its base");
    assertThat(again.select("input[name=mend]").val()).isEqualTo(turned);
    htmx(keeper, WORDS, "plant", plant.id().toString(), "text", "")
        .andExpect(content().string(not(containsString("said:brown-leaf-base"))));
  }

  @Test
  void whatIsSaidAgainTakesThePlaceOfWhatWasMarked() throws Exception {
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    PlantView lily = keepers.plant(keeper, sill, "Spathiphyllum");
    String id = lily.id().toString();
    htmx(
        keeper,
        "/plants/" + id + "/diagnose/mark",
        "node",
        "yellowing@oldest-only",
        "state",
        "present");
    htmx(
        keeper,
        "/plants/" + id + "/diagnose/mark",
        "node",
        "limp-leaves@all-leaves",
        "state",
        "present");
    Document page = said("plant", id, "text", "new leaves are yellow");
    assertThat(page.select(".said-chips li").eachText())
        .anyMatch(chip -> chip.startsWith("Limp leaves") && chip.contains("marked before"));
    post(keeper, KEEP, "plant", id, "text", "leaves are yellow");
    assertThat(keepers.as(keeper, () -> diagnose.state(lily.id()).orElseThrow()).findings())
        .extracting(one -> one.finding().key())
        .containsExactlyInAnyOrder("yellowing", "limp-leaves@all-leaves");
    htmx(keeper, "/plants/" + id + "/diagnose/mark", "node", "yellowing", "state", "none");
    assertThat(keepers.as(keeper, () -> diagnose.marked(lily.id()))).hasSize(1);
  }

  @Test
  void nobodyElsesPlantIsSpokenOf() throws Exception {
    SignedIn other = keepers.make();
    PlantView theirs =
        keepers.plant(other, keepers.place(other, "Sill", PlaceKind.INDOOR), "Hoya carnosa");
    String id = theirs.id().toString();
    htmx(keeper, WORDS, "plant", id, "text", "limp leaves")
        .andExpect(content().string(not(containsString(theirs.code() + ","))));
    post(keeper, KEEP, "plant", id, "text", "limp leaves")
        .andExpect(status().isUnprocessableEntity());
    assertThat(keepers.as(other, () -> diagnose.marked(theirs.id()))).isEmpty();
  }

  @Test
  void whatCannotBeKeptIsShownAgainWithWhy() throws Exception {
    post(keeper, KEEP, "text", "limp leaves")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Which plant is it?")))
        .andExpect(content().string(containsString("limp leaves")));
    post(keeper, KEEP, "kind", "Hoya carnosa", "text", "limp leaves ".repeat(400))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("At most 4000 characters")));
    assertThat(keepers.as(keeper, plants::kept)).isEmpty();
    assertThat(keepers.as(keeper, places::all)).isEmpty();
  }

  @Test
  void strangeCorrectionsChangeNothing() throws Exception {
    String[] speech = {"kind", "moth orchid", "text", SPEECH};
    Document page = said(speech);
    for (String odd :
        List.of(
            "",
            "x",
            "said:nothing:there",
            "answer:cup-foul@cup:there",
            "answer:webbing@no:not",
            "field:nothing:out",
            "answer:webbing@undersides:maybe",
            "said:brown-leaf-base@roots:there")) {
      assertThat(chips(said(and(speech, "now", odd)))).as(odd).isEqualTo(chips(page));
    }
  }

  @Test
  void withoutScriptTheWholePageAnswers() throws Exception {
    post(keeper, WORDS, "kind", "moth orchid", "text", SPEECH)
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("<html")))
        .andExpect(content().string(containsString("Crown rot")));
    get(keeper, "/diagnose?kind=moth+orchid&text=limp+leaves")
        .andExpect(content().string(containsString("Limp leaves")));
    get(keeper, "/diagnose").andExpect(content().string(startsWith("<!DOCTYPE html>")));
  }
}
