package org.mildlantern.app.imports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class ImportTest extends WebCase {
  @Autowired PlantService plants;
  @Autowired PlaceService places;

  private SignedIn keeper;

  @BeforeEach
  void aKeeper() {
    keeper = keepers.make();
  }

  static String eighty() throws Exception {
    try (InputStream in = ImportTest.class.getResourceAsStream("/imports/eighty.csv")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private String open(String table) throws Exception {
    return post(keeper, "/plants/imports/new", "table", table)
        .andExpect(status().is3xxRedirection())
        .andReturn()
        .getResponse()
        .getRedirectedUrl();
  }

  private List<PlantView> kept() {
    return keepers.as(keeper, plants::byName);
  }

  @Test
  void goodRowsAreAddedAtOnceAndTheRestIsKeptAsADraft() throws Exception {
    String list =
        open("name,where,pot\nVanda,Balcony,4 in\nPhalenopsus,Balcony,5 in\nMonstera,,12 cm");
    get(keeper, list)
        .andExpect(content().string(containsString("3 rows · 1 will do · 2 need a word from you")))
        .andExpect(content().string(containsString("not a known name")))
        .andExpect(content().string(containsString("1 row tells no place")));
    post(keeper, list + "/save").andExpect(redirectedUrl(list));
    assertThat(kept()).singleElement().extracting(PlantView::name).isEqualTo("Vanda");
    assertThat(kept().get(0).place().kind()).isEqualTo(PlaceKind.OUTDOOR);
    get(keeper, list).andExpect(content().string(containsString("Need a word (2)")));

    post(keeper, list + "/rows/1", "c0", "Phalenopsus", "c0", "Phalaenopsis")
        .andExpect(status().is3xxRedirection());
    post(keeper, list + "/answers", "newRest", "Desk").andExpect(redirectedUrl(list));
    post(keeper, list + "/save");
    assertThat(kept())
        .extracting(plant -> plant.name() + " " + plant.place().name())
        .containsExactly("Monstera Desk", "Phalaenopsis Balcony", "Vanda Balcony");
    post(keeper, list + "/save");
    assertThat(kept()).hasSize(3);
  }

  @Test
  void theWholeImportIsTakenBackButNotWhatWasNotedSince() throws Exception {
    String list = open("name,where\nVanda,Balcony\nFicus,Desk\nHoya,Desk");
    post(keeper, list + "/save");
    PlantView ficus = kept().get(0);
    keepers.note(keeper, ficus.id(), "watered 200 ml");
    post(keeper, list + "/back").andExpect(redirectedUrl(list));
    assertThat(kept()).extracting(PlantView::name).containsExactly("Ficus");
    assertThat(keepers.as(keeper, places::all)).extracting(PlaceView::name).containsExactly("Desk");
    get(keeper, list).andExpect(content().string(containsString("Will do (2)")));
    post(keeper, list + "/save");
    assertThat(kept()).extracting(PlantView::name).containsExactly("Ficus", "Hoya", "Vanda");
  }

  @Test
  void whatIsSaidTwiceOrTooLongIsToldAndLosesNothing() throws Exception {
    String list = open("name,tag,label\nVanda,A1,B1");
    post(keeper, list + "/answers", "column1", "CODE", "column2", "CODE")
        .andExpect(
            flash().attribute("said", containsString("another column holds the code already")));
    String long61 = "x".repeat(61);
    post(keeper, list + "/answers", "newRest", long61)
        .andExpect(flash().attribute("typedRest", long61))
        .andExpect(flash().attribute("restFault", containsString("At most 60")));
    post(keeper, list + "/answers", "rest", long61);
    post(keeper, list + "/answers", "newRest", "Desk", "column3", "UNUSED");
    post(keeper, list + "/save");
    assertThat(kept())
        .singleElement()
        .satisfies(
            plant -> {
              assertThat(plant.code()).isEqualTo("A1");
              assertThat(plant.notes()).contains("B1");
              assertThat(plant.place().name()).isEqualTo("Desk");
            });
  }

  @Test
  void aWholeImportWithoutNotesLeavesNothingBehind() throws Exception {
    String list = open("name,where\nVanda,Balcony\nFicus,Desk");
    post(keeper, list + "/save");
    post(keeper, list + "/back");
    assertThat(kept()).isEmpty();
    assertThat(keepers.as(keeper, places::all)).isEmpty();
    post(keeper, list + "/drop").andExpect(redirectedUrl("/plants"));
    get(keeper, list).andExpect(status().isNotFound());
  }

  @Test
  void placesAndColumnsAreSaidOnceForTheList() throws Exception {
    PlaceView sill = keepers.place(keeper, "South sill", PlaceKind.INDOOR);
    String list = open("name,where,Stock no,pot\nVanda,S sill,A1,4\nFicus,Shed,A2,5");
    get(keeper, list).andExpect(content().string(containsString("1 column is not known")));
    post(
        keeper,
        list + "/answers",
        "place:S sill",
        sill.id().toString(),
        "place:Shed",
        "CASE",
        "column2",
        "CODE",
        "unit",
        "INCH");
    post(keeper, list + "/save");
    assertThat(kept())
        .extracting(p -> p.code() + " " + p.name() + " " + p.place().name() + " " + p.pot().cm())
        .containsExactly("A2 Ficus Shed 12.7", "A1 Vanda South sill 10.2");
    assertThat(kept().get(0).place().kind()).isEqualTo(PlaceKind.CASE);
  }

  @Test
  void eightyPlantsWithThirtyFaults() throws Exception {
    String list = open(eighty());
    post(keeper, list + "/answers", "newRest", "Spare shelf", "days", "DAY_FIRST", "unit", "CM");
    get(keeper, list)
        .andExpect(content().string(containsString("80 rows · 50 will do · 30 need a word")));
    post(keeper, list + "/save");
    assertThat(kept()).hasSize(50);
    assertThat(kept())
        .filteredOn(plant -> plant.code().equals("001"))
        .singleElement()
        .satisfies(plant -> assertThat(plant.pot().cm()).isEqualTo(10.2));
  }

  @Test
  void badListsAreSaidAndKeptInTheField() throws Exception {
    post(keeper, "/plants/imports/new", "table", " ")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Paste a table")));
    post(keeper, "/plants/imports/new", "table", "a,".repeat(60))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("a,a,a")));
  }

  @Test
  void wrongRowsAndColumnsChangeNothing() throws Exception {
    String list = open("name,where\nVanda,Balcony");
    post(keeper, list + "/rows/9", "c0", "x").andExpect(status().is3xxRedirection());
    post(keeper, list + "/rows/0", "c77", "x", "c0", "Hoya").andExpect(status().is3xxRedirection());
    post(keeper, list + "/answers", "column0", "NONSENSE", "place:Balcony", "999999");
    post(keeper, list + "/save");
    assertThat(kept()).extracting(PlantView::name).containsExactly("Hoya");
  }
}
