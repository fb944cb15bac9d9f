package org.mildlantern.app.keeper;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Browsers in which a keeper has signed in before. Wrong tries of strangers, even from the same
 * address, do not use up the tries of such a browser.
 */
@Component
@Transactional
class KnownBrowsers {
  private static final String COOKIE = "known";
  private static final Duration KEPT = Duration.ofDays(400);

  private final JdbcClient jdbc;

  KnownBrowsers(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** Knows the browser of this request from now on as one of the keeper's. */
  void remember(SignedIn keeper, HttpServletRequest request, HttpServletResponse response) {
    if (mark(request, keeper.email()).isPresent()) {
      return;
    }
    String secret = Secrets.fresh();
    jdbc.sql("delete from known_browser where seen_at < :old")
        .param("old", Instant.now().minus(KEPT).atOffset(ZoneOffset.UTC))
        .update();
    jdbc.sql("insert into known_browser (hash, keeper_id, seen_at) values (:hash, :keeper, :at)")
        .param("hash", Secrets.hash(secret))
        .param("keeper", keeper.keeperId())
        .param("at", Instant.now().atOffset(ZoneOffset.UTC))
        .update();
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(COOKIE, secret)
            .path("/sign-in")
            .maxAge(KEPT)
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Strict")
            .build()
            .toString());
  }

  /** The mark of a browser in which the keeper of this address has signed in before. */
  @Transactional(readOnly = true)
  Optional<String> mark(HttpServletRequest request, String email) {
    return Arrays.stream(Optional.ofNullable(request.getCookies()).orElse(new Cookie[0]))
        .filter(cookie -> cookie.getName().equals(COOKIE))
        .map(cookie -> Secrets.hash(cookie.getValue()))
        .filter(hash -> isOf(hash, email))
        .findFirst();
  }

  private boolean isOf(String hash, String email) {
    return jdbc.sql(
            "select 1 from known_browser b join keeper k on k.id = b.keeper_id"
                + " where b.hash = :hash and lower(k.email) = lower(:email)")
        .param("hash", hash)
        .param("email", email)
        .query(Integer.class)
        .optional()
        .isPresent();
  }

  void forget(SignedIn keeper) {
    jdbc.sql("delete from known_browser where keeper_id = :keeper")
        .param("keeper", keeper.keeperId())
        .update();
  }
}
