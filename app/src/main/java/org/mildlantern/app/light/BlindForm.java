package org.mildlantern.app.light;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.light.Blind;
import org.mildlantern.core.words.Units;

/**
 * What is said of a curtain, a blind or a shade cloth.
 *
 * @param passes share of light that it lets through, %, or null for all
 * @param from hour by the sun at which it is drawn, or null for all day
 * @param to hour by the sun at which it is opened
 */
@Embeddable
record BlindForm(
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double passes,
    @Column(name = "drawn_from")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "An hour of 0 to 24.")
        @DecimalMax(value = "24", message = "An hour of 0 to 24.")
        Double from,
    @Column(name = "drawn_to")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "An hour of 0 to 24.")
        @DecimalMax(value = "24", message = "An hour of 0 to 24.")
        Double to) {
  static final BlindForm NONE = new BlindForm(null, null, null);

  static BlindForm or(BlindForm known) {
    return known == null ? NONE : known;
  }

  /** A part that is missing or does not go with the others; null when it is whole. */
  String missing() {
    if (passes == null && (from != null || to != null)) {
      return "blind-passes";
    }
    if (from == null != (to == null)) {
      return from == null ? "blind-from" : "blind-to";
    }
    return from != null && from.equals(to) ? "blind-to" : null;
  }

  /** Share of light that comes past it all day, 0 to 1. */
  double share() {
    return passes == null ? 1 : passes / 100;
  }

  Blind blind() {
    return from == null ? Blind.always(share()) : new Blind(share(), from, to);
  }
}
