package org.mildlantern.app.records;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.diagnosis.Doubt;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.knowledge.ContextField;

/**
 * What a plant's records say, and from where.
 *
 * @param sources by field, the entry or page that says so
 * @param shedding what the plant may lose now without alarm
 */
public record PlantRecords(
    Circumstances circumstances, Map<String, String> sources, Shedding shedding) {

  static PlantRecords of(Records records, Shedding shedding) {
    return new PlantRecords(
        new Circumstances(
            records.numbers,
            records.choices,
            records.neighbourCauses,
            new Doubt(records.spreads, records.chances)),
        Map.copyOf(records.sources),
        shedding);
  }

  /** The same where the keeper tells more, or otherwise; each with where it comes from. */
  public PlantRecords telling(Circumstances told, Map<String, String> from) {
    Map<String, String> all = new HashMap<>(sources);
    all.putAll(from);
    return new PlantRecords(circumstances.telling(told), Map.copyOf(all), shedding);
  }

  /** Where a field comes from; a derived one from the fields it is worked out from. */
  public String sourceOf(ContextField field) {
    if (!field.derived()) {
      return sources.getOrDefault(field.id(), "");
    }
    return field.from().stream()
        .map(sources::get)
        .filter(Objects::nonNull)
        .distinct()
        .collect(Collectors.joining("; "));
  }
}
