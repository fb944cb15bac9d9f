package org.mildlantern.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.NullSource;
import org.junit.jupiter.params.provider.ValueSource;

class HtmxTest {
  @Test
  void aNumberIsReadFromTheAddressOfThePage() {
    Htmx htmx = new Htmx(true, "http://localhost/today?day=2026-11-25&place=31#x");
    assertThat(htmx.shown("place")).contains(31L);
    assertThat(htmx.shown("page")).isEmpty();
  }

  @ParameterizedTest
  @NullSource
  @ValueSource(
      strings = {
        "",
        "/today?place=",
        "/today?place=-3",
        "/today?place=12345678901234567890",
        "/today?place=%",
        "http://[broken?place=1"
      })
  void whatIsNoNumberIsNone(String address) {
    assertThat(new Htmx(true, address).shown("place")).isEmpty();
  }
}
