package org.mildlantern.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import java.util.LinkedHashMap;
import java.util.Map;
import org.mildlantern.core.feed.Blend;
import org.mildlantern.core.feed.Element;
import org.mildlantern.core.feed.Hardness;
import org.mildlantern.core.feed.Solution;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic of feed and water, for other programs. */
@RestController
@RequestMapping(path = "/api/v1", produces = "application/json")
class FeedAnswersController {
  /** mg/l of each element that the label tells of, and what the mix conducts at 25 °C, mS/cm. */
  record OfFeed(Map<String, Double> ppm, double ecMsCm) {}

  /** Of a hardness: in all units. Of a blend: shares of the waters, and µS/cm. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record OfWater(
      Double ppmCaCO3,
      @JsonProperty("dH") Double dh,
      @JsonProperty("fH") Double fh,
      Double e,
      Double grains,
      Map<String, Double> parts,
      Double ecUsCm) {}

  @PostMapping(path = "/feed", consumes = "application/json")
  @Operation(
      summary = "What a product gives in water",
      description =
          "n, p2o5 or p, k2o or k, and ca and mg in % by weight; p2o5 and k2o as oxides, p and k as"
              + " elements. The forms of nitrogen are not asked: as much is taken for nitrate as"
              + " balances the charges.")
  OfFeed feed(@RequestBody JsonNode body) {
    FeedRequest.OfFeed asked = new FeedRequest().feed(body);
    Solution feed = asked.label().at(asked.gramsPerLitre());
    Map<String, Double> ppm = new LinkedHashMap<>();
    for (Element element : Element.values()) {
      if (feed.ppm().containsKey(element)) {
        ppm.put(element.symbol(), feed.of(element));
      }
    }
    return new OfFeed(ppm, feed.ecMsCm());
  }

  @PostMapping(path = "/water", consumes = "application/json")
  @Operation(
      summary = "A hardness in all units; or how waters are blended to a conductivity",
      description = "Units: dH, fH, e, grains (of a US gallon), ppm (as CaCO₃).")
  OfWater water(@RequestBody JsonNode body) {
    FeedRequest.OfWater asked = new FeedRequest().water(body);
    if (asked.ppm() != null) {
      double ppm = asked.ppm();
      return new OfWater(
          ppm,
          Hardness.DH.from(ppm),
          Hardness.FH.from(ppm),
          Hardness.E.from(ppm),
          Hardness.GRAINS.from(ppm),
          null,
          null);
    }
    Blend blend = Blend.to(asked.waters(), asked.targetUsCm(), null);
    return new OfWater(null, null, null, null, null, blend.parts(), blend.ecUsCm());
  }
}
