package org.mildlantern.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.servlet.FlashMap;

class FlashesOfPagesTest {
  private final FlashesOfPages flashes = new FlashesOfPages();

  @Test
  void aCopyTakesNothingFromThePage() {
    MockHttpServletRequest answer = new MockHttpServletRequest("POST", "/today/plants/1/water");
    FlashMap said = new FlashMap();
    said.put("just", "Felt damp");
    said.setTargetRequestPath("/today");
    flashes.saveOutputFlashMap(said, answer, new MockHttpServletResponse());

    MockHttpServletRequest copy = new MockHttpServletRequest("GET", "/today");
    copy.setSession(answer.getSession());
    copy.addHeader("Kept-Copy", "1");
    FlashMap ofCopy = flashes.retrieveAndUpdate(copy, new MockHttpServletResponse());
    assertThat(ofCopy == null).isTrue();

    MockHttpServletRequest page = new MockHttpServletRequest("GET", "/today");
    page.setSession(answer.getSession());
    FlashMap ofPage = flashes.retrieveAndUpdate(page, new MockHttpServletResponse());
    assertThat(ofPage.get("just")).isEqualTo("Felt damp");
  }
}
