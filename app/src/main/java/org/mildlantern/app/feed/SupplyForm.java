package org.mildlantern.app.feed;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.feed.Hardness;
import org.mildlantern.core.words.Units;

/**
 * What is said of a roof and of a cartridge; each may be left out.
 *
 * @param roof m²
 * @param rain mm in the month; null for what is usual at the latitude
 * @param promised litres that the label of the cartridge promises
 * @param at hardness for which it does
 * @param water id of the water that it gets
 */
record SupplyForm(
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0.1", message = "Between 0.1 and 10,000 m².")
        @DecimalMax(value = "10000", message = "Between 0.1 and 10,000 m².")
        Double roof,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 2,000 mm.")
        @DecimalMax(value = "2000", message = "Between 0 and 2,000 mm.")
        Double rain,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "1", message = "Between 1 and 1,000,000 l.")
        @DecimalMax(value = "1000000", message = "Between 1 and 1,000,000 l.")
        Double promised,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0.1", message = "Above 0.")
        @DecimalMax(value = "2000", message = "At most 2,000.")
        Double at,
    Hardness atIn,
    Long water) {
  static final SupplyForm EMPTY = new SupplyForm(null, null, null, null, null, null);
}
