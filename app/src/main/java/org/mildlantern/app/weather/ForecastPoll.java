package org.mildlantern.app.weather;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.air.Forecast;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Fetches forecasts now and then; while none comes, the last good one stays. */
@Component
class ForecastPoll {
  private static final Logger LOG = LoggerFactory.getLogger(ForecastPoll.class);
  private static final Duration PATIENCE = Duration.ofSeconds(5);
  private static final Duration FRESH = Duration.ofMinutes(55);
  private static final int LONGEST = 100_000;

  private final WeatherAddress address;
  private final ForecastStore store;
  private final ForecastReader reader;
  private final Clock clock;
  private final HttpClient client =
      HttpClient.newBuilder()
          .connectTimeout(PATIENCE)
          .followRedirects(HttpClient.Redirect.NEVER)
          .build();

  ForecastPoll(WeatherAddress address, ForecastStore store, ForecastReader reader, Clock clock) {
    this.address = address;
    this.store = store;
    this.reader = reader;
    this.clock = clock;
  }

  @Scheduled(initialDelay = 15, fixedDelay = 120, timeUnit = TimeUnit.SECONDS)
  void poll() throws InterruptedException {
    if (!address.isKnown()) {
      return;
    }
    for (BigDecimal latitude : store.wanted(clock.instant().minus(FRESH))) {
      Optional<Forecast> fetched = fetch(latitude);
      if (fetched.isEmpty()) {
        return;
      }
      store.keep(latitude, fetched.get(), clock.instant());
    }
  }

  private Optional<Forecast> fetch(BigDecimal latitude) throws InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(address.weather() + "?latitude=" + latitude))
            .timeout(PATIENCE)
            .build();
    try {
      HttpResponse<InputStream> answer =
          client.send(request, HttpResponse.BodyHandlers.ofInputStream());
      try (InputStream body = answer.body()) {
        String text = new String(body.readNBytes(LONGEST), StandardCharsets.UTF_8);
        Optional<Forecast> forecast =
            answer.statusCode() == 200 ? reader.read(text) : Optional.empty();
        if (forecast.isEmpty()) {
          LOG.info("no forecast: the service answers {}", answer.statusCode());
        }
        return forecast;
      }
    } catch (IOException e) {
      LOG.info("no forecast: {}", e.getMessage());
      return Optional.empty();
    }
  }
}
