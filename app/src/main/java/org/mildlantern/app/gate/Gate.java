package org.mildlantern.app.gate;

import com.zaxxer.hikari.HikariDataSource;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets as many requests in as there are connections to the database; the others wait for their turn
 * instead of for a connection. While the database cannot be reached it says so at once and calmly.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 40)
class Gate extends OncePerRequestFilter {
  private static final Logger LOG = LoggerFactory.getLogger(Gate.class);
  private static final Duration WAIT = Duration.ofSeconds(25);

  /** After the database was not there, it is asked again only this much later. */
  private static final Duration PAUSE = Duration.ofSeconds(2);

  private static final Pattern ASSET = Pattern.compile("\\{([^}]+)}");

  private final String page;
  private final Semaphore places;
  private volatile long downUntil = System.nanoTime();

  Gate(HikariDataSource pool, Assets assets) {
    this.page = ASSET.matcher(away()).replaceAll(file -> assets.path(file.group(1)));
    this.places = new Semaphore(pool.getMaximumPoolSize(), true);
  }

  private static String away() {
    try (InputStream in = Gate.class.getResourceAsStream("away.html")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean watch = request.getRequestURI().startsWith("/actuator/");
    if (System.nanoTime() - downUntil < 0 || !watch && !enter()) {
      calm(request, response);
      return;
    }
    try {
      chain.doFilter(request, response);
    } catch (ServletException | IOException | RuntimeException e) {
      if (response.isCommitted() || !isLineDown(e)) {
        throw e;
      }
      downUntil = System.nanoTime() + PAUSE.toNanos();
      LOG.warn("the database cannot be reached: {}", e.getMessage());
      calm(request, response);
    } finally {
      if (!watch) {
        places.release();
      }
    }
  }

  private boolean enter() {
    try {
      return places.tryAcquire(WAIT.toMillis(), TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  /** SQL states of class 08 and 57P: no connection, or the server is going down (PostgreSQL). */
  private static boolean isLineDown(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLTransientConnectionException) {
        return true;
      }
      if (cause instanceof SQLException sql
          && sql.getSQLState() != null
          && (sql.getSQLState().startsWith("08") || sql.getSQLState().startsWith("57P"))) {
        return true;
      }
    }
    return false;
  }

  private void calm(HttpServletRequest request, HttpServletResponse response) throws IOException {
    response.reset();
    response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
    response.setHeader(HttpHeaders.RETRY_AFTER, "2");
    response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
    String accept = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
    if (accept.contains("text/html")) {
      response.setContentType("text/html;charset=utf-8");
      response.getWriter().write(page);
    } else {
      response.setContentType("application/problem+json");
      response.getWriter().write("{\"title\":\"The records cannot be reached\",\"status\":503}");
    }
  }
}
