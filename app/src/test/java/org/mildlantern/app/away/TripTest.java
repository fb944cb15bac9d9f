package org.mildlantern.app.away;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.anonymous;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.time.Instant;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.photos.Pictures;
import org.mildlantern.core.journal.NoteKind;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;

/** An absence from the plan to the return, with a visitor who has no account. */
class TripTest extends TripCase {
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
          .contains("For the visitor", "Acer palmatum", "Call: Ada 0123", "plant standing");
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
}
