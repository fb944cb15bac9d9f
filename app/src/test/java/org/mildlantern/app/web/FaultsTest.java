package org.mildlantern.app.web;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.nullValue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Where a page was asked for, a fault leads to the page about it; a script is told in JSON. */
class FaultsTest extends WebCase {
  private static final String BROWSER = "text/html,application/xhtml+xml,*/*;q=0.8";

  @ParameterizedTest
  @CsvSource({
    "/know/taxa/nix,404",
    "/plants?page=x,400",
    "/nowhere,404",
    "/plants/labels?plant=x,400"
  })
  void aBrowserIsShownAPageAndAScriptAProblem(String path, int status) throws Exception {
    SignedIn keeper = keepers.make();
    web.perform(as(keeper, path).header("Accept", BROWSER))
        .andExpect(status().is(status))
        .andExpect(header().doesNotExist("Content-Type"))
        .andExpect(request().attribute("what", nullValue()));
    web.perform(as(keeper, path))
        .andExpect(status().is(status))
        .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
        .andExpect(jsonPath("$.status").value(status));
    web.perform(as(keeper, path).header("Accept", BROWSER).header("HX-Request", "true"))
        .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON));
  }

  @Test
  void aTextThatCannotBeStoredIsNamed() throws Exception {
    web.perform(as(keepers.make(), "/find").param("q", "a\0b").header("Accept", BROWSER))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(request().attribute("what", containsString("cannot be stored")));
  }

  private MockHttpServletRequestBuilder as(SignedIn keeper, String path) {
    return MockMvcRequestBuilders.get(path).with(user(keeper));
  }
}
