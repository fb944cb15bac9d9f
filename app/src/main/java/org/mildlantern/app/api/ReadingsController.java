package org.mildlantern.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.mildlantern.app.watering.PotReadings;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Readings of pots from scales and probes. */
@RestController
@RequestMapping(path = "/api/v1", produces = "application/json")
class ReadingsController {
  private static final int MOST = 1000;

  private final PotReadings readings;

  ReadingsController(PotReadings readings) {
    this.readings = readings;
  }

  /** A batch of readings. */
  record Batch(List<PotReadings.Sent> readings) {}

  /** What became of each, in the same order. */
  record Answer(List<PotReadings.Taken> readings) {}

  @PostMapping(path = "/readings", consumes = "application/json")
  @Operation(
      summary = "Takes up to 1000 readings; one that was sent before is taken once",
      description = "Each reading has an id of the device's choosing, the same when sent again.")
  Answer take(@RequestBody Batch batch) {
    if (batch.readings() == null || batch.readings().isEmpty() || batch.readings().size() > MOST) {
      throw new ErrorResponseException(
          HttpStatus.BAD_REQUEST,
          ProblemDetail.forStatusAndDetail(
              HttpStatus.BAD_REQUEST, "readings: 1 to " + MOST + " of them"),
          null);
    }
    return new Answer(readings.take(batch.readings()));
  }
}
