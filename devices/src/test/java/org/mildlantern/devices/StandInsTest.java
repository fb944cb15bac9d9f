package org.mildlantern.devices;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class StandInsTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 10, 1);
  private static final LocalDate LAST = LocalDate.of(2026, 11, 20);
  private static final Instant NOW = Instant.parse("2026-11-20T10:00:00Z");
  private static final SimulatedPot SCALE = new SimulatedPot("2026-005", false, 412, 190, 0.13);
  private static final SimulatedPot PROBE = new SimulatedPot("2026-006", true, 0, 240, 0.1);

  private final List<String> bodies = new ArrayList<>();
  private final List<String> tokens = new ArrayList<>();
  private HttpServer server;
  private int answer = 200;
  private String body = "{\"readings\":[{\"state\":\"stored\"}]}";

  @BeforeEach
  void anApp() throws IOException {
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext(
        "/api/v1/readings",
        exchange -> {
          bodies.add(new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8));
          tokens.add(exchange.getRequestHeaders().getFirst("Authorization"));
          byte[] text = body.getBytes(StandardCharsets.UTF_8);
          exchange.sendResponseHeaders(answer, text.length);
          exchange.getResponseBody().write(text);
          exchange.close();
        });
    server.start();
  }

  @AfterEach
  void gone() {
    server.stop(0);
  }

  private Outbox outbox() {
    return new Outbox("http://127.0.0.1:" + server.getAddress().getPort(), "secret");
  }

  @Test
  void theSameDayAlwaysGivesTheSameReading() {
    List<Reading> all = SCALE.readings(FIRST, LAST, NOW);
    List<Reading> later = SCALE.readings(FIRST.plusDays(20), LAST, NOW);
    assertThat(all).containsAll(later);
    assertThat(all).extracting(Reading::id).doesNotHaveDuplicates();
  }

  @Test
  void readingsHaveNoiseGapsAndSoaksAndNoneIsAheadOfNow() {
    List<Reading> scale = SCALE.readings(FIRST, LAST, NOW);
    assertThat(scale.size()).isBetween(30, 49);
    assertThat(scale).allMatch(r -> !r.at().isAfter(NOW));
    assertThat(scale).allMatch(r -> r.value() > 380 && r.value() < 640);
    assertThat(scale).extracting(Reading::kind).contains("WEIGHT", "WEIGHT_DRAINED");
    assertThat(PROBE.readings(FIRST, LAST, NOW))
        .isNotEmpty()
        .allMatch(r -> r.value() >= 0 && r.value() <= 10 && r.kind().equals("METER"));
  }

  @Test
  void whatIsTakenLeavesTheOutbox() throws InterruptedException {
    Outbox outbox = outbox();
    outbox.add(json(SCALE.readings(LAST.minusDays(5), LAST, NOW)));
    outbox.send();
    assertThat(outbox.waiting()).isZero();
    assertThat(tokens).containsOnly("Bearer secret");
    assertThat(bodies.get(0))
        .startsWith("{\"readings\":[{\"id\":\"stand-in-2026-005-")
        .contains("\"kind\":\"WEIGHT");
  }

  @Test
  void whatIsNotTakenGoesAgainWithTheSameIds() throws InterruptedException {
    Outbox outbox = outbox();
    outbox.add(json(PROBE.readings(LAST.minusDays(5), LAST, NOW)));
    int waiting = outbox.waiting();
    answer = 503;
    outbox.send();
    assertThat(outbox.waiting()).isEqualTo(waiting);
    answer = 200;
    String stored = body;
    body = "{\"readings\":[{\"state\":\"refused\"}]}";
    outbox.send();
    assertThat(outbox.waiting()).isEqualTo(waiting);
    body = stored;
    outbox.send();
    assertThat(outbox.waiting()).isZero();
    assertThat(bodies.get(1)).isEqualTo(bodies.get(0));
    Outbox nowhere = new Outbox("http://127.0.0.1:1", "x");
    nowhere.add(json(PROBE.readings(LAST, LAST, NOW)));
    nowhere.send();
    assertThat(nowhere.waiting()).isLessThanOrEqualTo(1);
  }

  private static List<String> json(List<Reading> readings) {
    return readings.stream().map(Reading::json).toList();
  }

  @Test
  void aRoomFollowsTheWeatherByItsShareAndIsSilentAtTimes() {
    Instant from = Instant.parse("2026-11-01T00:00:00Z");
    Instant to = Instant.parse("2026-11-08T00:00:00Z");
    List<String> room = new SimulatedRoom("bay", 20, 0.1, 40).readings(from, to);
    assertThat(room).isEqualTo(new SimulatedRoom("bay", 20, 0.1, 40).readings(from, to));
    // Ten minutes apart, two figures each, less what is lost.
    assertThat(room).hasSizeBetween(1700, 2010);
    assertThat(new SimulatedRoom("bay", 20, 0.1, 40).readings(from.minus(Duration.ofDays(60)), to))
        .anyMatch(reading -> reading.contains("999"));
    double yard = new SimulatedRoom("yard", 0, 1, 84).celsius(from);
    assertThat(new SimulatedRoom("bay", 20, 0.1, 40).celsius(from)).isGreaterThan(yard + 5);
  }
}
