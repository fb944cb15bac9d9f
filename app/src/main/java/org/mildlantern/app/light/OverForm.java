package org.mildlantern.app.light;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.light.Opening;
import org.mildlantern.core.words.Units;

/**
 * What stands out round a window: a balcony or roof over it, the wall beside it. Lengths in cm.
 *
 * @param out how far it stands out, or null for none
 * @param reveal how deep the pane sits in its wall, or null for as usual
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
        Double above,
    @Column(name = "reveal")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 200 cm.")
        @DecimalMax(value = "200", message = "Between 0 and 200 cm.")
        Double reveal) {
  static final OverForm NONE = new OverForm(null, null, null);

  /** A window sits so deep in a usual wall, cm. Rule of thumb. */
  private static final double USUAL_REVEAL = 12;

  static OverForm or(OverForm known) {
    return known == null ? NONE : known;
  }

  /** How deep the pane sits in its wall, metres. */
  double revealed() {
    return (reveal == null ? USUAL_REVEAL : reveal) / 100;
  }

  Opening.Over over() {
    return out == null || out == 0
        ? Opening.Over.NONE
        : new Opening.Over(out / 100, above == null ? 0 : above / 100);
  }
}
