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

import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

@AppTest
class SecurityTest {
  @Autowired MockMvc web;
  @Autowired Keepers keepers;
  @Autowired KeeperService service;

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
        .andExpect(content().string(containsString("Between 10 and 200")))
        .andExpect(content().string(containsString("value=\"Ann\"")));
  }

  @Test
  void anAddressCanBeUsedOnce() throws Exception {
    SignedIn keeper = keepers.make();
    web.perform(
            post("/register")
                .with(csrf())
                .param("email", keeper.email().toUpperCase())
                .param("name", "Ann")
                .param("password", "long enough words"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("account with this address")));
  }

  @Test
  void signInWorksAndTooManyTriesMustWait() throws Exception {
    SignedIn keeper = keepers.make();
    web.perform(signIn(keeper.email(), "correct horse battery")).andExpect(redirectedUrl("/today"));
    for (int i = 0; i < 7; i++) {
      web.perform(signIn(keeper.email(), "wrong")).andExpect(redirectedUrl("/sign-in?error"));
    }
    web.perform(signIn(keeper.email(), "correct horse battery"))
        .andExpect(redirectedUrl("/sign-in?wait"));
  }

  private static org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder signIn(
      String email, String password) {
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
