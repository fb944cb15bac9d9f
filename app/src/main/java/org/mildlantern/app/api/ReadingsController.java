package org.mildlantern.app.api;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.mildlantern.app.watering.PotReadings;
import org.mildlantern.app.web.OneTransaction;
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
  private final OneTransaction one;
  private final ObjectMapper json;

  ReadingsController(PotReadings readings, OneTransaction one, ObjectMapper json) {
    this.readings = readings;
    this.one = one;
    this.json = json;
  }

  /** A batch of readings, as it is described; each is read by itself. */
  record Batch(List<PotReadings.Sent> readings) {}

  /** What became of each, in the same order. */
  record Answer(List<Outcome> readings) {}

  /**
   * What became of one.
   *
   * @param index in the batch, from 0
   * @param state stored, known or refused
   * @param message why it was refused
   */
  record Outcome(int index, String id, String state, String message) {
    static Outcome of(int index, PotReadings.Taken taken) {
      return new Outcome(index, taken.id(), taken.state(), taken.message());
    }
  }

  @PostMapping(path = "/readings", consumes = "application/json")
  @Operation(
      summary = "Takes up to 1000 readings; one that was sent before is taken once",
      description = "Each reading has an id of the device's choosing, the same when sent again.")
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      required = true,
      content = @Content(schema = @Schema(implementation = Batch.class)))
  Answer take(@RequestBody JsonNode batch) throws Exception {
    JsonNode sent = batch.path("readings");
    if (!sent.isArray() || sent.isEmpty() || sent.size() > MOST) {
      throw new ErrorResponseException(
          HttpStatus.BAD_REQUEST,
          ProblemDetail.forStatusAndDetail(
              HttpStatus.BAD_REQUEST, "readings: 1 to " + MOST + " of them"),
          null);
    }
    List<Outcome> outcomes = new ArrayList<>();
    List<PotReadings.Sent> good = new ArrayList<>();
    List<Integer> places = new ArrayList<>();
    for (int i = 0; i < sent.size(); i++) {
      try {
        good.add(json.treeToValue(sent.get(i), PotReadings.Sent.class));
        places.add(i);
      } catch (JsonProcessingException | IllegalArgumentException e) {
        outcomes.add(new Outcome(i, sent.get(i).path("id").asText(null), "refused", why(e)));
      }
    }
    List<PotReadings.Taken> taken = one.run(() -> readings.take(good));
    for (int i = 0; i < taken.size(); i++) {
      outcomes.add(Outcome.of(places.get(i), taken.get(i)));
    }
    outcomes.sort(Comparator.comparingInt(Outcome::index));
    return new Answer(outcomes);
  }

  /** The field that cannot be read. */
  private static String why(Exception fault) {
    if (fault instanceof JsonMappingException mapping && !mapping.getPath().isEmpty()) {
      return mapping.getPath().get(mapping.getPath().size() - 1).getFieldName()
          + ": cannot be read";
    }
    return "it cannot be read as a reading";
  }
}
