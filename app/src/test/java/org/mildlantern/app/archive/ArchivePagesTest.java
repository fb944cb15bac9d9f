package org.mildlantern.app.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.util.Arrays;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.keeper.TokenScope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;

class ArchivePagesTest extends WebCase {
  @Autowired TestClock clock;
  @Autowired ArchiveService archives;
  @Autowired KeeperService accounts;
  @Autowired PlantService plants;

  private SignedIn keeper;

  @BeforeEach
  void someRecords() {
    keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    keepers.note(keeper, keepers.plant(keeper, sill, "Coleus scutellarioides").id(), "watered 90");
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private Long made() throws Exception {
    post(keeper, "/archive/out").andExpect(redirectedUrl("/archive"));
    Awaitility.await()
        .atMost(Duration.ofSeconds(30))
        .until(() -> last().state() == ArchiveService.State.READY);
    return last().id();
  }

  private ArchiveService.Out last() {
    return keepers.as(keeper, archives::outs).get(0);
  }

  private byte[] zip(Long id) throws Exception {
    return get(keeper, "/archive/out/" + id).andReturn().getResponse().getContentAsByteArray();
  }

  @Test
  void anArchiveIsMadeAndADownloadThatBreaksOffGoesOn() throws Exception {
    Long id = made();
    assertThat(last().percent()).isEqualTo(100);
    get(keeper, "/archive")
        .andExpect(content().string(allOf(containsString("ready"), containsString("Download"))));
    byte[] whole = zip(id);
    assertThat(whole).hasSize((int) last().bytes());
    byte[] rest =
        web.perform(
                request(HttpMethod.GET, "/archive/out/" + id)
                    .with(user(keeper))
                    .header("Range", "bytes=100-"))
            .andExpect(status().isPartialContent())
            .andExpect(
                header()
                    .string(
                        "Content-Range", "bytes 100-" + (whole.length - 1) + "/" + whole.length))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    assertThat(rest).isEqualTo(Arrays.copyOfRange(whole, 100, whole.length));
    get(keepers.make(), "/archive/out/" + id).andExpect(status().isNotFound());
  }

  @Test
  void filesGoAfterAWeekAndTheLogStays() throws Exception {
    Long id = made();
    clock.forward(Duration.ofDays(8));
    archives.thin();
    get(keeper, "/archive/out/" + id).andExpect(status().isNotFound());
    get(keeper, "/archive").andExpect(content().string(containsString("its file is gone")));
  }

  @Test
  void whatIsReadInIsLookedAtFirst() throws Exception {
    byte[] zip = zip(made());
    SignedIn other = keepers.make();
    String waiting =
        web.perform(
                multipart("/archive/in")
                    .file(new MockMultipartFile("file", "plants.zip", "application/zip", zip))
                    .with(user(other))
                    .with(csrf()))
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    get(other, waiting)
        .andExpect(
            content()
                .string(allOf(containsString("becomes the same"), containsString("plants.zip"))));
    assertThat(keepers.as(other, plants::kept)).isEmpty();
    get(keeper, waiting).andExpect(status().isNotFound());
    post(keeper, waiting).andExpect(status().isNotFound());
    post(other, waiting).andExpect(redirectedUrl("/archive"));
    assertThat(keepers.as(other, plants::kept)).hasSize(1);
    post(other, waiting).andExpect(status().isNotFound());
  }

  @Test
  void whatIsNoArchiveIsSaidAndLeft() throws Exception {
    post(keeper, "/archive/in")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Choose a file first")));
    String waiting =
        web.perform(
                multipart("/archive/in")
                    .file(
                        new MockMultipartFile("file", "x.zip", "application/zip", "no".getBytes()))
                    .with(user(keeper))
                    .with(csrf()))
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    get(keeper, waiting)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("This is no ZIP file")));
    post(keeper, waiting).andExpect(status().isUnprocessableEntity());
    post(keeper, waiting + "/drop").andExpect(redirectedUrl("/archive"));
    get(keeper, waiting).andExpect(status().isNotFound());
  }

  @Test
  void eachTableComesAloneForASpreadsheet() throws Exception {
    PlaceView place = keepers.place(keeper, "=Evil()", PlaceKind.CASE);
    keepers.plant(keeper, place, "Dionaea muscipula");
    for (Sheet sheet : Sheet.values()) {
      String csv =
          get(keeper, "/archive/tables/" + sheet.id() + ".csv")
              .andExpect(status().isOk())
              .andExpect(header().string("Content-Disposition", containsString(sheet.id())))
              .andReturn()
              .getResponse()
              .getContentAsString();
      assertThat(csv.lines().findFirst().orElseThrow()).as(sheet.id()).contains("Code");
    }
    get(keeper, "/archive/tables/plants.csv")
        .andExpect(content().string(allOf(containsString("'=Evil()"), containsString("Coleus"))));
    get(keeper, "/archive/tables/log.csv").andExpect(content().string(containsString("90")));
    get(keepers.make(), "/archive/tables/log.csv")
        .andExpect(content().string(not(containsString("90"))));
    get(keeper, "/archive/tables/other.csv").andExpect(status().isNotFound());
  }

  @Test
  void programsTakeItOutAndBringItInWithATokenForRecords() throws Exception {
    String token = keepers.as(keeper, () -> accounts.makeToken("copy", TokenScope.RECORDS, null));
    byte[] zip =
        web.perform(
                request(HttpMethod.GET, "/api/v1/export")
                    .header("Authorization", "Bearer " + token))
            .andExpect(status().isOk())
            .andExpect(content().contentType("application/zip"))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    get(keeper, "/archive").andExpect(content().string(containsString("by a program")));
    SignedIn other = keepers.make();
    String others = keepers.as(other, () -> accounts.makeToken("copy", TokenScope.RECORDS, null));
    web.perform(
            request(HttpMethod.POST, "/api/v1/import?preview=true")
                .header("Authorization", "Bearer " + others)
                .contentType("application/zip")
                .content(zip))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.empty").value(true))
        .andExpect(jsonPath("$.counts[?(@.table == 'plant')].fresh").value(1));
    assertThat(keepers.as(other, plants::kept)).isEmpty();
    web.perform(
            request(HttpMethod.POST, "/api/v1/import")
                .header("Authorization", "Bearer " + others)
                .contentType("application/zip")
                .content(zip))
        .andExpect(status().isOk());
    assertThat(keepers.as(other, plants::kept)).hasSize(1);
    web.perform(
            request(HttpMethod.POST, "/api/v1/import")
                .header("Authorization", "Bearer " + others)
                .contentType("application/zip")
                .content("no"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().contentType("application/problem+json"))
        .andExpect(jsonPath("$.detail").value(containsString("no ZIP file")));
    for (TokenScope may : new TokenScope[] {TokenScope.READ, TokenScope.READINGS, TokenScope.ALL}) {
      String lesser = keepers.as(keeper, () -> accounts.makeToken("less", may, null));
      web.perform(
              request(HttpMethod.GET, "/api/v1/export").header("Authorization", "Bearer " + lesser))
          .andExpect(status().isForbidden());
    }
    web.perform(request(HttpMethod.GET, "/api/v1/export")).andExpect(status().isUnauthorized());
  }
}
