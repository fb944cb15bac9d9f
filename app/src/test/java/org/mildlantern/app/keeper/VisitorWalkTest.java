package org.mildlantern.app.keeper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Walks all routes as a visitor with a link, who has no account. */
class VisitorWalkTest extends EveryRoute {
  private SignedIn keeper;
  private String link;

  @BeforeEach
  void aLink() throws Exception {
    keeper = keepers.make();
    furnish(keeper, "Zzsecretplant", "Zzsecretplace");
    link = visitorsPath(keeper);
  }

  private MockHttpServletResponse call(
      String from, HttpMethod method, String path, String... params) throws Exception {
    MockHttpServletRequestBuilder request =
        MockMvcRequestBuilders.request(method, path)
            .with(csrf())
            .with(
                sent -> {
                  sent.setRemoteAddr(from);
                  return sent;
                });
    for (int i = 0; i < params.length; i += 2) {
      request.param(params[i], params[i + 1]);
    }
    return web.perform(request).andReturn().getResponse();
  }

  @Test
  void theLinkOpensItsOwnPageAndNoOther() throws Exception {
    MockHttpServletResponse page = call("10.1.0.1", HttpMethod.GET, link);
    assertThat(page.getStatus()).isEqualTo(200);
    String session = page.getHeader("Set-Cookie");
    assertThat(session == null || session.startsWith("XSRF")).isTrue();
    for (Route route : allRoutes()) {
      if (route.path().startsWith("/visitor/") || route.path().matches("/v3.*|/know.*")) {
        continue;
      }
      String path = route.path().replaceAll("\\{[^}]+}", "1");
      for (String tried : List.of(path, link + path, link + "/.." + path)) {
        MockHttpServletResponse answer =
            call("10.1.0.1", HttpMethod.valueOf(route.method().name()), tried);
        assertThat(answer.getContentAsString())
            .as(tried)
            .doesNotContain("Zzsecretplant", "Zzsecretplace");
        assertThat(answer.getStatus())
            .as(route.method() + tried)
            .isIn(200, 302, 400, 401, 404, 405, 422);
      }
    }
  }

  @Test
  void onlyTasksOfTheAbsenceCanBeAnswered() throws Exception {
    SignedIn other = keepers.make();
    furnish(other, "Other plant", "Other place");
    List<Long> others = new ArrayList<>(tasks(other));
    post(
        keeper,
        "/away/trips",
        "from",
        "2026-11-25",
        "until",
        "2027-01-10",
        "risk",
        "1",
        "visits",
        "3",
        "minutes",
        "1",
        "coin",
        "5");
    Long second = newest(Of.TRIP, keeper);
    others.addAll(
        jdbc.sql("select id from trip_task where trip_id = ?")
            .param(second)
            .query(Long.class)
            .list());
    assertThat(others).isNotEmpty();
    for (Long task : others) {
      assertThat(
              call("10.1.0.2", HttpMethod.POST, link + "/tasks/" + task, "state", "DONE")
                  .getStatus())
          .isEqualTo(404);
      assertThat(call("10.1.0.2", HttpMethod.GET, link + "/tasks/" + task + "/picture").getStatus())
          .isEqualTo(404);
      assertThat(
              call(
                      "10.1.0.2",
                      HttpMethod.POST,
                      link + "/messages",
                      "task",
                      task.toString(),
                      "text",
                      "x")
                  .getStatus())
          .isEqualTo(404);
    }
    assertThat(
            jdbc.sql("select count(*) from trip_task where state <> 'OPEN' and id in (:all)")
                .param("all", others)
                .query(Long.class)
                .single())
        .isZero();
  }

  private List<Long> tasks(SignedIn of) {
    return jdbc.sql("select id from trip_task where collection_id = ?")
        .param(of.collectionId())
        .query(Long.class)
        .list();
  }

  /** An answer of the keeper's own may take another one back; a visitor's may not. */
  @Test
  void aVisitorTakesNothingOfTheDayBookBack() throws Exception {
    Long entry = newest(Of.ENTRY, keeper);
    Long task = tasks(keeper).get(0);
    for (String path : List.of("/tasks/" + task, "/messages", "/cup")) {
      call(
          "10.1.0.6",
          HttpMethod.POST,
          link + path,
          "key",
          "k" + path.length(),
          "state",
          "DONE",
          "text",
          "x",
          "instead",
          entry.toString(),
          "plant",
          newest(Of.PLANT, keeper).toString(),
          "seen",
          "0",
          "work",
          "pot",
          "force",
          "1");
    }
    assertThat(
            jdbc.sql("select superseded from entry where id = ?")
                .param(entry)
                .query(Boolean.class)
                .single())
        .isFalse();
  }

  @Test
  void whoGuessesIsSlowedDownAndOthersAreNot() throws Exception {
    int refused = 0;
    for (int i = 0; i < 30; i++) {
      int status = call("10.1.0.3", HttpMethod.GET, "/visitor/guess" + i).getStatus();
      assertThat(status).isIn(404, 429);
      refused += status == 429 ? 1 : 0;
    }
    assertThat(refused).isGreaterThanOrEqualTo(9);
    assertThat(call("10.1.0.3", HttpMethod.GET, link).getStatus()).isEqualTo(429);
    for (int i = 0; i < 60; i++) {
      assertThat(call("10.1.0.4", HttpMethod.GET, link).getStatus()).isEqualTo(200);
    }
  }

  @Test
  void aFaultShowsNothingOfTheCollection() throws Exception {
    for (String path : List.of("/tasks/0", "/tasks/x", "/nothing", "/messages")) {
      MockHttpServletResponse answer =
          call("10.1.0.5", HttpMethod.POST, link + path, "state", "DONE", "text", "");
      assertThat(answer.getStatus()).as(path).isBetween(400, 499);
      assertThat(answer.getContentAsString())
          .as(path)
          .doesNotContain("/plants/", "shelf", "Sign out");
    }
  }
}
