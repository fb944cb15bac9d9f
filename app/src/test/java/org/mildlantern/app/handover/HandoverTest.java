package org.mildlantern.app.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.DemoDoor;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.photos.PhotoService;
import org.mildlantern.app.photos.Pictures;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A plant goes from one keeper to another, with its history and nothing else. */
class HandoverTest extends WebCase {
  @Autowired KeeperService accounts;
  @Autowired PlantService plants;
  @Autowired PhotoService photos;
  @Autowired JdbcClient jdbc;

  private SignedIn giver;
  private SignedIn taker;
  private PlantView plant;
  private String page;

  @BeforeEach
  void aPlantWithAHistory() throws Exception {
    giver = keepers.make();
    taker = keepers.make();
    PlaceView bay = keepers.place(giver, "Zzbay", PlaceKind.INDOOR);
    keepers.place(giver, "Zzporch", PlaceKind.OUTDOOR);
    keepers.as(giver, () -> plants.add(Keepers.form(bay, "Zzneighbour", "leafy-stem")));
    plant = keepers.plant(giver, bay, "Coleus scutellarioides");
    keepers.note(giver, plant.id(), "watered 120");
    keepers.note(giver, plant.id(), "moved to Zzporch");
    keepers.as(giver, () -> photos.add(plant.id(), Pictures.jpeg(40, 30), null, "in bloom"));
    post(giver, "/plants/" + plant.id() + "/cases/new", "cause", "too-dry");
    page = "/plants/" + plant.id() + "/hand-over";
  }

  private byte[] file(String path) throws Exception {
    MockHttpServletResponse answer = get(giver, path).andReturn().getResponse();
    assertThat(answer.getStatus()).isEqualTo(200);
    assertThat(answer.getHeader("Content-Disposition")).contains("plant-" + plant.code() + ".zip");
    return answer.getContentAsByteArray();
  }

  private String waiting(byte[] zip) throws Exception {
    return web.perform(
            MockMvcRequestBuilders.multipart("/archive/in")
                .file(new MockMultipartFile("file", "plant.zip", "application/zip", zip))
                .with(user(taker))
                .with(csrf()))
        .andExpect(status().is3xxRedirection())
        .andReturn()
        .getResponse()
        .getRedirectedUrl();
  }

  private PlantView only(SignedIn keeper) {
    List<PlantView> all = keepers.as(keeper, plants::kept);
    assertThat(all).hasSize(1);
    return all.get(0);
  }

  private List<String> log(SignedIn keeper) {
    return jdbc.sql("select text from entry where collection_id = ? order by id")
        .param(keeper.collectionId())
        .query(String.class)
        .list();
  }

  private long count(SignedIn keeper, String table) {
    return jdbc.sql("select count(*) from " + table + " where collection_id = ?")
        .param(keeper.collectionId())
        .query(Long.class)
        .single();
  }

  @Test
  void aFileHoldsThePlantAndNothingOfItsSurroundings() throws Exception {
    byte[] zip = file("/plants/" + plant.id() + "/plant.zip");
    StringBuilder names = new StringBuilder();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        names.append(entry.getName()).append(' ');
        assertThat(text).as(entry.getName()).doesNotContain("Zzneighbour", giver.email());
        if (!entry.getName().equals("tables/entry.csv")) {
          assertThat(text).as(entry.getName()).doesNotContain("Zzbay", "Zzporch");
        }
      }
    }
    assertThat(names).contains("plant.csv", "entry.csv", "files/").doesNotContain("place");
    get(taker, "/plants/" + plant.id() + "/plant.zip").andExpect(status().isNotFound());
    get(giver, "/archive").andExpect(content().string(Matchers.containsString("one plant")));
  }

  @Test
  void anotherKeeperReadsItInAndGoesOn() throws Exception {
    keepers.place(taker, "Cellar", PlaceKind.INDOOR);
    PlaceView shelf = keepers.place(taker, "Shelf", PlaceKind.INDOOR);
    String waiting = waiting(file("/plants/" + plant.id() + "/plant.zip"));
    get(taker, waiting)
        .andExpect(content().string(Matchers.containsString("A plant that was handed over")))
        .andExpect(content().string(Matchers.containsString("Shelf")));
    assertThat(keepers.as(taker, plants::kept)).isEmpty();
    String to =
        post(taker, waiting, "place", shelf.id().toString(), "apart", "true")
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    PlantView mine = only(taker);
    assertThat(to).isEqualTo("/plants/" + mine.id());
    assertThat(mine.name()).isEqualTo(plant.name());
    assertThat(mine.place().name()).isEqualTo("Shelf");
    assertThat(mine.arrivedOn()).isNotNull();
    assertThat(log(taker)).anyMatch(text -> text.contains("120")).anyMatch(t -> t.contains("new"));
    assertThat(count(taker, "photo")).isEqualTo(1);
    assertThat(count(taker, "plant_case")).isEqualTo(1);
    assertThat(count(taker, "isolation")).isEqualTo(1);
    assertThat(count(taker, "place")).isEqualTo(2);
    for (String shown : List.of(to, to + "/photos", to + "/diagnose", "/today", "/cases")) {
      get(taker, shown).andExpect(status().isOk());
    }
  }

  @Test
  void aPlantThatComesBackIsKnownAgain() throws Exception {
    keepers.place(taker, "Shelf", PlaceKind.INDOOR);
    post(taker, waiting(file("/plants/" + plant.id() + "/plant.zip")));
    PlantView theirs = only(taker);
    assertThat(count(taker, "isolation")).isZero();
    keepers.note(taker, theirs.id(), "watered 77");
    byte[] back =
        get(taker, "/plants/" + theirs.id() + "/plant.zip")
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    SignedIn swapped = taker;
    taker = giver;
    post(swapped, "/plants/" + theirs.id() + "/archive", "away", "true");
    post(giver, waiting(back), "apart", "true");
    assertThat(keepers.as(giver, plants::kept)).hasSize(2);
    assertThat(keepers.as(giver, () -> plants.find(plant.id())).orElseThrow().place().name())
        .isEqualTo("Zzporch");
    assertThat(log(giver)).anyMatch(text -> text.contains("77"));
    assertThat(count(giver, "isolation")).isZero();
  }

  @Test
  void everyPlantOfTheDemoGoesAndItsPagesAreShown() throws Exception {
    giver = accounts.byEmail(DemoDoor.EMAIL).orElseThrow();
    keepers.place(taker, "Shelf", PlaceKind.INDOOR);
    List<PlantView> all = keepers.as(giver, plants::kept);
    for (PlantView one : all) {
      plant = one;
      post(taker, waiting(file("/plants/" + one.id() + "/plant.zip")), "apart", "false");
    }
    List<PlantView> theirs = keepers.as(taker, plants::kept);
    assertThat(theirs).hasSameSizeAs(all);
    assertThat(count(taker, "treatment_visit")).isPositive();
    assertThat(count(taker, "plant_case")).isPositive();
    for (PlantView one : theirs) {
      get(taker, "/plants/" + one.id()).andExpect(status().isOk());
      get(taker, "/plants/" + one.id() + "/year").andExpect(status().isOk());
    }
    for (String shown : List.of("/today", "/cases", "/treatments", "/archive", "/away")) {
      get(taker, shown).andExpect(status().isOk());
    }
    for (Long visit :
        jdbc.sql("select id from treatment_visit where collection_id = ? and state = 'PLANNED'")
            .param(taker.collectionId())
            .query(Long.class)
            .list()) {
      get(taker, "/visits/" + visit).andExpect(status().isOk());
    }
  }

  @Test
  void whoHasNoPlaceYetGetsOne() throws Exception {
    post(taker, waiting(file("/plants/" + plant.id() + "/plant.zip")));
    assertThat(only(taker).place().name()).isEqualTo("Arrivals");
  }

  @Test
  void aFileThatHoldsMoreThanAPlantIsRefused() throws Exception {
    byte[] zip = file("/plants/" + plant.id() + "/plant.zip");
    ByteArrayOutputStream more = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
        ZipOutputStream out = new ZipOutputStream(more)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        out.putNextEntry(new ZipEntry(entry.getName()));
        String text = new String(in.readAllBytes(), StandardCharsets.ISO_8859_1);
        String changed = text.replaceFirst("\"name\" : \"patch_test\"", "\"name\" : \"place\"");
        out.write(changed.getBytes(StandardCharsets.ISO_8859_1));
      }
    }
    String waiting = waiting(more.toByteArray());
    post(taker, waiting).andExpect(status().isUnprocessableEntity());
    assertThat(keepers.as(taker, plants::kept)).isEmpty();
    String good = waiting(zip);
    Long foreign = plant.place().id();
    post(taker, good, "place", foreign.toString())
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(Matchers.containsString("Pick one of your places")));
  }

  private String link() throws Exception {
    return (String) post(giver, page + "/link").andReturn().getFlashMap().get("link");
  }

  private MockHttpServletResponse stranger(String path) throws Exception {
    return web.perform(MockMvcRequestBuilders.get(path)).andReturn().getResponse();
  }

  @Test
  void aLinkLeadsToThePlantWithoutAnAccountUntilItEnds() throws Exception {
    String link = link();
    String path = link.substring(link.indexOf("/handed/"));
    MockHttpServletResponse shown = stranger(path);
    assertThat(shown.getStatus()).isEqualTo(200);
    assertThat(shown.getContentAsString())
        .contains(plant.name(), "4 notes", "1 picture,")
        .doesNotContain("Zzneighbour", "<form");
    assertThat(shown.getHeader("Set-Cookie")).isNull();
    assertThat(stranger(path + "/plant.zip").getContentAsByteArray()).startsWith('P', 'K');
    assertThat(stranger(path + "/passport.pdf").getContentAsByteArray()).startsWith('%', 'P');
    for (String tried : List.of("/plants", "/plants/" + plant.id(), path + "/../../plants")) {
      assertThat(stranger(tried).getContentAsString()).doesNotContain("Zzneighbour", plant.name());
    }
    String second = link();
    assertThat(stranger(path).getStatus()).isEqualTo(404);
    String now = second.substring(second.indexOf("/handed/"));
    assertThat(stranger(now).getStatus()).isEqualTo(200);
    jdbc.sql("update handover set until_day = '2026-11-22' where plant_id = ?")
        .param(plant.id())
        .update();
    assertThat(stranger(now).getStatus()).isEqualTo(404);
    String third = link();
    post(taker, page + "/link/end").andExpect(status().isNotFound());
    post(giver, page + "/link/end").andExpect(redirectedUrl(page));
    assertThat(stranger(third.substring(third.indexOf("/handed/"))).getStatus()).isEqualTo(404);
  }

  @Test
  void whoeverKeepsPlantsHereReadsItInByTheLink() throws Exception {
    String link = link();
    keepers.place(taker, "Shelf", PlaceKind.INDOOR);
    String waiting =
        post(taker, "/archive/in/link", "link", " " + link + " ")
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    assertThat(waiting).matches("/archive/in/\\d+");
    post(taker, waiting, "apart", "true");
    assertThat(only(taker).name()).isEqualTo(plant.name());
    for (String bad : List.of("", "x", "https://elsewhere.example/handed/" + "a".repeat(43))) {
      post(taker, "/archive/in/link", "link", bad).andExpect(redirectedUrl("/archive#link"));
    }
  }
}
