package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.feed.Blend;
import org.mildlantern.core.feed.Element;
import org.mildlantern.core.feed.Hardness;
import org.mildlantern.core.feed.Label;

/** Reads what is asked of feed and water. */
final class FeedRequest extends JsonFields {
  private static final int MOST_WATERS = 12;
  private static final Map<String, Hardness> UNITS =
      Map.of(
          "dH", Hardness.DH,
          "fH", Hardness.FH,
          "e", Hardness.E,
          "grains", Hardness.GRAINS,
          "ppm", Hardness.PPM,
          "ppmCaCO3", Hardness.PPM);

  /** A label and its dose. */
  record OfFeed(Label label, double gramsPerLitre) {}

  /**
   * What is asked of water.
   *
   * @param ppm hardness as CaCO₃, or null when waters are to be blended
   */
  record OfWater(Double ppm, List<Blend.Of> waters, double targetUsCm) {}

  OfFeed feed(JsonNode body) {
    requireObject(body);
    unknownFields(body, "$", Set.of("label", "gramsPerLitre"));
    double grams = needed(body, "gramsPerLitre", "$", 0, 1000);
    JsonNode label = body.get("label");
    if (label == null || !label.isObject()) {
      fault("$.label", "an object is expected");
      throwFaults();
    }
    unknownFields(label, "$.label", Set.of("n", "p2o5", "p", "k2o", "k", "ca", "mg"));
    double n = needed(label, "n", "$.label", 0, 100);
    double p = either(label, Element.P, "p2o5", "p");
    double k = either(label, Element.K, "k2o", "k");
    double printed =
        n
            + Stream.of("p2o5", "p", "k2o", "k")
                .mapToDouble(name -> label.path(name).asDouble(0))
                .sum();
    if (isSound() && printed > 100) {
      fault("$.label", "adds up to more than 100 %");
    }
    Label made = isSound() ? made("$.label", () -> Label.elements(n, p, k)) : null;
    made = with(made, Element.CA, label);
    made = with(made, Element.MG, label);
    throwFaults();
    return new OfFeed(made, grams);
  }

  /** One of two conventions, and not both. */
  private double either(JsonNode label, Element element, String oxide, String plain) {
    if (label.hasNonNull(oxide) == label.hasNonNull(plain)) {
      fault(
          "$.label." + oxide,
          "either " + oxide + " as oxide or " + plain + " as element is needed, and not both");
      return 0;
    }
    return label.hasNonNull(oxide)
        ? element.ofOxide(needed(label, oxide, "$.label", 0, 100))
        : needed(label, plain, "$.label", 0, 100);
  }

  private Label with(Label label, Element element, JsonNode node) {
    String name = element.symbol().toLowerCase(Locale.ROOT);
    if (!node.hasNonNull(name)) {
      return label;
    }
    double share = needed(node, name, "$.label", 0, 100);
    return label == null || !isSound()
        ? label
        : made("$.label." + name, () -> label.with(element, share));
  }

  OfWater water(JsonNode body) {
    requireObject(body);
    boolean blend = body.has("waters") || body.has("target");
    unknownFields(body, "$", blend ? Set.of("waters", "target") : Set.of("hardness", "unit"));
    return blend ? blend(body) : hardness(body);
  }

  private OfWater hardness(JsonNode body) {
    double hardness = needed(body, "hardness", "$", 0, 10_000);
    String unit = text(body.get("unit"), "$.unit").orElse("");
    if (unit.isEmpty()) {
      fault("$.unit", "is needed");
    } else if (!UNITS.containsKey(unit)) {
      unknown("$.unit", unit, UNITS.keySet());
    }
    throwFaults();
    return new OfWater(UNITS.get(unit).ppm(hardness), List.of(), 0);
  }

  private OfWater blend(JsonNode body) {
    List<JsonNode> given = list(body.get("waters"), "$.waters", MOST_WATERS);
    if (given.isEmpty() && isSound()) {
      fault("$.waters", "one water at least is needed");
    }
    List<Blend.Of> waters = new ArrayList<>();
    Set<String> names = new HashSet<>();
    for (int i = 0; i < given.size(); i++) {
      String path = "$.waters[" + i + "]";
      JsonNode node = given.get(i);
      if (!node.isObject()) {
        fault(path, "an object is expected");
        continue;
      }
      unknownFields(node, path, Set.of("name", "ecUsCm", "alkalinityPpm"));
      String name = text(node.get("name"), path + ".name").orElse("");
      if (name.isBlank()) {
        fault(path + ".name", "is needed");
      } else if (!names.add(name)) {
        fault(path + ".name", "is the name of another water too");
      }
      double ec = needed(node, "ecUsCm", path, 0, 100_000);
      double alkalinity =
          number(node.get("alkalinityPpm"), path + ".alkalinityPpm", 0.0, 10_000.0).orElse(0.0);
      waters.add(new Blend.Of(name, ec, alkalinity, 0));
    }
    JsonNode target = body.get("target");
    double wished = 0;
    if (target == null || !target.isObject()) {
      fault("$.target", "an object is expected");
    } else {
      unknownFields(target, "$.target", Set.of("ecUsCm"));
      wished = needed(target, "ecUsCm", "$.target", 0, 100_000);
    }
    throwFaults();
    return new OfWater(null, waters, wished);
  }
}
