package org.mildlantern.app.plants;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

class PlantPagesTest extends WebCase {
  @Autowired PlantService plants;

  private SignedIn keeper;
  private PlaceView sill;

  @BeforeEach
  void aPlace() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  private ResultActions add(String... more) throws Exception {
    String[] pairs = {
      "kind",
      "Phalaenopsis",
      "placeId",
      sill.id().toString(),
      "pot.shape",
      "ROUND",
      "stage",
      "GROWTH",
      "code",
      "",
      "notes",
      "kept words"
    };
    java.util.Map<String, String> all = new java.util.LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      all.put(pairs[i], pairs[i + 1]);
    }
    for (int i = 0; i < more.length; i += 2) {
      all.put(more[i], more[i + 1]);
    }
    return post(
        keeper,
        "/plants/new",
        all.entrySet().stream()
            .flatMap(e -> java.util.stream.Stream.of(e.getKey(), e.getValue()))
            .toArray(String[]::new));
  }

  private List<PlantView> all() {
    return keepers.as(
        keeper, () -> Stream.concat(plants.kept().stream(), plants.archived().stream()).toList());
  }

  private void refused(ResultActions answer, String message) throws Exception {
    answer
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(message)))
        .andExpect(content().string(containsString("kept words")));
    assertThat(all()).isEmpty();
  }

  @Test
  void addsAPlantWithACodeOfItsOwn() throws Exception {
    add().andExpect(status().is3xxRedirection());
    assertThat(all()).singleElement().satisfies(p -> assertThat(p.code()).isEqualTo("2026-001"));
  }

  @Test
  void awkwardInputIsRefusedBesideTheFieldAndKept() throws Exception {
    refused(add("kind", ""), "A free name will do");
    refused(add("kind", "x".repeat(121)), "At most 120 characters");
    refused(add("kind", "Unheard of"), "pick how the plant is built");
    refused(add("pot.cm", "1e9"), "Between 1 and 200 cm");
    refused(add("pot.cm", "-5"), "Between 1 and 200 cm");
    refused(add("pot.cm", "wide"), "A number, please");
    refused(add("mediumId", "lava"), "Pick a medium from the list");
    refused(add("mediumSince", "2031-01-01"), "This day has not come yet");
    refused(add("arrivedOn", "yesterday"), "A day with its year, please");
    refused(add("arrivedOn", "3/4/2026"), "is that 3 Apr or 4 Mar?");
    refused(add("placeId", "999999999"), "Pick a place");
    refused(add("code", "c".repeat(21)), "At most 20 characters");
    refused(add("notes", "kept words " + "n".repeat(2000)), "At most 2000 characters");
  }

  @Test
  void aNameIsShownAsTextAndNeverAsMarkup() throws Exception {
    add("kind", "<img src=x>", "formId", "fern").andExpect(status().is3xxRedirection());
    get(keeper, "/plants")
        .andExpect(content().string(containsString("&lt;img src=x&gt;")))
        .andExpect(content().string(not(containsString("<img src=x>"))));
  }

  @Test
  void withoutAPlaceOneIsAskedForFirst() throws Exception {
    SignedIn newcomer = keepers.make();
    get(newcomer, "/plants/new").andExpect(redirectedUrl("/places/new"));
    get(newcomer, "/plants").andExpect(content().string(containsString("Add the first place")));
    get(newcomer, "/diagnose").andExpect(content().string(containsString("What do you see?")));
    get(newcomer, "/cases").andExpect(content().string(containsString("No case yet")));
    get(newcomer, "/places").andExpect(content().string(containsString("Add the first place")));
  }

  @Test
  void theEditFormSaysItsDaysInWords() throws Exception {
    PlantView potted = keepers.plant(keeper, sill, "Phalaenopsis");
    get(keeper, "/plants/" + potted.id() + "/edit")
        .andExpect(
            content().string(containsString("value=\"" + Days.full(potted.mediumSince()) + "\"")))
        .andExpect(
            content().string(containsString("value=\"" + Days.full(potted.arrivedOn()) + "\"")));
  }

  @Test
  void editingKeepsTheIdAndShowsTheOldValues() throws Exception {
    add();
    Long id = all().get(0).id();
    get(keeper, "/plants/" + id + "/edit")
        .andExpect(content().string(containsString("value=\"2026-001\"")))
        .andExpect(content().string(containsString("kept words")));
    post(
            keeper,
            "/plants/" + id + "/edit",
            "kind",
            "Vanda",
            "placeId",
            sill.id().toString(),
            "pot.shape",
            "BASKET",
            "stage",
            "FLOWER",
            "code",
            "V-1",
            "pot.holes",
            "false")
        .andExpect(redirectedUrl("/plants/" + id));
    assertThat(all())
        .singleElement()
        .satisfies(
            p -> {
              assertThat(p.code()).isEqualTo("V-1");
              assertThat(p.pot().holes()).isFalse();
              assertThat(p.pot().outer()).isNull();
              assertThat(p.form().id()).isEqualTo("monopodial-orchid");
              assertThat(p.stage()).isEqualTo(Stage.FLOWER);
            });
  }

  @Test
  void archivingAndBringingBack() throws Exception {
    add();
    Long id = all().get(0).id();
    post(keeper, "/plants/" + id + "/archive", "away", "true")
        .andExpect(redirectedUrl("/plants/" + id));
    get(keeper, "/plants").andExpect(content().string(containsString("<h2>Archive</h2>")));
    post(keeper, "/plants/" + id + "/archive", "away", "false");
    get(keeper, "/plants").andExpect(content().string(not(containsString("<h2>Archive</h2>"))));
  }

  @Test
  void whatWasNotSentIsNotKnown() throws Exception {
    post(
            keeper,
            "/plants/new",
            "kind",
            "Vanda",
            "placeId",
            sill.id().toString(),
            "pot.shape",
            "BASKET",
            "stage",
            "GROWTH")
        .andExpect(status().is3xxRedirection());
    assertThat(all())
        .singleElement()
        .satisfies(
            plant -> {
              assertThat(plant.pot().holes()).isNull();
              assertThat(plant.pot().outer()).isNull();
              assertThat(plant.pot().material()).isNull();
              assertThat(plant.pot().words()).isEqualTo("basket");
            });
  }

  @Test
  void theListShowsPotMediumAndTheAcceptedName() throws Exception {
    keepers.plant(keeper, sill, "Vriesea ospinae");
    keepers.plant(keeper, sill, "Phalaenopsis");
    get(keeper, "/plants")
        .andExpect(content().string(containsString("now Goudaea ospinae")))
        .andExpect(content().string(containsString("12 cm plastic pot")))
        .andExpect(content().string(containsString("House-plant compost")))
        .andExpect(content().string(containsString("2 plants")));
  }

  private PlantView coleus() {
    return keepers.plant(keeper, sill, "Coleus scutellarioides");
  }

  @Test
  void theSecondOfTwoWindowsIsToldWhatTheFirstSaved() throws Exception {
    PlantView coleus = coleus();
    String path = "/plants/" + coleus.id() + "/edit";
    String seen = seen(path);
    edit(path, seen, "first words").andExpect(redirectedUrl("/plants/" + coleus.id()));
    String page =
        edit(path, seen, "second words")
            .andExpect(status().isConflict())
            .andExpect(content().string(containsString("first words")))
            .andExpect(content().string(containsString("second words")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(keepers.as(keeper, () -> plants.form(coleus.id())).orElseThrow().notes())
        .isEqualTo("first words");
    edit(path, seenIn(page), "second words").andExpect(redirectedUrl("/plants/" + coleus.id()));
    assertThat(keepers.as(keeper, () -> plants.form(coleus.id())).orElseThrow().notes())
        .isEqualTo("second words");
  }

  private String seen(String path) throws Exception {
    return seenIn(get(keeper, path).andReturn().getResponse().getContentAsString());
  }

  private static String seenIn(String page) {
    Matcher field = Pattern.compile("name=\"opened\" value=\"([^\"]+)\"").matcher(page);
    assertThat(field.find()).isTrue();
    return field.group(1);
  }

  private ResultActions edit(String path, String opened, String notes) throws Exception {
    return post(
        keeper,
        path,
        "kind",
        "Coleus scutellarioides",
        "placeId",
        sill.id().toString(),
        "pot.shape",
        "ROUND",
        "stage",
        "GROWTH",
        "opened",
        opened,
        "notes",
        notes);
  }

  @Test
  void textThatCannotBeStoredIsSaidByItsField() throws Exception {
    PlantView coleus = coleus();
    for (String bad : new String[] {"a\u0000b", "half \ud83c"}) {
      edit("/plants/" + coleus.id() + "/edit", "", bad)
          .andExpect(status().isUnprocessableEntity())
          .andExpect(content().string(containsString("a character that cannot be stored")));
      post(keeper, "/plants/" + coleus.id() + "/entries", "line", bad)
          .andExpect(status().isUnprocessableEntity());
    }
  }

  @Test
  void aMistypedNameOffersTheNearestAndTakesIt() throws Exception {
    refused(add("kind", "Phalenopsis amabilis"), "value=\"Phalaenopsis amabilis\"");
    assertThat(all()).isEmpty();
    add("kind", "Phalenopsis amabilis", "instead", "Phalaenopsis amabilis")
        .andExpect(status().is3xxRedirection());
    assertThat(all().get(0).kind().taxon().orElseThrow().id()).isEqualTo("phalaenopsis-amabilis");
    add("kind", "Acer palmatun")
        .andExpect(status().is3xxRedirection())
        .andExpect(flash().attribute("said", containsString("Is it Acer palmatum?")));
  }

  @Test
  void namesThatPeopleTypeAreTakenAndThoseOfSeveralKindsAsked() throws Exception {
    refused(add("kind", "elephant ear"), "Several kinds are called that");
    refused(add("kind", "elephant ear"), "value=\"Caladium");
    for (String[] name :
        new String[][] {
          {"Spathyphyllum", "spathiphyllum"},
          {"venus fly-trap", "dionaea"},
          {"Den. nobile", "dendrobium-nobile"},
        }) {
      add("kind", name[0]).andExpect(status().is3xxRedirection());
      assertThat(all()).anyMatch(p -> p.kind().taxon().orElseThrow().id().equals(name[1]));
    }
  }

  @Test
  void aPlantOfUnknownKindIsLookedAfterByHowItLives() throws Exception {
    refused(add("kind", "Tree from the market"), "pick how the plant is built and lives");
    add("kind", "Tree from the market", "formId", "tree-hardy")
        .andExpect(status().is3xxRedirection());
    PlantView tree = all().get(0);
    assertThat(tree.kind().way().id()).isEqualTo("hardy-tree");
    assertThat(tree.kind().form().id()).isEqualTo("broadleaf-bonsai");
    get(keeper, "/plants/" + tree.id()).andExpect(content().string(containsString("outdoors")));
    get(keeper, "/plants/" + tree.id() + "/edit")
        .andExpect(content().string(containsString("value=\"tree-hardy\" selected=\"selected\"")));
  }
}
