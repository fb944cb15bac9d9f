package org.mildlantern.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.Operation;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.sensors.ReadingsService;
import org.mildlantern.core.air.Gauge;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The keeper's places and what was read there, for other programs. */
@RestController
@RequestMapping(path = "/api/v1/places", produces = "application/json")
class PlacesController {
  private static final int MOST = 3000;
  private static final Duration USUAL = Duration.ofDays(7);

  private final PlaceService places;
  private final ReadingsService readings;
  private final Scope scope;

  PlacesController(PlaceService places, ReadingsService readings, Scope scope) {
    this.places = places;
    this.readings = readings;
    this.scope = scope;
  }

  /** A place. What is not known is left out. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record OfPlace(Long id, String name, String kind, Double celsius, Double humidity) {
    static OfPlace of(PlaceView place) {
      return new OfPlace(
          place.id(), place.name(), place.kind().id(), place.temperature(), place.humidity());
    }
  }

  @GetMapping
  @Operation(summary = "The places, with the air that is usual there")
  List<OfPlace> places() {
    return places.all().stream().map(OfPlace::of).toList();
  }

  /**
   * Readings.
   *
   * @param unit of mean, low and high
   */
  record OfReadings(String gauge, String unit, List<ReadingsService.Stretch> readings) {}

  @GetMapping("/{id}/readings")
  @Operation(
      summary = "What devices read at a place, the oldest first, 3000 at most",
      description =
          "gauge: temperature, humidity, lux, ppfd, glass or co2; by: reading, hour or day; from:"
              + " an instant, such as 2026-11-01T00:00:00Z, a week ago where it is left out.")
  OfReadings readings(
      @PathVariable Long id,
      @RequestParam String gauge,
      @RequestParam(defaultValue = "hour") String by,
      @RequestParam(required = false) String from) {
    Gauge of =
        Stream.of(Gauge.values())
            .filter(one -> one.id().equals(gauge))
            .findFirst()
            .orElseThrow(() -> bad("gauge: none that is read"));
    Instant since;
    ReadingsService.By stretch;
    try {
      since = from == null ? scope.now().minus(USUAL) : Instant.parse(from);
      stretch = ReadingsService.By.valueOf(by.toUpperCase(Locale.ROOT));
    } catch (DateTimeParseException e) {
      throw bad("from: an instant, such as 2026-11-01T00:00:00Z");
    } catch (IllegalArgumentException e) {
      throw bad("by: reading, hour or day");
    }
    return readings
        .of(id, of, stretch, since, MOST)
        .map(all -> new OfReadings(of.id(), of.unit(), all))
        .orElseThrow(
            () -> RecordsController.problem(HttpStatus.NOT_FOUND, "There is no such place."));
  }

  private static RuntimeException bad(String words) {
    return RecordsController.problem(HttpStatus.BAD_REQUEST, words);
  }
}
