package org.mildlantern.app.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Reads the body of a request whole, within bounds, before anything else is done for it: one that
 * is too large is refused unread, one that dribbles in holds no connection, and one address can
 * have only a few under way.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 30)
class Bodies extends OncePerRequestFilter {
  private static final long MEGABYTE = 1024 * 1024;
  private static final long MOST = MEGABYTE;
  private static final long MOST_READINGS = 2 * MEGABYTE;
  private static final Set<String> READINGS = Set.of("/api/v1/readings", "/api/v1/place-readings");

  /** What takes its body itself, bit by bit, once it knows who sends it. */
  private static final String STREAMED = "/api/v1/import";

  private static final long MOST_FILES = 100 * MEGABYTE;
  private static final int MOST_UNDER_WAY = 20;
  private static final Duration PATIENCE = Duration.ofSeconds(10);
  private static final Set<String> WITHOUT = Set.of("GET", "HEAD", "OPTIONS", "TRACE");

  private final Map<String, Integer> underWay = new ConcurrentHashMap<>();

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return WITHOUT.contains(request.getMethod()) || request.getRequestURI().equals(STREAMED);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String type = String.valueOf(request.getContentType()).toLowerCase(java.util.Locale.ROOT);
    boolean files = type.startsWith("multipart/form-data");
    long most =
        files ? MOST_FILES : READINGS.contains(request.getRequestURI()) ? MOST_READINGS : MOST;
    if (request.getContentLengthLong() > most) {
      refuse(response, HttpStatus.PAYLOAD_TOO_LARGE);
      return;
    }
    String address = request.getRemoteAddr();
    if (underWay.merge(address, 1, Integer::sum) > MOST_UNDER_WAY) {
      leave(address);
      response.setHeader(HttpHeaders.RETRY_AFTER, "2");
      refuse(response, HttpStatus.TOO_MANY_REQUESTS);
      return;
    }
    HttpServletRequest read;
    try {
      read =
          files || type.startsWith("application/x-www-form-urlencoded")
              ? form(request)
              : new Read(request, whole(request.getInputStream(), most));
    } catch (TooLarge e) {
      refuse(response, HttpStatus.PAYLOAD_TOO_LARGE);
      return;
    } catch (IOException e) {
      refuse(response, HttpStatus.REQUEST_TIMEOUT);
      return;
    } finally {
      leave(address);
    }
    chain.doFilter(read, response);
  }

  private void leave(String address) {
    underWay.computeIfPresent(address, (a, count) -> count == 1 ? null : count - 1);
  }

  /** Has the server read the fields now. */
  private static HttpServletRequest form(HttpServletRequest request) throws IOException {
    request.getParameterMap();
    if (request.getAttribute("org.apache.catalina.parameter_parse_failed") != null) {
      Object why = request.getAttribute("org.apache.catalina.parameter_parse_failed_reason");
      if (String.valueOf(why).contains("TOO_LARGE")) {
        throw new TooLarge();
      }
      throw new IOException("the fields did not come: " + why);
    }
    return request;
  }

  private static byte[] whole(InputStream in, long most) throws IOException {
    long end = System.nanoTime() + PATIENCE.toNanos();
    ByteArrayOutputStream body = new ByteArrayOutputStream();
    byte[] part = new byte[8192];
    for (int n = in.read(part); n >= 0; n = in.read(part)) {
      body.write(part, 0, n);
      if (body.size() > most) {
        throw new TooLarge();
      }
      if (System.nanoTime() > end) {
        throw new IOException("the body took too long");
      }
    }
    return body.toByteArray();
  }

  private static void refuse(HttpServletResponse response, HttpStatus status) throws IOException {
    response.setStatus(status.value());
    response.setHeader(HttpHeaders.CONNECTION, "close");
    response.setContentType("application/problem+json");
    response
        .getWriter()
        .write(
            "{\"title\":\"%s\",\"status\":%d}".formatted(status.getReasonPhrase(), status.value()));
  }

  private static class TooLarge extends IOException {
    private static final long serialVersionUID = 1L;
  }

  /** A request whose body has been read. */
  private static class Read extends HttpServletRequestWrapper {
    private final byte[] body;

    Read(HttpServletRequest request, byte[] body) {
      super(request);
      this.body = body;
    }

    @Override
    public ServletInputStream getInputStream() {
      ByteArrayInputStream in = new ByteArrayInputStream(body);
      return new ServletInputStream() {
        @Override
        public int read() {
          return in.read();
        }

        @Override
        public int read(byte[] into, int from, int length) {
          return in.read(into, from, length);
        }

        @Override
        public boolean isFinished() {
          return in.available() == 0;
        }

        @Override
        public boolean isReady() {
          return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
          throw new UnsupportedOperationException();
        }
      };
    }

    @Override
    public BufferedReader getReader() {
      return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
  }
}
