package org.mildlantern.devices;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Serves invented forecasts on loopback: {@code GET /forecast?latitude=53}. One request in eleven
 * finds it out of order, as services are at times.
 */
final class WeatherService {
  private static final Pattern LATITUDE = Pattern.compile("latitude=(-?\\d{1,2}(?:\\.\\d{1,4})?)");
  private static final int OUTAGE = 11;

  private final HttpServer server;
  private final AtomicInteger asked = new AtomicInteger();

  private WeatherService(HttpServer server) {
    this.server = server;
  }

  /** Begins to serve; port 0 takes a free one. */
  static WeatherService on(int port) throws IOException {
    WeatherService service =
        new WeatherService(
            HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 8));
    service.server.createContext("/forecast", service::answer);
    service.server.start();
    return service;
  }

  int port() {
    return server.getAddress().getPort();
  }

  void stop() {
    server.stop(0);
  }

  private void answer(HttpExchange exchange) throws IOException {
    try (exchange) {
      String query = exchange.getRequestURI().getQuery();
      Matcher latitude = LATITUDE.matcher(query == null ? "" : query);
      if (asked.incrementAndGet() % OUTAGE == 0) {
        exchange.sendResponseHeaders(503, -1);
      } else if (!latitude.find() || Math.abs(Double.parseDouble(latitude.group(1))) > 90) {
        exchange.sendResponseHeaders(400, -1);
      } else {
        Instant now = Instant.now();
        byte[] body =
            new Weather(Double.parseDouble(latitude.group(1)))
                .json(LocalDate.ofInstant(now, ZoneOffset.UTC), now)
                .getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", "application/json");
        exchange.sendResponseHeaders(200, body.length);
        exchange.getResponseBody().write(body);
      }
    }
  }
}
