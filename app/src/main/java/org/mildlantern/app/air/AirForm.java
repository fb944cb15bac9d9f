package org.mildlantern.app.air;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.words.Units;

/**
 * What is said of the air of a place.
 *
 * @param volume of the room or the case, m³
 * @param glass through which a case gives off warmth, m², or null where that is not known
 * @param watts of the lamps in a case whose warmth stays in it, or null for none
 */
record AirForm(
    @InUnits(Units.Measure.PLAIN)
        @NotNull(message = "How large is it?")
        @DecimalMin(value = "0.01", message = "Between 0.01 and 10000 m³.")
        @DecimalMax(value = "10000", message = "Between 0.01 and 10000 m³.")
        Double volume,
    @NotNull(message = "Pick how it is aired.") Airing airing,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0.01", message = "Between 0.01 and 500 m².")
        @DecimalMax(value = "500", message = "Between 0.01 and 500 m².")
        Double glass,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 5000 W.")
        @DecimalMax(value = "5000", message = "Between 0 and 5000 W.")
        Double watts) {
  static final AirForm EMPTY = new AirForm(null, null, null, null);
}
