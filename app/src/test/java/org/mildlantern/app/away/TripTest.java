package org.mildlantern.app.away;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.anonymous;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.photos.Pictures;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** An absence from the plan to a week after the return, with a visitor who has no account. */
class TripTest extends WebCase {
  @Autowired TestClock clock;
  @Autowired JournalService journal;
  @Autowired JdbcClient jdbc;

  private SignedIn keeper;
  private PlaceView sill;
  private PlantView maple;

  @BeforeEach
  void treesInJune() {
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-06-10T10:00:00Z")));
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    maple = keepers.plant(keeper, sill, "Acer palmatum");
    for (int i = 0; i < 5; i++) {
      keepers.note(keeper, keepers.plant(keeper, sill, "Acer palmatum").id(), "watered through");
    }
    keepers.note(keeper, maple.id(), "watered through");
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private String plan(String... besides) throws Exception {
    String[] form = {
      "from",
      "2027-06-11",
      "until",
      "2027-07-23",
      "risk",
      "10",
      "visits",
      "3",
      "minutes",
      "20",
      "coin",
      "5",
      "call",
      "Ada 0123",
      "cup",
      "200"
    };
    for (int i = 0; i < besides.length; i += 2) {
      for (int j = 0; j < form.length; j += 2) {
        form[j + 1] = form[j].equals(besides[i]) ? besides[i + 1] : form[j + 1];
      }
    }
    return post(keeper, "/away/trips", form).andReturn().getResponse().getRedirectedUrl();
  }

  /** The path of a link that was just made. */
  private String link(String trip) throws Exception {
    Object address = post(keeper, trip + "/link").andReturn().getFlashMap().get("link");
    return address.toString().replaceFirst("http://[^/]+", "");
  }

  private ResultActions visitor(HttpMethod method, String path, String... pairs) throws Exception {
    MockHttpServletRequestBuilder call =
        request(method, path)
            .with(anonymous())
            .with(
                sent -> {
                  sent.setRemoteAddr("10.2.0." + keeper.keeperId() % 250);
                  return sent;
                });
    for (int i = 0; i < pairs.length; i += 2) {
      call = call.param(pairs[i], pairs[i + 1]);
    }
    return web.perform(call);
  }

  private Long task() {
    return jdbc.sql(
            "select t.id from trip_task t where t.collection_id = ? and t.plant_id = ? order by"
                + " t.day limit 1")
        .param(keeper.collectionId())
        .param(maple.id())
        .query(Long.class)
        .single();
  }

  private String state(Long task) {
    return jdbc.sql("select state from trip_task where id = ?")
        .param(task)
        .query(String.class)
        .single();
  }

  private List<Entry> log() {
    return keepers.as(keeper, () -> journal.timeline(maple.id(), 20));
  }

  @Test
  void thePlanIsKeptWithItsVisits() throws Exception {
    String trip = plan();
    get(keeper, trip)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Visit on"),
                        containsString("Acer palmatum"),
                        containsString("Make the link"))));
    get(keeper, "/away").andExpect(content().string(containsString("11 Jun")));
    get(keeper, trip + "/sheet")
        .andExpect(content().string(allOf(containsString("Ada 0123"), containsString("cup"))));
    byte[] pdf = get(keeper, trip + "/sheet.pdf").andReturn().getResponse().getContentAsByteArray();
    try (var document = Loader.loadPDF(pdf)) {
      assertThat(new PDFTextStripper().getText(document))
          .contains(
              "For the visitor",
              "Acer palmatum",
              "Call: Ada 0123",
              "no plant standing".substring(3));
    }
    post(keeper, trip + "/remove").andExpect(redirectedUrl("/away"));
    get(keeper, trip).andExpect(status().isNotFound());
  }

  @Test
  void whatCannotBeIsSaidBesideItsField() throws Exception {
    post(
            keeper,
            "/away/trips",
            "from",
            "2027-06-11",
            "until",
            "2027-07-23",
            "risk",
            "10",
            "visits",
            "1",
            "minutes",
            "20",
            "coin",
            "5",
            "call",
            "x".repeat(121),
            "cup",
            "3")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("At most 120 characters"),
                        containsString("Between 20 and 5000 ml"),
                        containsString("Plant by plant"))));
    post(keeper, "/away/trips", "from", "2027-01-01", "until", "x")
        .andExpect(status().isUnprocessableEntity());
  }

  @Test
  void aVisitorAnswersWithoutAnAccountAndItIsInTheDayBook() throws Exception {
    String trip = plan();
    String link = link(trip);
    Long task = task();
    visitor(HttpMethod.GET, link)
        .andExpect(status().isOk())
        .andExpect(header().string("Referrer-Policy", "no-referrer"))
        .andExpect(header().doesNotExist("Set-Cookie"))
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Looking after the plants"),
                        containsString("Ada 0123"),
                        containsString("cup"),
                        not(containsString("/plants/")),
                        not(containsString(keeper.email())))));
    visitor(HttpMethod.POST, link + "/tasks/" + task, "state", "DONE", "key", "k1")
        .andExpect(redirectedUrl(link + "#task-" + task));
    assertThat(state(task)).isEqualTo("DONE");
    assertThat(log().get(0).text()).startsWith("Visitor: ");
    assertThat(log().get(0).kind()).isEqualTo(NoteKind.WATERED);
    int before = log().size();
    visitor(HttpMethod.POST, link + "/tasks/" + task, "state", "DONE", "key", "k1");
    visitor(HttpMethod.POST, link + "/tasks/" + task, "state", "DONE", "key", "k2");
    assertThat(log()).hasSize(before);
    visitor(HttpMethod.POST, link + "/tasks/" + task, "state", "OPEN", "key", "k3");
    assertThat(state(task)).isEqualTo("OPEN");
    assertThat(log()).hasSize(before - 1);
    visitor(HttpMethod.POST, link + "/tasks/" + task, "state", "NOT_DONE", "key", "k4");
    get(keeper, trip).andExpect(content().string(containsString("not done")));
  }

  @Test
  void anAnswerThatWaitedIsNotedWhenItWasGiven() throws Exception {
    String link = link(plan());
    clock.forward(Duration.ofDays(5));
    visitor(
        HttpMethod.POST,
        link + "/tasks/" + task(),
        "state",
        "DONE",
        "key",
        "k9",
        "at",
        "2027-06-13T08:30:00Z");
    assertThat(log().get(0).at()).isEqualTo(Instant.parse("2027-06-13T08:30:00Z"));
  }

  @Test
  void whatTheKeeperTakesBackIsOpenAgainForTheVisitor() throws Exception {
    String link = link(plan());
    Long task = task();
    visitor(HttpMethod.POST, link + "/tasks/" + task, "state", "DONE");
    post(keeper, "/entries/" + log().get(0).id() + "/undo");
    assertThat(state(task)).isEqualTo("OPEN");
  }

  @Test
  void aPictureOfAPlantAndAWordWaitForTheKeeper() throws Exception {
    String trip = plan();
    String link = link(trip);
    web.perform(
            multipart(link + "/messages")
                .file(new MockMultipartFile("file", "a.jpg", "image/jpeg", Pictures.jpeg(60, 40)))
                .param("task", task().toString())
                .param("text", "its leaves hang <b>")
                .param("urgent", "true")
                .with(anonymous()))
        .andExpect(redirectedUrl(link + "#told"));
    assertThat(log()).anyMatch(entry -> entry.text().equals("Visitor: its leaves hang <b>"));
    assertThat(log()).anyMatch(entry -> entry.kind() == NoteKind.RECORDED);
    get(keeper, "/today")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString(
                            "Your visitor about Acer palmatum: its leaves hang &lt;b&gt;"),
                        containsString("notice ember"))));
    get(keeper, trip)
        .andExpect(content().string(allOf(containsString("/photos/"), containsString("Urgent"))));
    Long message =
        jdbc.sql("select max(id) from trip_message where collection_id = ?")
            .param(keeper.collectionId())
            .query(Long.class)
            .single();
    post(keeper, "/away/messages/" + message + "/seen", "trip", trip.replaceAll(".*/", ""));
    get(keeper, "/today").andExpect(content().string(not(containsString("Your visitor"))));
  }

  @Test
  void aPictureOfTheRoomIsKeptWithTheMessageAndNoFileThatIsNone() throws Exception {
    String trip = plan();
    String link = link(trip);
    MockMultipartFile junk =
        new MockMultipartFile("file", "a.jpg", "image/jpeg", "GIF89a".getBytes());
    web.perform(multipart(link + "/messages").file(junk).param("text", "see").with(anonymous()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(allOf(containsString("picture"), containsString(">see<"))));
    visitor(HttpMethod.POST, link + "/messages", "text", "  ")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Write a word")));
    visitor(HttpMethod.POST, link + "/messages", "text", "y".repeat(1001))
        .andExpect(content().string(containsString("At most 1000 characters")));
    web.perform(
        multipart(link + "/messages")
            .file(new MockMultipartFile("file", "a.jpg", "image/jpeg", Pictures.jpeg(60, 40)))
            .with(anonymous()));
    Long message =
        jdbc.sql("select max(id) from trip_message where collection_id = ? and image is not null")
            .param(keeper.collectionId())
            .query(Long.class)
            .single();
    get(keeper, "/away/messages/" + message + "/picture").andExpect(status().isOk());
    get(keepers.make(), "/away/messages/" + message + "/picture").andExpect(status().isNotFound());
    get(keeper, "/today").andExpect(content().string(containsString("Your visitor: a picture")));
  }

  @Test
  void amountsAreToldByTheVisitorsCup() throws Exception {
    String link = link(plan("cup", ""));
    visitor(HttpMethod.GET, link).andExpect(content().string(not(containsString(" cup</p>"))));
    visitor(HttpMethod.POST, link + "/cup", "ml", "a mug")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Between 20 and 5000 ml")));
    visitor(HttpMethod.POST, link + "/cup", "ml", "150").andExpect(redirectedUrl(link));
    assertThat(
            jdbc.sql("select cup_ml from trip where collection_id = ?")
                .param(keeper.collectionId())
                .query(Integer.class)
                .single())
        .isEqualTo(150);
  }

  @Test
  void theLinkEndsByATapByANewOneByTheReturnAndByTheDay() throws Exception {
    String trip = plan();
    String first = link(trip);
    String second = link(trip);
    visitor(HttpMethod.GET, first).andExpect(status().isNotFound());
    visitor(HttpMethod.GET, second).andExpect(status().isOk());
    post(keeper, trip + "/link/end");
    visitor(HttpMethod.GET, second).andExpect(status().isNotFound());
    String third = link(trip);
    post(keeper, trip + "/back");
    visitor(HttpMethod.GET, third).andExpect(status().isNotFound());
    String fourth = link(plan());
    clock.forward(
        Duration.between(
            Instant.parse("2027-06-10T10:00:00Z"), Instant.parse("2027-07-23T10:00:00Z")));
    visitor(HttpMethod.GET, fourth).andExpect(status().isOk());
    clock.forward(Duration.ofDays(1));
    visitor(HttpMethod.GET, fourth).andExpect(status().isNotFound());
  }

  @Test
  void theReturnIsCheckedPlantByPlantAndTeaches() throws Exception {
    String trip = plan("visits", "0");
    Long id = Long.valueOf(trip.replaceAll(".*/", ""));
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "WELL")
        .andExpect(status().isUnprocessableEntity());
    post(keeper, trip + "/back");
    get(keeper, "/today")
        .andExpect(content().string(containsString("You are back: look 6 plants over")));
    get(keeper, trip).andExpect(content().string(containsString("Limp")));
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "THIRSTY");
    assertThat(log().get(0).text()).startsWith("Back from an absence: limp, not harmed");
    get(keeper, "/today")
        .andExpect(
            content()
                .string(
                    allOf(containsString("step 1 of 3"), containsString("no feed for two weeks"))));
    post(keeper, trip + "/drinks", "drinker", maple.id().toString());
    Watered step = log().get(0).as(Watered.class).orElseThrow();
    assertThat(step.runOff()).isEqualTo(Watered.RunOff.NONE);
    get(keeper, "/today").andExpect(content().string(not(containsString("step 1 of 3"))));
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "DEAD");
    assertThat(log()).noneMatch(entry -> entry.text().contains("limp"));
    assertThat(found(id)).isEqualTo("DEAD");
    post(
        keeper,
        "/entries/"
            + log().stream().filter(e -> e.text().contains("dead")).findFirst().orElseThrow().id()
            + "/undo");
    assertThat(found(id)).isNull();
  }

  private String found(Long trip) {
    return jdbc.sql("select found from trip_plant where trip_id = ? and plant_id = ?")
        .param(trip)
        .param(maple.id())
        .query((row, n) -> java.util.Optional.ofNullable(row.getString(1)))
        .single()
        .orElse(null);
  }

  @Autowired TripExperience experience;

  @Test
  void whatIsFoundMovesWhatIsExpectedNext() throws Exception {
    String trip = plan("visits", "0");
    clock.forward(
        Duration.between(
            Instant.parse("2027-06-10T10:00:00Z"), Instant.parse("2027-07-23T10:00:00Z")));
    List<Long> all =
        jdbc.sql("select plant_id from trip_plant where trip_id = ?")
            .param(Long.valueOf(trip.replaceAll(".*/", "")))
            .query(Long.class)
            .list();
    String[] found = new String[2 * all.size() + 2];
    for (int i = 0; i < all.size(); i++) {
      found[2 * i] = "plants";
      found[2 * i + 1] = all.get(i).toString();
    }
    found[2 * all.size()] = "found";
    found[2 * all.size() + 1] = "WELL";
    post(keeper, trip + "/found", found);
    assertThat(keepers.as(keeper, experience::taught).shift()).isNegative();
    assertThat(keepers.as(keeper, experience::taught).plants()).isEqualTo(6);
    assertThat(keepers.as(keepers.make(), experience::taught).plants()).isZero();
  }

  @Test
  void ofAnAbsenceThatWasShorterNothingIsLearnt() throws Exception {
    String trip = plan("visits", "0");
    post(keeper, trip + "/back");
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "WELL");
    assertThat(keepers.as(keeper, experience::taught).plants()).isZero();
    assertThat(log().get(0).text()).isEqualTo("Back from an absence: well");
  }

  @Test
  void ofWhatTheVisitorMissedNothingIsLearnt() throws Exception {
    String trip = plan();
    clock.forward(
        Duration.between(
            Instant.parse("2027-06-10T10:00:00Z"), Instant.parse("2027-07-23T10:00:00Z")));
    post(keeper, trip + "/found", "plants", maple.id().toString(), "found", "DEAD");
    assertThat(keepers.as(keeper, experience::taught).plants()).isZero();
  }

  @Test
  void pestsAreLookedForAWeekAfterTheReturn() throws Exception {
    String trip = plan("visits", "0");
    post(keeper, trip + "/back");
    get(keeper, "/today").andExpect(content().string(not(containsString("plants over for pests"))));
    clock.forward(Duration.ofDays(7));
    get(keeper, "/today")
        .andExpect(content().string(containsString("look 6 plants over for pests")));
    post(keeper, trip + "/pests", "plants", maple.id().toString())
        .andExpect(redirectedUrl("/today"));
    assertThat(log().get(0).text()).startsWith("Looked for pests");
    get(keeper, "/today")
        .andExpect(content().string(containsString("look 5 plants over for pests")));
  }
}
