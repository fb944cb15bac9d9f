package org.mildlantern.devices;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.time.LocalDate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WeatherTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 27);
  private final Weather weather = new Weather(53);

  @Test
  void errorsGrowByTheDay() {
    assertThat(error(9) > 2 * error(1)).isTrue();
  }

  private double error(int ahead) {
    return IntStream.range(0, 300)
        .mapToDouble(
            i -> {
              LocalDate day = DAY.plusDays(i);
              return Math.abs(weather.forecastLow(day.minusDays(ahead), day) - weather.low(day));
            })
        .average()
        .orElseThrow();
  }

  @Test
  void wintersAreColdInTheirHemisphereAndTheSameDayIsTheSame() {
    LocalDate july = LocalDate.of(2026, 7, 10);
    assertThat(weather.high(july) > weather.high(DAY) + 6).isTrue();
    assertThat(new Weather(-35).high(july) < new Weather(-35).high(LocalDate.of(2026, 1, 10)))
        .isTrue();
    assertThat(weather.json(DAY, Instant.EPOCH)).isEqualTo(weather.json(DAY, Instant.EPOCH));
    assertThat(weather.json(LocalDate.ofEpochDay(7), Instant.EPOCH).contains("999")).isTrue();
  }

  @Test
  void itServesForecastsAndIsOutOfOrderAtTimes() throws Exception {
    WeatherService service = WeatherService.on(0);
    try {
      int good = 0;
      for (int i = 0; i < 11; i++) {
        good += status(service, "?latitude=53") == 200 ? 1 : 0;
      }
      assertThat(good).isEqualTo(10);
      assertThat(status(service, "?latitude=far")).isEqualTo(400);
      assertThat(status(service, "")).isEqualTo(400);
    } finally {
      service.stop();
    }
  }

  private static int status(WeatherService service, String query) throws Exception {
    URI address = URI.create("http://127.0.0.1:" + service.port() + "/forecast" + query);
    return HttpClient.newHttpClient()
        .send(HttpRequest.newBuilder(address).build(), HttpResponse.BodyHandlers.ofString())
        .statusCode();
  }
}
