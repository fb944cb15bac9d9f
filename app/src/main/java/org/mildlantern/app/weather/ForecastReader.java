package org.mildlantern.app.weather;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.air.Forecast;
import org.springframework.stereotype.Component;

/**
 * Reads {@code {"issued": instant, "days": [{"day": date, "low": °C, "high": °C}]}}. Days that
 * cannot be are left out; an answer without a sound day is none.
 */
@Component
class ForecastReader {
  private static final int MOST_DAYS = 16;

  private final ObjectMapper json;

  ForecastReader(ObjectMapper json) {
    this.json = json;
  }

  Optional<Forecast> read(String body) {
    try {
      JsonNode root = json.readTree(body);
      Instant issued = Instant.parse(root.path("issued").asText());
      List<Forecast.Day> days = days(root.path("days"));
      return days.isEmpty() ? Optional.empty() : Optional.of(new Forecast(issued, days));
    } catch (JsonProcessingException | DateTimeException e) {
      return Optional.empty();
    }
  }

  private static List<Forecast.Day> days(JsonNode list) {
    List<Forecast.Day> days = new ArrayList<>();
    for (JsonNode one : list) {
      if (days.size() < MOST_DAYS && one.path("low").isNumber() && one.path("high").isNumber()) {
        Forecast.Day day =
            new Forecast.Day(
                LocalDate.parse(one.path("day").asText()),
                one.path("low").asDouble(),
                one.path("high").asDouble(),
                one.path("clearness").isNumber() ? one.path("clearness").asDouble() : null);
        if (day.canBe()) {
          days.add(day);
        }
      }
    }
    days.sort(Comparator.comparing(Forecast.Day::day));
    return days;
  }

  /** Days as they were written. */
  List<Forecast.Day> days(String written) {
    try {
      return days(json.readTree(written));
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a forecast was kept that cannot be read", e);
    }
  }

  String write(List<Forecast.Day> all) {
    ArrayNode days = json.createArrayNode();
    for (Forecast.Day day : all) {
      days.addObject()
          .put("day", day.day().toString())
          .put("low", day.low())
          .put("high", day.high())
          .put("clearness", day.clearness());
    }
    return days.toString();
  }
}
