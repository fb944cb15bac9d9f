package org.mildlantern.core.knowledge;

import java.util.List;

/**
 * Something that the plant's records can say.
 *
 * @param unit "d", "°C", "%", "1" … or null for a choice
 * @param min least allowed number, or null
 * @param max greatest allowed number, or null
 * @param values the choices, or empty for a number
 * @param valuesFrom "causes" when the choices are the ids of causes, else null
 * @param list whether several values may stand together
 * @param derived whether it is worked out and never given
 * @param said whether no record tells it, only its keeper
 * @param from the given fields that a derived one is worked out from
 */
public record ContextField(
    String id,
    String label,
    String unit,
    Double min,
    Double max,
    List<String> values,
    String valuesFrom,
    boolean list,
    boolean derived,
    boolean said,
    List<String> from) {

  public ContextField {
    values = values == null ? List.of() : values;
    from = from == null ? List.of() : from;
  }

  public boolean numeric() {
    return values.isEmpty() && valuesFrom == null;
  }
}
