package org.mildlantern.app.plantlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class PlantListTest extends WebCase {
  @Autowired PlantFinder finder;
  @Autowired PlantService plants;
  @Autowired JournalService journal;

  private SignedIn keeper;
  private PlaceView sill;
  private PlaceView shelf;
  private PlantView orchid;
  private PlantView fern;
  private PlantView trap;

  @BeforeEach
  void threePlants() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    shelf = keepers.place(keeper, "Hospital", PlaceKind.QUARANTINE);
    orchid = keepers.plant(keeper, sill, "Phalaenopsis");
    fern = keepers.plant(keeper, sill, "Adiantum raddianum");
    trap = keepers.plant(keeper, shelf, "Dionaea muscipula");
  }

  private List<String> names(String query) throws Exception {
    String page = get(keeper, "/plants" + query).andReturn().getResponse().getContentAsString();
    String list = page.substring(page.indexOf("plantlist\""));
    return Stream.of(orchid, fern, trap)
        .filter(plant -> list.contains("/plants/" + plant.id() + "\""))
        .map(PlantView::name)
        .toList();
  }

  private List<Entry> log(PlantView plant) {
    return keepers.as(keeper, () -> journal.timeline(plant.id(), 20));
  }

  @Test
  void theListIsNarrowedByEachOfItsWays() throws Exception {
    assertThat(names("")).hasSize(3);
    assertThat(names("?q=moth")).containsExactly("Phalaenopsis");
    assertThat(names("?q=sill fern")).containsExactly("Adiantum raddianum");
    assertThat(names("?place=" + shelf.id())).containsExactly("Dionaea muscipula");
    assertThat(names("?group=ORCHID")).containsExactly("Phalaenopsis");
    assertThat(names("?group=CARNIVORE&lamp=QUARANTINE")).containsExactly("Dionaea muscipula");
    assertThat(names("?kind=Adiantum")).containsExactly("Adiantum raddianum");
    assertThat(names("?way=" + orchid.kind().way().id())).contains("Phalaenopsis");
    get(keeper, "/plants?q=nothing-of-the-kind")
        .andExpect(content().string(containsString("No plant is like that")))
        .andExpect(content().string(containsString("0 of 3 plants")));
    get(keeper, "/plants?place=999999").andExpect(status().isNotFound());
    get(keeper, "/plants?lamp=NONSENSE").andExpect(status().is4xxClientError());
  }

  @Test
  void theListIsSorted() {
    assertThat(keepers.as(keeper, () -> finder.find(sorted(PlantQuery.Order.CODE))))
        .extracting(row -> row.plant().id())
        .containsExactly(orchid.id(), fern.id(), trap.id());
    assertThat(keepers.as(keeper, () -> finder.find(sorted(PlantQuery.Order.NAME))))
        .extracting(row -> row.plant().id())
        .containsExactly(fern.id(), trap.id(), orchid.id());
    for (PlantQuery.Order order : PlantQuery.Order.values()) {
      assertThat(keepers.as(keeper, () -> finder.find(sorted(order)))).hasSize(3);
    }
  }

  private static PlantQuery sorted(PlantQuery.Order order) {
    return new PlantQuery(null, null, null, null, null, null, null, order);
  }

  @Test
  void aNoteForManyIsWrittenOnItsDayAndTakenBackAsOne() throws Exception {
    post(
            keeper,
            "/plants/many?q=sill",
            "plant",
            orchid.id().toString(),
            "plant",
            fern.id().toString(),
            "act",
            "NOTE",
            "line",
            "watered 200",
            "day",
            "20 Nov 2026")
        .andExpect(redirectedUrl("/plants?q=sill"));
    for (PlantView plant : List.of(orchid, fern)) {
      assertThat(log(plant))
          .singleElement()
          .satisfies(
              entry -> {
                assertThat(entry.as(Watered.class).orElseThrow().ml()).isEqualTo(200);
                assertThat(LocalDate.ofInstant(entry.at(), keeper.zone()))
                    .isEqualTo(LocalDate.of(2026, 11, 20));
              });
    }
    post(
        keeper,
        "/plants/many/undo",
        "entry",
        log(orchid).get(0).id().toString(),
        "entry",
        log(fern).get(0).id().toString());
    assertThat(log(orchid)).isEmpty();
    assertThat(log(fern)).isEmpty();
  }

  @Test
  void aNoteForAWholePlaceReachesEachPlantThere() throws Exception {
    post(keeper, "/plants/many?place=" + sill.id(), "all", "true", "act", "WATERED");
    assertThat(log(orchid)).hasSize(1);
    assertThat(log(fern)).hasSize(1);
    assertThat(log(trap)).isEmpty();
  }

  @Test
  void whatCannotBeDoneToOneIsDoneToNone() throws Exception {
    post(
            keeper,
            "/plants/many",
            "all",
            "true",
            "act",
            "NOTE",
            "line",
            "watered 200",
            "day",
            "1 Jan 2030")
        .andExpect(flash().attribute("fault", containsString("has not come yet")));
    post(keeper, "/plants/many", "all", "true", "act", "NOTE", "line", "watered 2 3")
        .andExpect(flash().attributeExists("fault"));
    post(keeper, "/plants/many", "act", "WATERED")
        .andExpect(flash().attribute("fault", containsString("Choose plants first")));
    post(keeper, "/plants/many", "all", "true", "act", "MOVE")
        .andExpect(flash().attribute("fault", containsString("Choose the place")));
    assertThat(log(orchid)).isEmpty();
  }

  @Test
  void manyAreMovedAndPutAwayAndBrought() throws Exception {
    post(keeper, "/plants/many", "all", "true", "act", "MOVE", "to", shelf.id().toString())
        .andExpect(redirectedUrl("/plants"));
    assertThat(keepers.as(keeper, plants::kept))
        .allSatisfy(plant -> assertThat(plant.place().id()).isEqualTo(shelf.id()));
    post(keeper, "/plants/many", "plant", fern.id().toString(), "act", "ARCHIVE");
    assertThat(keepers.as(keeper, plants::kept)).hasSize(2);
    post(keeper, "/plants/many/undo", "plant", fern.id().toString());
    assertThat(keepers.as(keeper, plants::kept)).hasSize(3);
  }

  @Test
  void viewsAreKeptByNameAndForgotten() throws Exception {
    post(keeper, "/plants/views?group=ORCHID&sort=DUE", "name", "My orchids")
        .andExpect(redirectedUrl("/plants?group=ORCHID&sort=DUE"));
    get(keeper, "/plants")
        .andExpect(content().string(containsString("My orchids")))
        .andExpect(content().string(containsString("/plants?group=ORCHID&amp;sort=DUE")));
    post(keeper, "/plants/views?q=x", "name", " ").andExpect(flash().attributeExists("fault"));
    SignedIn other = keepers.make();
    get(other, "/plants").andExpect(content().string(not(containsString("My orchids"))));
  }

  @Test
  void labelsLeadToTheirPlants() throws Exception {
    get(keeper, "/plants/labels?plant=" + orchid.id() + "&plant=" + fern.id())
        .andExpect(content().string(containsString("2 labels")))
        .andExpect(content().string(containsString(orchid.code())));
    get(keepers.make(), "/plants/labels?plant=" + orchid.id()).andExpect(status().isNotFound());
  }

  @Test
  void labelsFitWhatIsInThePrinter() throws Exception {
    String plants = "?plant=" + orchid.id() + "&plant=" + fern.id();
    for (LabelSheet sheet : LabelSheet.values()) {
      byte[] pdf =
          get(keeper, "/plants/labels.pdf" + plants + "&sheet=" + sheet)
              .andReturn()
              .getResponse()
              .getContentAsByteArray();
      try (PDDocument document = Loader.loadPDF(pdf)) {
        PDRectangle page = document.getPage(0).getMediaBox();
        assertThat(page.getWidth() / 72 * 25.4).isCloseTo(sheet.pageWidth(), within(0.2));
        assertThat(page.getHeight() / 72 * 25.4).isCloseTo(sheet.pageHeight(), within(0.2));
        assertThat(document.getNumberOfPages())
            .as(sheet.words())
            .isEqualTo(sheet.all() == 1 ? 2 : 1);
        assertThat(new PDFTextStripper().getText(document)).contains(orchid.code(), fern.code());
      }
      assertThat(sheet.x(sheet.columns() - 1) + sheet.width())
          .isLessThanOrEqualTo(sheet.pageWidth() + 0.1);
      assertThat(sheet.y(sheet.all() - 1) + sheet.height())
          .isLessThanOrEqualTo(sheet.pageHeight() + 0.1);
    }
    byte[] skipped =
        get(keeper, "/plants/labels.pdf" + plants + "&sheet=A4_24&skip=23")
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    try (PDDocument document = Loader.loadPDF(skipped)) {
      assertThat(document.getNumberOfPages()).isEqualTo(2);
    }
    get(keepers.make(), "/plants/labels.pdf?plant=" + orchid.id()).andExpect(status().isNotFound());
  }

  @Test
  void anEntryIsCorrectedWithItsDayAndItsQuantity() throws Exception {
    Entry entry = keepers.note(keeper, orchid.id(), "watered 200");
    post(keeper, "/entries/" + entry.id() + "/correct", "text", "Watered 260", "day", "21 Nov 2026")
        .andExpect(redirectedUrl("/plants/" + orchid.id()));
    Entry now = log(orchid).get(0);
    assertThat(now.as(Watered.class).orElseThrow().ml()).isEqualTo(260);
    assertThat(LocalDate.ofInstant(now.at(), keeper.zone())).isEqualTo(Keepers.TODAY.minusDays(2));
    post(keeper, "/entries/" + now.id() + "/correct", "text", "Watered 260", "day", "soon")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Watered 260")));
  }

  @Test
  void aDayBesideTheLineMustNotContradictIt() throws Exception {
    String path = "/plants/" + orchid.id() + "/entries";
    post(keeper, path, "line", "watered yesterday", "day", "20 Nov 2026")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("names another day")));
    post(keeper, path, "line", "watered 100", "day", "20 Nov 2026")
        .andExpect(status().is3xxRedirection());
    assertThat(LocalDate.ofInstant(log(orchid).get(0).at(), keeper.zone()))
        .isEqualTo(LocalDate.of(2026, 11, 20));
    post(keeper, path, "line", "watered 100", "day", "20th of Foo")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("20th of Foo")));
  }
}
