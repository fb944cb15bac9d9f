package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.sensors.ReadingIntake;
import org.mildlantern.app.web.OneTransaction;
import org.mildlantern.core.air.Gauge;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Readings of air and light from devices at places. */
@RestController
@RequestMapping(path = "/api/v1", produces = "application/json")
class PlaceReadingsController {
  private static final int MOST = 5000;

  private final ReadingIntake intake;
  private final OneTransaction one;

  PlaceReadingsController(ReadingIntake intake, OneTransaction one) {
    this.intake = intake;
    this.one = one;
  }

  /** A batch, as it is described; each reading is read by itself. */
  record Batch(String device, List<One> readings) {}

  /** A reading: kind is temperature, humidity, lux, ppfd, glass or co2. */
  record One(Instant at, String kind, Double value) {}

  @PostMapping(path = "/place-readings", consumes = "application/json")
  @Operation(
      summary = "Takes up to 5000 readings of a device; one that was sent before is taken once",
      description =
          "°C, %, lux, µmol/m²/s, °C of a pane, ppm. A device that is new waits on the page of"
              + " devices until it is told where it is; what it read counts from then on.")
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      required = true,
      content = @Content(schema = @Schema(implementation = Batch.class)))
  ReadingIntake.Taken take(@RequestBody JsonNode batch) throws Exception {
    JsonNode sent = batch.path("readings");
    if (!sent.isArray() || sent.isEmpty() || sent.size() > MOST) {
      throw bad("readings: 1 to " + MOST + " of them");
    }
    List<ReadingIntake.Sent> readings = new ArrayList<>();
    for (JsonNode reading : sent) {
      readings.add(
          new ReadingIntake.Sent(
              at(reading.path("at").asText()),
              Gauge.of(reading.path("kind").asText()).orElse(null),
              reading.path("value").isNumber()
                  ? Double.valueOf(reading.path("value").asDouble())
                  : null));
    }
    String device = batch.path("device").isTextual() ? batch.path("device").asText() : null;
    try {
      return one.run(() -> intake.take(device, readings));
    } catch (IllegalArgumentException e) {
      throw bad(e.getMessage());
    }
  }

  private static Instant at(String text) {
    try {
      return OffsetDateTime.parse(text).toInstant();
    } catch (DateTimeException e) {
      return null;
    }
  }

  private static ErrorResponseException bad(String why) {
    return new ErrorResponseException(
        HttpStatus.BAD_REQUEST,
        ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, why),
        null);
  }
}
