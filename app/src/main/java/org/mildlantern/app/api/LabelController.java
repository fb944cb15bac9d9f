package org.mildlantern.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelReader;
import org.mildlantern.core.label.LabelReading;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads rates as labels print them, for other programs. */
@RestController
@RequestMapping(path = "/api/v1", produces = "application/json")
class LabelController {
  private final Knowledge knowledge;

  LabelController(Knowledge knowledge) {
    this.knowledge = knowledge;
  }

  /** The shape of a request, for the description. */
  record Asked(
      @Schema(description = "A rate as printed, at most 200 characters", example = "2 tsp/gal")
          String text,
      @Schema(allowableValues = {"liquid", "powder", "unknown"}) String product,
      @Schema(
              allowableValues = {"us", "uk", "au", "eu"},
              description = "Where the label is from; left out when not known")
          String region) {}

  /** A rate, or what it could be, or why there is none. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record Answer(
      String reading,
      Double low,
      Double high,
      @Schema(example = "ml/l") String unit,
      List<Answer> ambiguous,
      String refused) {
    static Answer of(LabelRate rate) {
      return new Answer(rate.asRead(), rate.least(), rate.most(), rate.perUnit(), null, null);
    }
  }

  @PostMapping(path = "/label", consumes = "application/json")
  @Operation(
      summary =
          "What a rate on a label comes to; with every reading when it can be read in several ways")
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      required = true,
      content = @Content(schema = @Schema(implementation = Asked.class)))
  Answer read(@RequestBody JsonNode body) {
    RequestReader.Label label = new RequestReader(knowledge).label(body);
    LabelReading reading = LabelReader.read(label.text(), label.product(), label.region());
    if (reading instanceof LabelReading.Refused none) {
      return new Answer(null, null, null, null, null, none.why());
    }
    List<Answer> answers = reading.rates().stream().map(Answer::of).toList();
    return answers.size() == 1 ? answers.get(0) : new Answer(null, null, null, null, answers, null);
  }
}
