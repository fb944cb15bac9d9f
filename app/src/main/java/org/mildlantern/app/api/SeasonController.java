package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.Repotting;
import org.mildlantern.core.season.StageOdds;
import org.mildlantern.core.season.YearStage;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where a kind stands in its year, for other programs. */
@RestController
@RequestMapping(path = "/api/v1", produces = "application/json")
class SeasonController {
  private final Knowledge knowledge;

  SeasonController(Knowledge knowledge) {
    this.knowledge = knowledge;
  }

  /**
   * Where it stands.
   *
   * @param stages odds that add up to 1, by stage
   * @param water usual, drier, dry or damp
   * @param restKind none, dry, moist-cold or cool
   * @param cue what starts its buds, or none where that is not known
   * @param repotNow yes, no or only-if-roots-die
   */
  record Answer(
      Map<String, Double> stages,
      String water,
      String restKind,
      String cue,
      String repotNow,
      LocalDate notBefore) {}

  /** What is asked. */
  private record Asked(Taxon taxon, double latitude, LocalDate day, StageOdds.Place place) {}

  @PostMapping(path = "/season", consumes = "application/json")
  @Operation(summary = "Where a kind stands in its year on a day, and whether it is repotted then")
  Answer season(@RequestBody JsonNode body) {
    Asked asked = new SeasonRequest().read(body);
    Course course = knowledge.course(knowledge.kind(asked.taxon));
    StageOdds odds = StageOdds.of(course, asked.day, asked.latitude, asked.place, null);
    Repotting repotting = Repotting.of(course, asked.day, asked.latitude, asked.place, null);
    Map<String, Double> stages = new LinkedHashMap<>();
    for (YearStage stage : YearStage.values()) {
      stages.put(stage.id(), odds.of(stage));
    }
    return new Answer(
        stages,
        odds.water(course).id(),
        course.rest().id(),
        course.bloom() == null ? "none" : course.bloom().cue().id(),
        repotting.now().id(),
        repotting.notBefore());
  }

  /** Reads what is asked. */
  private final class SeasonRequest extends JsonFields {
    Asked read(JsonNode body) {
      requireObject(body);
      unknownFields(body, "$", Set.of("taxon", "latitude", "day", "place"));
      String name = text(body.get("taxon"), "$.taxon").orElse(null);
      Taxon taxon = null;
      if (name == null) {
        fault("$.taxon", "is needed");
      } else {
        taxon = knowledge.taxa().find(name).or(() -> knowledge.taxonNamed(name)).orElse(null);
        if (taxon == null) {
          unknown("$.taxon", name, knowledge.taxa().stream().map(Taxon::id).toList());
        }
      }
      double latitude = needed(body, "latitude", "$", -90, 90);
      LocalDate day = day(body.get("day"), "$.day").orElse(null);
      if (day == null && isSound()) {
        fault("$.day", "is needed");
      }
      StageOdds.Place place = place(body.get("place"));
      throwFaults();
      return new Asked(taxon, latitude, day, place);
    }

    private StageOdds.Place place(JsonNode place) {
      if (place == null || place.isNull()) {
        return StageOdds.Place.UNKNOWN;
      }
      if (!place.isObject()) {
        fault("$.place", "an object is expected");
        return StageOdds.Place.UNKNOWN;
      }
      unknownFields(place, "$.place", Set.of("nightC", "dayC"));
      Double night = number(place.get("nightC"), "$.place.nightC", -60.0, 60.0).orElse(null);
      Double day = number(place.get("dayC"), "$.place.dayC", -60.0, 60.0).orElse(null);
      if (night != null && day != null && night > day + 10) {
        fault("$.place.nightC", "nights are so much warmer than days nowhere");
      }
      return new StageOdds.Place(night, day);
    }
  }
}
