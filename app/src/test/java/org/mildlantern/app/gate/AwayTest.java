package org.mildlantern.app.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariDataSource;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** What the gate does when the database is away, with one place inside. */
class AwayTest {
  private final AtomicInteger inside = new AtomicInteger();
  private Gate gate;

  @BeforeEach
  void onePlace() {
    HikariDataSource pool = new HikariDataSource();
    pool.setMaximumPoolSize(1);
    gate = new Gate(pool, new Assets());
  }

  private MockHttpServletResponse call(String path, String accept, FilterChain page)
      throws Exception {
    MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
    request.addHeader("Accept", accept);
    MockHttpServletResponse response = new MockHttpServletResponse();
    gate.doFilter(
        request,
        response,
        (in, out) -> {
          inside.incrementAndGet();
          page.doFilter(in, out);
        });
    return response;
  }

  private static FilterChain fails(Exception cause) {
    return (in, out) -> {
      throw new ServletException(new DataAccessResourceFailureException("no", cause));
    };
  }

  @ParameterizedTest
  @ValueSource(strings = {"08006", "08003", "57P01", "57P03"})
  void aLineThatIsCutIsSaidCalmlyAndAtOnceFromThenOn(String state) throws Exception {
    MockHttpServletResponse first =
        call("/today", "text/html", fails(new SQLException("cut", state)));
    assertThat(first.getStatus()).isEqualTo(503);
    assertThat(first.getHeader("Retry-After")).isNotNull();
    assertThat(first.getContentAsString())
        .contains("Nothing that was saved is lost", "/css/base.css")
        .doesNotContain("{/");
    assertThat(call("/plants", "text/html", (in, out) -> {}).getStatus()).isEqualTo(503);
    assertThat(inside).hasValue(1);
  }

  @Test
  void noConnectionInTimeIsTheSame() throws Exception {
    assertThat(
            call("/today", "*/*", fails(new SQLTransientConnectionException("late")))
                .getContentType())
        .isEqualTo("application/problem+json");
  }

  @Test
  void otherFaultsGoOnAndFreeThePlaceInside() throws Exception {
    for (int i = 0; i < 3; i++) {
      assertThatThrownBy(
              () -> call("/today", "text/html", fails(new SQLException("twice", "23505"))))
          .isInstanceOf(ServletException.class);
    }
    assertThat(call("/today", "text/html", (in, out) -> {}).getStatus()).isEqualTo(200);
  }

  @Test
  void whoeverWatchesNeedsNoPlaceInside() throws Exception {
    MockHttpServletResponse page =
        call(
            "/today",
            "text/html",
            (in, out) -> {
              try {
                MockHttpServletResponse watch =
                    call("/actuator/health/readiness", "*/*", (a, b) -> {});
                assertThat(watch.getStatus()).isEqualTo(200);
              } catch (Exception e) {
                throw new ServletException(e);
              }
            });
    assertThat(page.getStatus()).isEqualTo(200);
    assertThat(inside).hasValue(2);
  }
}
