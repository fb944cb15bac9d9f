package org.mildlantern.devices;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;

/**
 * Runs the demo's weather service, scale and probe: {@code StandIns http://127.0.0.1:8080}. It
 * sends what the last weeks gave, then a reading a day. It looks every ten minutes whether there is
 * one to send, and sooner while something waits.
 */
public final class StandIns {
  private static final int BACK_DAYS = 45;
  private static final Duration PAUSE = Duration.ofMinutes(10);
  private static final Duration SHORTEST_PAUSE = Duration.ofSeconds(5);

  private static final List<SimulatedPot> POTS =
      List.of(
          new SimulatedPot("2026-005", false, 412, 190, 0.13),
          new SimulatedPot("2026-006", true, 0, 240, 0.1));

  private static final List<SimulatedRoom> ROOMS =
      List.of(
          new SimulatedRoom("north-gallery", 14, 0.25, 71),
          new SimulatedRoom("south-bay", 20.5, 0.08, 38),
          new SimulatedRoom("yard", 0, 1, 84));

  private StandIns() {}

  public static void main(String[] arguments) throws InterruptedException {
    String token = System.getenv("MILD_LANTERN_DEMO_TOKEN");
    if (arguments.length != 1 || token == null) {
      System.err.println("Give the app's address, and a token as MILD_LANTERN_DEMO_TOKEN.");
      System.exit(2);
    }
    String weather = System.getenv("MILD_LANTERN_WEATHER_PORT");
    if (weather != null) {
      serve(Integer.parseInt(weather));
    }
    Outbox outbox = new Outbox(arguments[0], token);
    List<Outbox> rooms =
        ROOMS.stream().map(room -> Outbox.ofDevice(arguments[0], token, room.device())).toList();
    Instant read = Instant.now().minus(Duration.ofDays(BACK_DAYS));
    LocalDate from = today().minusDays(BACK_DAYS);
    long pause = SHORTEST_PAUSE.toMillis();
    while (true) {
      if (outbox.waiting() == 0) {
        for (SimulatedPot pot : POTS) {
          outbox.add(
              pot.readings(from, today(), Instant.now()).stream().map(Reading::json).toList());
        }
        from = today();
      }
      outbox.send();
      Instant now = Instant.now();
      for (int i = 0; i < ROOMS.size(); i++) {
        rooms.get(i).add(ROOMS.get(i).readings(read, now));
        rooms.get(i).send();
      }
      read = now;
      pause = outbox.waiting() == 0 ? PAUSE.toMillis() : Math.min(2 * pause, PAUSE.toMillis());
      Thread.sleep(pause);
    }
  }

  private static void serve(int port) {
    try {
      WeatherService.on(port);
    } catch (IOException e) {
      System.err.println("no weather: " + e.getMessage());
    }
  }

  private static LocalDate today() {
    return LocalDate.ofInstant(Instant.now(), ZoneOffset.UTC);
  }
}
