package org.mildlantern.app.keeper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

@AppTest
class SecurityTest {
  @Autowired MockMvc web;
  @Autowired Keepers keepers;
  @Autowired KeeperService service;
  @Autowired JdbcClient jdbc;
  @LocalServerPort int port;

  @Test
  void aPostWithoutItsTokenIsRefused() throws Exception {
    web.perform(post("/places/new").with(user(keepers.make())).param("name", "x"))
        .andExpect(status().isForbidden());
  }

  @Test
  void pagesCarryAStrictPolicyAndHoldNoInlineScriptOrStyle() throws Exception {
    SignedIn keeper = service.byEmail(DemoDoor.EMAIL).orElseThrow();
    for (String path : new String[] {"/today", "/plants", "/diagnose", "/settings", "/places"}) {
      web.perform(get(path).with(user(keeper)))
          .andExpect(status().isOk())
          .andExpect(
              header().string("Content-Security-Policy", containsString("default-src 'self'")))
          .andExpect(
              header().string("Content-Security-Policy", not(containsString("unsafe-inline"))))
          .andExpect(header().string("X-Content-Type-Options", "nosniff"))
          .andExpect(header().string("X-Frame-Options", "DENY"))
          .andExpect(content().string(not(containsString(" style=\""))))
          .andExpect(content().string(not(containsString("<style"))))
          .andExpect(content().string(not(containsString(" onclick="))));
    }
  }

  @Test
  void passwordsAreHashed() {
    SignedIn keeper = keepers.make();
    assertThat(keeper.passwordHash()).startsWith("{bcrypt}").doesNotContain("battery");
  }

  @Test
  void registeringRefusesBadInputBesideTheFieldAndKeepsWhatWasTyped() throws Exception {
    web.perform(
            post("/register")
                .with(csrf())
                .param("email", "not-an-address")
                .param("name", "Ann")
                .param("password", "short"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("does not look like an e-mail")))
        .andExpect(content().string(containsString("at most 72 bytes: plain")))
        .andExpect(content().string(containsString("value=\"Ann\"")));
  }

  @Test
  void nobodyLearnsWhoHasAnAccountByRegistering() throws Exception {
    SignedIn keeper = keepers.make();
    String fresh = "ann" + System.nanoTime() + "@" + "long.".repeat(24) + "example.org";
    for (String email : new String[] {keeper.email().toUpperCase(), fresh}) {
      web.perform(
              post("/register")
                  .with(csrf())
                  .param("email", email)
                  .param("name", "Ann")
                  .param("password", "long enough words"))
          .andExpect(redirectedUrl("/sign-in?made"));
    }
    web.perform(signIn(keeper.email(), "long enough words"))
        .andExpect(redirectedUrl("/sign-in?error"));
    web.perform(signIn(fresh, "long enough words")).andExpect(redirectedUrl("/today"));
  }

  @Test
  void aPasswordIsBoundedInBytes() throws Exception {
    for (String password : new String[] {"ä".repeat(37), "x".repeat(73), "short"}) {
      web.perform(
              post("/register")
                  .with(csrf())
                  .param("email", "b" + System.nanoTime() + "@example.org")
                  .param("name", "Ann")
                  .param("password", password))
          .andExpect(status().isUnprocessableEntity());
    }
  }

  @Test
  void newAccountsAreBoundedForEachNetwork() throws Exception {
    for (int i = 0; i <= 60; i++) {
      web.perform(
              post("/register")
                  .servletPath("/register")
                  .with(csrf())
                  .with(
                      request -> {
                        request.setRemoteAddr("192.0.2.7");
                        return request;
                      })
                  .param("email", "many" + i + "@example.org")
                  .param("name", "Ann")
                  .param("password", "short"))
          .andExpect(i < 60 ? status().isUnprocessableEntity() : redirectedUrl("/register?wait"));
    }
  }

  @Test
  void tooManyTriesMustWaitAndStrangersDoNotShutTheKeeperOut() throws Exception {
    SignedIn keeper = keepers.make();
    Cookie known =
        web.perform(signIn(keeper.email(), "correct horse battery"))
            .andExpect(redirectedUrl("/today"))
            .andReturn()
            .getResponse()
            .getCookie("known");
    for (int i = 0; i < 7; i++) {
      web.perform(signIn(keeper.email(), "wrong")).andExpect(redirectedUrl("/sign-in?error"));
    }
    web.perform(signIn(keeper.email(), "correct horse battery"))
        .andExpect(redirectedUrl("/sign-in?wait"));
    web.perform(signIn(keeper.email(), "correct horse battery").cookie(known))
        .andExpect(redirectedUrl("/today"));
    SignedIn stranger = keepers.make();
    for (int i = 0; i < 8; i++) {
      web.perform(signIn(stranger.email(), "wrong").cookie(known));
    }
    web.perform(signIn(stranger.email(), "correct horse battery").cookie(known))
        .andExpect(redirectedUrl("/sign-in?wait"));
  }

  @Test
  void aStrangersVisitLeavesNoSession() throws Exception {
    HttpClient browser = HttpClient.newHttpClient();
    int before = strangersAttributes();
    for (String path : new String[] {"/sign-in", "/register", "/today", "/plants/1"}) {
      URI there = URI.create("http://localhost:" + port + path);
      browser.send(
          HttpRequest.newBuilder(there).header("Accept", "text/html").build(),
          HttpResponse.BodyHandlers.discarding());
    }
    assertThat(strangersAttributes()).isEqualTo(before);
    web.perform(signIn("nobody@example.org", "wrong")).andExpect(redirectedUrl("/sign-in?error"));
  }

  /** Tests put the token of forms, which lives in a cookie, into a session; nothing else may be. */
  private int strangersAttributes() {
    return jdbc.sql(
            "select count(*) from spring_session_attributes a join spring_session s"
                + " on s.primary_id = a.session_primary_id"
                + " where s.principal_name is null and attribute_name not like '%CSRF_TOKEN'")
        .query(Integer.class)
        .single();
  }

  @Test
  void thePageThatWasWantedComesAfterSigningIn() throws Exception {
    SignedIn keeper = keepers.make();
    Cookie wanted =
        web.perform(get("/places").accept("text/html"))
            .andReturn()
            .getResponse()
            .getCookie("REDIRECT_URI");
    web.perform(signIn(keeper.email(), "correct horse battery").cookie(wanted))
        .andExpect(redirectedUrl("http://localhost/places"));
  }

  @Test
  void otherNamesThanOursAreRefused() throws Exception {
    web.perform(
            get("/sign-in")
                .with(
                    request -> {
                      request.setServerName("evil.example.org");
                      return request;
                    }))
        .andExpect(status().isBadRequest());
  }

  @Test
  void tokensDoWhatTheyAreForAndEnd() throws Exception {
    SignedIn keeper = keepers.make();
    String ask = keepers.as(keeper, () -> service.makeToken("ask", TokenScope.READ, null));
    String send = keepers.as(keeper, () -> service.makeToken("send", TokenScope.READINGS, null));
    String over =
        keepers.as(
            keeper, () -> service.makeToken("over", TokenScope.ALL, Keepers.TODAY.minusDays(1)));
    call(ask, get("/api/v1/vocabulary")).andExpect(status().isOk());
    call(send, get("/api/v1/vocabulary")).andExpect(status().isForbidden());
    call(over, get("/api/v1/vocabulary")).andExpect(status().isUnauthorized());
    call(ask, readings()).andExpect(status().isForbidden());
    call(send, readings()).andExpect(status().isBadRequest());
  }

  private static MockHttpServletRequestBuilder readings() {
    return post("/api/v1/readings").contentType("application/json").content("{\"readings\": []}");
  }

  private ResultActions call(String token, MockHttpServletRequestBuilder call) throws Exception {
    return web.perform(call.header("Authorization", "Bearer " + token));
  }

  @Test
  void aKeeperSignsOutEverywhere() throws Exception {
    SignedIn keeper = keepers.make();
    Cookie here = session(keeper);
    Cookie there = session(keeper);
    web.perform(get("/places").cookie(there)).andExpect(status().isOk());
    web.perform(post("/settings/sign-out-everywhere").cookie(here).with(csrf()))
        .andExpect(redirectedUrl("/sign-in?out"));
    web.perform(get("/places").cookie(there)).andExpect(status().is3xxRedirection());
  }

  private Cookie session(SignedIn keeper) throws Exception {
    return web.perform(signIn(keeper.email(), "correct horse battery"))
        .andReturn()
        .getResponse()
        .getCookie("SESSION");
  }

  private static MockHttpServletRequestBuilder signIn(String email, String password) {
    return post("/sign-in")
        .servletPath("/sign-in")
        .with(csrf())
        .with(
            r -> {
              r.setRemoteAddr("10.0.0." + Math.floorMod(email.hashCode(), 250));
              return r;
            })
        .param("email", email)
        .param("password", password);
  }

  @Test
  void theDemoDoorOpensTheDemoCollectionOnly() throws Exception {
    web.perform(post("/demo").with(csrf())).andExpect(redirectedUrl("/today"));
  }

  @Test
  void settingsRefuseANonsenseLatitude() throws Exception {
    web.perform(
            post("/settings")
                .with(csrf())
                .with(user(keepers.make()))
                .param("name", "Mine")
                .param("latitude", "123")
                .param("zone", "Europe/London"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Between −90 and 90.")));
  }
}
