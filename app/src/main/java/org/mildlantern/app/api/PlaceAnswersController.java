package org.mildlantern.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import java.time.LocalDate;
import java.util.List;
import org.mildlantern.core.air.Air;
import org.mildlantern.core.light.LitSpot;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.light.Trust;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The light at a spot and the air of a room, for other programs. */
@RestController
@RequestMapping(path = "/api/v1", produces = "application/json")
class PlaceAnswersController {
  /** The light of each day. */
  record Light(List<Day> days) {}

  /** mol/m² a day with a band of eight in ten, hours of sun if it shines, µmol/m²/s. */
  record Day(
      LocalDate day, double dli, double low, double high, double directHours, double peakPpfd) {
    static Day of(SpotLight light) {
      return new Day(
          light.day(),
          light.dli(),
          light.low(),
          light.high(),
          light.directHours(),
          light.peakPpfd());
    }
  }

  /** Of air: kPa, °C, g/m³, °C. Of a room: %, g an hour. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record OfAir(
      Double vpdKpa,
      Double dewPoint,
      Double absoluteGm3,
      Double wetBulb,
      Double humidityWithout,
      Double gramsPerHour) {}

  @PostMapping(path = "/light", consumes = "application/json")
  @Operation(summary = "The light of days at a spot behind windows, outdoors or under lamps")
  Light light(@RequestBody JsonNode body) {
    PlaceRequest.OfLight asked = new PlaceRequest().light(body);
    LitSpot spot = new LitSpot(asked.setting());
    Trust trust = asked.setting().outdoors() ? Trust.OUTDOORS : Trust.DRAWN;
    return new Light(
        asked.days().stream().map(day -> Day.of(spot.on(day, asked.latitude(), trust))).toList());
  }

  @PostMapping(path = "/air", consumes = "application/json")
  @Operation(
      summary = "What air of a warmth and humidity holds; or how moist a room is and what it takes")
  OfAir air(@RequestBody JsonNode body) {
    PlaceRequest.OfAir asked = new PlaceRequest().air(body);
    if (asked.air() != null) {
      Air air = asked.air();
      return new OfAir(air.vpd(), air.dewPoint(), air.absolute(), air.wetBulb(), null, null);
    }
    Air without = asked.room().without(asked.outdoor(), asked.celsius());
    Double grams =
        asked.target() == null
            ? null
            : (Double)
                asked.room().gramsFor(asked.outdoor(), new Air(asked.celsius(), asked.target()));
    return new OfAir(null, null, null, null, without.humidity(), grams);
  }
}
