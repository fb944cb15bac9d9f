package org.mildlantern.app.light;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.light.Opening;
import org.mildlantern.core.words.Units;

/**
 * A balcony or roof over a window. Lengths in cm.
 *
 * @param out how far it stands out, or null for none
 * @param above how far it is above the window’s upper edge, null for right above it
 */
@Embeddable
record OverForm(
    @Column(name = "over_out")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 1000 cm.")
        @DecimalMax(value = "1000", message = "Between 0 and 1000 cm.")
        Double out,
    @Column(name = "over_above")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 1000 cm.")
        @DecimalMax(value = "1000", message = "Between 0 and 1000 cm.")
        Double above) {
  static final OverForm NONE = new OverForm(null, null);

  static OverForm or(OverForm known) {
    return known == null ? NONE : known;
  }

  Opening.Over over() {
    return out == null || out == 0
        ? Opening.Over.NONE
        : new Opening.Over(out / 100, above == null ? 0 : above / 100);
  }
}
