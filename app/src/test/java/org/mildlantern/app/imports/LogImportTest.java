package org.mildlantern.app.imports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.Charset;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A log that was kept elsewhere comes into the day book. */
class LogImportTest extends WebCase {
  @Autowired PlantService plants;
  @Autowired JdbcClient jdbc;

  private SignedIn keeper;
  private PlantView coleus;
  private PlantView first;
  private PlaceView sill;

  @BeforeEach
  void plants() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    keepers.place(keeper, "Porch", PlaceKind.OUTDOOR);
    coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    first = keepers.plant(keeper, sill, "Phalaenopsis");
    keepers.plant(keeper, sill, "Phalaenopsis");
  }

  private String bring(String table) throws Exception {
    String log =
        post(keeper, "/plants/logs/new", "table", table)
            .andExpect(status().is3xxRedirection())
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    assertThat(log).matches("/plants/logs/\\d+");
    return log;
  }

  private List<String> book() {
    return jdbc.sql(
            "select p.code || ' ' || e.at::date || ' ' || e.kind || ' ' || e.text from entry e join"
                + " plant p on p.id = e.plant_id where e.collection_id = ? and not e.superseded and"
                + " e.kind <> 'TAKEN_BACK' order by e.at, e.id")
        .param(keeper.collectionId())
        .query(String.class)
        .list();
  }

  @Test
  void rowsAreSeenFirstThenWrittenAsTheKeeperWouldHaveTypedThem() throws Exception {
    jdbc.sql("update plant set medium_since = null where id = ?").param(coleus.id()).update();
    String log =
        bring(
            "Datum;Plant;Action;Amount (ml);Notes\n"
                + "03.05.2026;Coleus scutellarioides;watered;120;\n"
                + "04.05.2026;coleus scutellarioides;repotted;;\n"
                + "05.05.2026;"
                + first.code()
                + ";fed;;new spike\n");
    get(keeper, log)
        .andExpect(content().string(containsString("3 rows will do")))
        .andExpect(content().string(containsString("Write 4 lines into the day book")));
    assertThat(book()).isEmpty();
    post(keeper, log + "/save");
    assertThat(book())
        .containsExactly(
            coleus.code() + " 2026-05-03 WATERED Watered 120 ml",
            coleus.code() + " 2026-05-04 REPOTTED Repotted",
            first.code() + " 2026-05-05 FED Fed",
            first.code() + " 2026-05-05 STAGE New spike");
    assertThat(mediumSince()).isEqualTo("2026-05-04");
    Long corrected =
        jdbc.sql("select id from entry where collection_id = ? and kind = 'FED'")
            .param(keeper.collectionId())
            .query(Long.class)
            .single();
    post(keeper, "/entries/" + corrected + "/correct", "text", "fed 100 ppm N");
    post(keeper, log + "/back");
    assertThat(book()).isEmpty();
    assertThat(mediumSince()).isNotEqualTo("2026-05-04");
    get(keeper, log).andExpect(content().string(containsString("3 rows will do")));
  }

  private String mediumSince() {
    return jdbc.sql("select coalesce(medium_since::text, '') from plant where id = ?")
        .param(coleus.id())
        .query(String.class)
        .single();
  }

  @Test
  void noneIsWrittenTwiceAndTwoDrinksOfADayStayTwo() throws Exception {
    String table =
        "Date,Code,What\n2026-05-03,%1$s,watered\n2026-05-03,%1$s,watered\n2026-05-04,%1$s,fed\n"
            .formatted(coleus.code());
    post(keeper, bring(table) + "/save");
    assertThat(book()).hasSize(3);
    String again = bring(table + "2026-05-05," + coleus.code() + ",misted\n");
    get(keeper, again).andExpect(content().string(containsString("3 are in the day book already")));
    post(keeper, again + "/save");
    assertThat(book()).hasSize(4);
  }

  @Test
  void whatWillNotDoIsListedAndComesBackMended() throws Exception {
    String log =
        bring(
            "Date,Plant,What\n2026-05-03,Phalaenopsis,watered\n2026-05-04,Fern,fed\n"
                + "soon,Coleus scutellarioides,fed\n2026-05-06,Coleus scutellarioides,\"=1+2, fed\"\n"
                + "2026-05-07,Coleus scutellarioides,repotted yesterday\n");
    get(keeper, log)
        .andExpect(content().string(containsString("Several plants are called")))
        .andExpect(content().string(containsString("No plant is called")))
        .andExpect(content().string(containsString("no day that can be read")))
        .andExpect(content().string(containsString("Words only. The line names another day")));
    post(keeper, log + "/save");
    assertThat(book())
        .containsExactly(
            coleus.code() + " 2026-05-06 REMARK =1+2, fed",
            coleus.code() + " 2026-05-07 REMARK Repotted yesterday");
    String open = get(keeper, log + "/open.csv").andReturn().getResponse().getContentAsString();
    assertThat(open.lines()).hasSize(4);
    post(keeper, bring(open.replace("Fern", coleus.code())) + "/save");
    assertThat(book()).anyMatch(line -> line.endsWith("2026-05-04 FED Fed"));
  }

  @Test
  void theTableOfTheDayBookIsHereAlreadyAndComesInElsewhere() throws Exception {
    keepers.note(keeper, coleus.id(), "watered 120");
    keepers.note(keeper, coleus.id(), "moved to Porch");
    keepers.note(keeper, coleus.id(), "weighed 512");
    keepers.note(keeper, coleus.id(), "'-3 °C' at the pane");
    String table =
        get(keeper, "/archive/tables/log.csv").andReturn().getResponse().getContentAsString();
    get(keeper, bring(table))
        .andExpect(content().string(containsString("4 are in the day book already")));
    List<String> mine = book();
    keeper = keepers.make();
    PlaceView there = keepers.place(keeper, "There", PlaceKind.INDOOR);
    PlantView theirs = keepers.plant(keeper, there, "Coleus scutellarioides");
    post(keeper, bring(table.replace(coleus.code(), theirs.code())) + "/save");
    assertThat(book()).hasSize(4);
    assertThat(book().stream().filter(line -> !line.contains("Moved")))
        .containsExactlyElementsOf(
            mine.stream()
                .filter(line -> !line.contains("Moved"))
                .map(line -> line.replace(coleus.code(), theirs.code()))
                .toList());
  }

  @Test
  void anOldMoveIsKeptAsWordsAndThePlantStaysWhereItIs() throws Exception {
    String log = bring("Date,Plant,What\n2026-05-03,Coleus scutellarioides,moved to Porch\n");
    post(keeper, log + "/save");
    assertThat(book()).containsExactly(coleus.code() + " 2026-05-03 REMARK Moved to Porch");
    assertThat(keepers.as(keeper, () -> plants.find(coleus.id())).orElseThrow().place().name())
        .isEqualTo("Sill");
  }

  @Test
  void treatmentsAndWeightsComeInColumnsOfTheirOwn() throws Exception {
    String log =
        bring(
            "Date\tTime\tCode\tProduct\tRate\tPest\tWeight (g)\n"
                + "2026-05-03\t18:30\t"
                + coleus.code()
                + "\tsoap\t5 ml/l\tmites\t\n2026-05-04\t\t"
                + coleus.code()
                + "\t\t\t\t512,5\n");
    post(keeper, log + "/save");
    assertThat(book())
        .containsExactly(
            coleus.code() + " 2026-05-03 SPRAYED Sprayed with soap 5 ml/l against mites",
            coleus.code() + " 2026-05-04 WEIGHED Weighed 512,5 g");
    assertThat(
            jdbc.sql(
                    "select note->>'grams' from entry where collection_id = ? and kind = 'WEIGHED'")
                .param(keeper.collectionId())
                .query(Double.class)
                .single())
        .isEqualTo(512.5);
  }

  /** A weight of these days must fit the pot; one of years ago was that of another. */
  @Test
  void aWeightThatCannotBeIsKeptAsWords() throws Exception {
    keepers.note(keeper, coleus.id(), "weighed 900 just drained");
    keepers.note(keeper, coleus.id(), "weighed 500 dry");
    List<String> before = book();
    String log =
        bring(
            "Date,Code,Weight (g)\n2026-11-20,%1$s,3\n2022-11-20,%1$s,3\n2026-11-21,%1$s,999999\n"
                .formatted(coleus.code()));
    get(keeper, log).andExpect(content().string(containsString("Words only.")));
    post(keeper, log + "/save").andExpect(status().is3xxRedirection());
    assertThat(book().stream().filter(line -> !before.contains(line)))
        .containsExactly(
            coleus.code() + " 2022-11-20 WEIGHED Weighed 3 g",
            coleus.code() + " 2026-11-20 REMARK Weighed 3 g",
            coleus.code() + " 2026-11-21 REMARK Weighed 999999 g");
    get(keeper, "/plants/" + coleus.id()).andExpect(status().isOk());
  }

  @Test
  void columnsAndTheOrderOfDaysAreAskedAndCanBeSaid() throws Exception {
    String log = bring("x,y,z\n5/6/2026," + coleus.code() + ",watered\n");
    get(keeper, log).andExpect(content().string(containsString("no day")));
    post(keeper, log + "/answers", "column0", "DAY", "column1", "CODE", "column2", "WHAT");
    get(keeper, log).andExpect(content().string(containsString("Days in figures have")));
    post(keeper, log + "/answers", "days", "DAY_FIRST");
    post(keeper, log + "/save");
    assertThat(book()).containsExactly(coleus.code() + " 2026-06-05 WATERED Watered");
  }

  @Test
  void anOldFileOfWindowsIsReadAndNoTableIsRefused() throws Exception {
    byte[] old =
        ("Datum;Plant;Notes\n03.05.2026;Coleus scutellarioides;Blätter schön\n")
            .getBytes(Charset.forName("windows-1252"));
    String log =
        web.perform(
                MockMvcRequestBuilders.multipart("/plants/logs/new")
                    .file(new MockMultipartFile("file", "log.csv", "text/csv", old))
                    .with(user(keeper))
                    .with(csrf()))
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    post(keeper, log + "/save");
    assertThat(book()).containsExactly(coleus.code() + " 2026-05-03 REMARK Blätter schön");
    for (String none : List.of("", "  ", "a\u0000b")) {
      post(keeper, "/plants/logs/new", "table", none).andExpect(status().isUnprocessableEntity());
    }
    post(keeper, "/plants/logs/new", "table", "day,what\n" + "1,2\n".repeat(5001))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("5000")));
  }
}
