package org.mildlantern.core.knowledge;

import java.math.BigDecimal;
import java.math.RoundingMode;
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

  /** Whether it is one of some words of its own. */
  public boolean isChosen() {
    return !values.isEmpty();
  }

  /**
   * A figure of it in words, {@code 3 days} or {@code 14 °C}: one digit after the point at most,
   * and none from a hundred on.
   */
  public String figure(BigDecimal number) {
    int digits = number.abs().compareTo(BigDecimal.valueOf(100)) < 0 ? 1 : 0;
    BigDecimal rounded = number.setScale(digits, RoundingMode.HALF_UP).stripTrailingZeros();
    String figure = rounded.toPlainString().replace('-', '−');
    boolean one = rounded.abs().compareTo(BigDecimal.ONE) == 0;
    return switch (unit == null ? "1" : unit) {
      case "1" -> figure;
      case "d" -> figure + (one ? " day" : " days");
      case "months", "points", "steps" ->
          figure + " " + (one ? unit.substring(0, unit.length() - 1) : unit);
      case "K" -> figure + (one ? " degree C" : " degrees C");
      default -> figure + " " + unit;
    };
  }
}
