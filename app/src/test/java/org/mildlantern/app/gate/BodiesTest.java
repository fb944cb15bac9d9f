package org.mildlantern.app.gate;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.FilterChain;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Bodies whose length nobody told are counted while they are read. */
class BodiesTest {
  private static final int MEGABYTE = 1024 * 1024;

  private final Bodies bodies = new Bodies();

  private MockHttpServletResponse send(MockHttpServletRequest request, FilterChain next)
      throws Exception {
    MockHttpServletResponse response = new MockHttpServletResponse();
    bodies.doFilter(request, response, next);
    return response;
  }

  /** A request that does not tell its length, as a chunked one. */
  private static MockHttpServletRequest json(String path, byte[] body) {
    MockHttpServletRequest request =
        new MockHttpServletRequest("POST", path) {
          @Override
          public long getContentLengthLong() {
            return -1;
          }
        };
    request.setContentType("application/json");
    request.setContent(body);
    return request;
  }

  @Test
  void theBodyIsThereForWhoeverReadsItLater() throws Exception {
    byte[] body = "{\"form\": \"späth\"}".getBytes(StandardCharsets.UTF_8);
    StringBuilder read = new StringBuilder();
    send(
        json("/api/v1/diagnose", body),
        (request, response) -> {
          assertThat(request.getInputStream().readAllBytes()).isEqualTo(body);
          read.append(request.getReader().readLine());
        });
    assertThat(read).hasToString("{\"form\": \"späth\"}");
  }

  @Test
  void readingsMayBeTwiceAsLong() throws Exception {
    byte[] long1 = new byte[MEGABYTE + 1];
    byte[] long2 = new byte[2 * MEGABYTE + 1];
    assertThat(send(json("/api/v1/diagnose", long1), (in, out) -> {}).getStatus()).isEqualTo(413);
    assertThat(send(json("/api/v1/readings", long1), (in, out) -> {}).getStatus()).isEqualTo(200);
    assertThat(send(json("/api/v1/readings", long2), (in, out) -> {}).getStatus()).isEqualTo(413);
  }

  @Test
  void whatIsRefusedGoesNoFurtherAndCountsNoLonger() throws Exception {
    for (int i = 0; i < 50; i++) {
      MockHttpServletResponse refused =
          send(
              json("/api/v1/diagnose", new byte[MEGABYTE + 1]),
              (in, out) -> {
                throw new AssertionError("it went on");
              });
      assertThat(refused.getStatus()).isEqualTo(413);
    }
    assertThat(send(json("/api/v1/diagnose", new byte[2]), (in, out) -> {}).getStatus())
        .isEqualTo(200);
  }

  @Test
  void fieldsThatDidNotComeAreSaid() throws Exception {
    MockHttpServletRequest form = new MockHttpServletRequest("POST", "/sign-in");
    form.setContentType("application/x-www-form-urlencoded");
    form.setAttribute("org.apache.catalina.parameter_parse_failed", true);
    form.setAttribute("org.apache.catalina.parameter_parse_failed_reason", "POST_TOO_LARGE");
    assertThat(send(form, (in, out) -> {}).getStatus()).isEqualTo(413);
    form.setAttribute("org.apache.catalina.parameter_parse_failed_reason", "IO_ERROR");
    assertThat(send(form, (in, out) -> {}).getStatus()).isEqualTo(408);
  }
}
