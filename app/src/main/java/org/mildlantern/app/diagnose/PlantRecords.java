package org.mildlantern.app.diagnose;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.knowledge.ContextField;

/**
 * What a plant's records say, and from where.
 *
 * @param sources by field, the entry or page that says so
 * @param shedding what the plant may lose now without alarm
 */
record PlantRecords(Circumstances circumstances, Map<String, String> sources, Shedding shedding) {

  /** Where a field comes from; a derived one from the fields it is worked out from. */
  String sourceOf(ContextField field) {
    if (!field.derived()) {
      return sources.getOrDefault(field.id(), "");
    }
    List<String> from = field.from().stream().map(sources::get).distinct().toList();
    return from.isEmpty() || from.contains(null) ? "" : String.join("; ", from);
  }

  /** Collects fields with their sources. */
  static final class Builder {
    private final Map<String, Double> numbers = new LinkedHashMap<>();
    private final Map<String, String> choices = new LinkedHashMap<>();
    private final Map<String, String> sources = new LinkedHashMap<>();

    Builder number(String field, Double value, String source) {
      if (value != null) {
        numbers.put(field, value);
        sources.put(field, source);
      }
      return this;
    }

    Builder choice(String field, String value, String source) {
      if (value != null) {
        choices.put(field, value);
        sources.put(field, source);
      }
      return this;
    }

    Builder yesNo(String field, boolean yes, String source) {
      return choice(field, yes ? "yes" : "no", source);
    }

    PlantRecords build(Set<String> neighbourCauses, Shedding shedding) {
      sources.put(
          "neighbour-causes", "open cases in its place, or on plants that lately stood with it");
      return new PlantRecords(
          new Circumstances(numbers, choices, neighbourCauses), sources, shedding);
    }
  }
}
